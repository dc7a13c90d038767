import { eachObject, isObject, type RawRecord } from '../raw-record'

/** A rim that rose had no ridge. */
function boxFrom20(box: RawRecord): RawRecord {
  const { plan } = box
  if (!isObject(plan) || !isObject(plan.slope)) return box
  return { ...box, plan: { ...plan, slope: { ...plan.slope, ridge: false } } }
}
const thingFrom20 = (thing: RawRecord): RawRecord =>
  isObject(thing.box) ? { ...thing, box: boxFrom20(thing.box) } : thing

/** Tops of version 20 rose to one side. */
export const from20 = (job: RawRecord): RawRecord => ({
  ...thingFrom20(job),
  version: 21,
  also: eachObject(job.also, thingFrom20),
})

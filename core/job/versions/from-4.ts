import { eachObject, isObject, type RawRecord } from '../raw-record'

/** A top of version 4 could not slide. */
function boxFrom4(box: unknown): unknown {
  if (!isObject(box) || !isObject(box.lid)) return box
  return { ...box, lid: { depth: 1.5, play: 0.3, pull: 0, ...box.lid } }
}

/** A job of version 4. */
export const from4 = (job: RawRecord): RawRecord => ({
  ...job,
  version: 5,
  box: boxFrom4(job.box),
  also: eachObject(job.also, (thing) => ({ ...thing, box: boxFrom4(thing.box) })),
})

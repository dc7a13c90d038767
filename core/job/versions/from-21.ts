import { eachObject, isObject, type RawRecord } from '../raw-record'

/** Seams stood where they were worked out. */
const boxFrom21 = (box: RawRecord): RawRecord =>
  isObject(box.seams) ? { ...box, seams: { ...box.seams, at: {} } } : box
const thingFrom21 = (thing: RawRecord): RawRecord =>
  isObject(thing.box) ? { ...thing, box: boxFrom21(thing.box) } : thing

/** Seams of version 21 could not be placed by hand. */
export const from21 = (job: RawRecord): RawRecord => ({
  ...thingFrom21(job),
  version: 22,
  also: eachObject(job.also, thingFrom21),
})

import { eachObject, isObject, type RawRecord } from '../raw-record'

/** A seam was there or not: its fingers were straight, and all lay in one plane. */
const boxFrom18 = (box: RawRecord): RawRecord => ({
  plan: null,
  ...box,
  seams: typeof box.seams === 'boolean' ? { divides: box.seams, angle: 0, staggered: false } : box.seams,
})
const thingFrom18 = (thing: RawRecord): RawRecord =>
  isObject(thing.box) ? { ...thing, box: boxFrom18(thing.box) } : thing

/** What a cut took, and what one would do otherwise, was not written down. */
const cutFrom18 = (revision: RawRecord): RawRecord => ({
  ...revision,
  otherwise: { text: '', change: null },
  used: [],
})

/** Boxes of version 18 had four walls at right angles. */
export const from18 = (job: RawRecord): RawRecord => ({
  ...thingFrom18(job),
  version: 19,
  also: eachObject(job.also, thingFrom18),
  log: eachObject(job.log, cutFrom18),
})

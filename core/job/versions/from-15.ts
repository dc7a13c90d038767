import { eachObject, isObject, type RawRecord } from '../raw-record'

/** Wholes of version 15 sized their boxes always; sets had one division of all rows and no pulls. */
function wholeFrom15(whole: RawRecord): RawRecord {
  const own = { byHand: false, ...whole }
  if (whole.kind === 'set') return { own: [], pull: { kind: 'none', size: 20 }, ...own }
  return whole.kind === 'halves' ? { inside: 'walls', ...own } : own
}

/** Holes of one row had one size. */
const fittingFrom15 = (fitting: RawRecord): RawRecord =>
  fitting.type === 'holes' && Array.isArray(fitting.rows)
    ? { ...fitting, rows: fitting.rows.map((row: unknown) => (Array.isArray(row) ? row : [row])) }
    : fitting

/** Dividers of version 15 had the play of all slots, and none went into the floor. */
const boxFrom15 = (box: RawRecord): RawRecord => ({
  ...box,
  dividers: isObject(box.dividers) ? { play: 0, foot: false, ...box.dividers } : box.dividers,
  fittings: eachObject(box.fittings, fittingFrom15),
})
const thingFrom15 = (thing: RawRecord): RawRecord =>
  isObject(thing.box) ? { ...thing, box: boxFrom15(thing.box) } : thing

/** A job of version 15. */
export const from15 = (job: RawRecord): RawRecord => ({
  ...job,
  version: 16,
  box: isObject(job.box) ? boxFrom15(job.box) : job.box,
  also: eachObject(job.also, thingFrom15),
  whole: isObject(job.whole) ? wholeFrom15(job.whole) : job.whole,
})

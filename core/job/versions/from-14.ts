import { eachObject, isObject, type RawRecord } from '../raw-record'

/** Odds of going through were not widened in version 14. */
export const promiseFrom14 = (record: RawRecord): RawRecord => ({
  ...record,
  promised: isObject(record.promised) ? { throughScale: 1, ...record.promised } : record.promised,
})

/** Slots said nothing of the sheet in version 14: only how much thickness left open was kept. */
function cutFrom14(cut: unknown): unknown {
  if (!isObject(cut)) return cut
  const { thicknessSd, ...own } = promiseFrom14(cut)
  const { thickness, stockId } = own
  const isSlot = typeof thicknessSd === 'number' && thicknessSd > 0 && typeof thickness === 'number'
  return { slot: isSlot ? { stockId: stockId ?? null, thickness, sd: thicknessSd } : null, ...own }
}

const believing = (stock: RawRecord): RawRecord => ({
  ...stock,
  belief: isObject(stock.belief) ? { thickness: null, ...stock.belief } : stock.belief,
})

const KEPT = ['plate', 'lining', 'runners', 'holes', 'softened'] as const

/** What closed a box of version 14: one record held the settings of every kind of lid. */
function lidFrom14(lid: RawRecord): RawRecord {
  const { kind, lowered, depth, play, pull, grip, rails, captive, pin } = lid
  switch (kind) {
    case 'slide':
      return { type: 'lid-slide', lowered, depth, play, pull, grip, rails, captive }
    case 'lift':
      return { type: 'lid-lift', play }
    case 'hinge':
      return { type: 'lid-hinge', pin, play }
    case 'butt':
    case 'tenon':
      return { type: `top-${kind}`, lowered }
    default:
      return { type: `top-${String(kind)}` }
  }
}

/** What was a record of every fitting there is became a list of those that a box has. */
function boxFrom14(box: RawRecord): RawRecord {
  const { top, lid, fittings, ...own } = box
  if (!isObject(fittings) || !isObject(lid)) return box
  const { pull, ledge, rim, arch } = fittings
  const added = KEPT.flatMap((type) => {
    const one = fittings[type]
    return isObject(one) ? [{ type, ...one }] : []
  })
  return {
    ...own,
    fittings: [
      ...(top === true ? [lidFrom14(lid)] : []),
      ...added,
      ...(isObject(pull) && pull.kind !== 'none' ? [{ type: 'pull', ...pull }] : []),
      ...(isObject(ledge) ? [{ type: 'tray-ledge', ...ledge }] : []),
      // A lower front was left out of a closed box.
      ...(isObject(rim) && top !== true ? [{ type: 'rim', ...rim }] : []),
      ...(typeof arch === 'number' && arch > 0 ? [{ type: 'rim-arch', high: Math.max(0.01, arch) }] : []),
    ],
  }
}
const thingFrom14 = (thing: RawRecord): RawRecord =>
  isObject(thing.box) ? { ...thing, box: boxFrom14(thing.box) } : thing

/** A job of version 14. */
export const from14 = (job: RawRecord): RawRecord => ({
  ...job,
  version: 15,
  box: isObject(job.box) ? boxFrom14(job.box) : job.box,
  also: eachObject(job.also, thingFrom14),
  measure: isObject(job.measure)
    ? { ...believing(job.measure), more: eachObject(job.measure.more, believing) }
    : job.measure,
  // What was done to the machine was not in the job's file.
  tune: isObject(job.tune) ? { since: '', scale: 1, ...job.tune } : job.tune,
  log: eachObject(job.log, (revision) => ({ ...revision, cut: cutFrom14(revision.cut) })),
})

/** Words and plays of version 14 were all taken to be of tabs. */
export const slotFrom14 = (record: RawRecord): RawRecord => ({ slot: null, ...record })

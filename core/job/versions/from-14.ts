import { eachObject, isObject, type Loose } from '../loose'

/** Odds of going through were not widened in version 14. */
export const promiseFrom14 = (record: Loose): Loose => ({
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

const believing = (stock: Loose): Loose => ({
  ...stock,
  belief: isObject(stock.belief) ? { thickness: null, ...stock.belief } : stock.belief,
})

/** A job of version 14. */
export const from14 = (job: Loose): Loose => ({
  ...job,
  version: 15,
  measure: isObject(job.measure)
    ? { ...believing(job.measure), more: eachObject(job.measure.more, believing) }
    : job.measure,
  // What was done to the machine was not in the job's file.
  tune: isObject(job.tune) ? { since: '', scale: 1, ...job.tune } : job.tune,
  log: eachObject(job.log, (revision) => ({ ...revision, cut: cutFrom14(revision.cut) })),
})

/** Words and plays of version 14 were all taken to be of tabs. */
export const slotFrom14 = (record: Loose): Loose => ({ slot: null, ...record })

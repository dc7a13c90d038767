import { eachObject, isObject, type RawRecord } from '../raw-record'

/** What was promised was not kept in version 13, nor how wide the kerf was said to be. */
const cutFrom13 = (cut: unknown): unknown =>
  isObject(cut) ? { kerf: null, promised: null, thicknessSd: 0, ...cut } : cut

/** A play of version 13: of no joint that anybody named. */
const playFrom13 = (read: unknown): RawRecord => ({
  what: 'play',
  of: '',
  told: 0,
  read,
  by: 'calipers',
  at: null,
})

/** Beliefs of version 13 were neither widened nor narrowed. */
const believing = (stock: RawRecord): RawRecord => ({
  ...stock,
  belief: isObject(stock.belief) ? { scale: 1, ...stock.belief } : stock.belief,
})

/** A job of version 13. */
export const from13 = (job: RawRecord): RawRecord => ({
  ...job,
  version: 14,
  measure: isObject(job.measure)
    ? { bed: null, ...believing(job.measure), more: eachObject(job.measure.more, believing) }
    : job.measure,
  log: eachObject(job.log, ({ plays, ...revision }) => ({
    stuck: [],
    passed: null,
    measured: Array.isArray(plays) ? plays.map(playFrom13) : plays,
    ...revision,
    cut: cutFrom13(revision.cut),
  })),
})

/** Places were not kept in version 13. */
export const checkFrom13 = (check: RawRecord): RawRecord => ({
  at: Array.isArray(check.off) ? check.off.map(() => null) : [],
  ...check,
})

import { eachObject, isObject, type RawRecord } from '../raw-record'

/** Half of a kerf's interval where nobody said, and deviations in half an interval of 95 %. */
const [UNSAID, HALF] = [0.02, 1.96]

/** A snug of version 12, and how much of it rested on the kerf in hand, as one case of a belief. */
function beliefFrom12(taste: unknown, kerf: unknown): RawRecord | null {
  if (!isObject(taste)) return null
  const record = isObject(kerf) ? kerf : null
  const sd = Number(record?.doubt ?? UNSAID) / HALF
  const shares = (Array.isArray(taste.kerfs) ? taste.kerfs : []).filter(isObject)
  const own = shares.find(({ id }) => record !== null && id === record.id)
  const tasteVariance = shares.reduce(
    (sum, each) => sum + (Number(each.share) * Number(each.sd)) ** 2,
    Number(taste.own) ** 2,
  )
  const one = {
    weight: 1,
    kerf: 0,
    taste: taste.offset,
    kerfVariance: sd ** 2,
    tasteVariance,
    together: own ? -Number(own.share) * sd ** 2 : 0,
    apart: 0,
  }
  return { kerfId: record?.id ?? null, count: taste.count, cases: [one] }
}

const believing = ({ taste, ...stock }: RawRecord): RawRecord => ({
  belief: beliefFrom12(taste, stock.kerf),
  ...stock,
})

/** What a cut of version 12 was cut with was not kept. */
const cutFrom12 = (cut: unknown): unknown =>
  isObject(cut) ? { machineId: null, stockId: null, setting: null, thickness: null, ...cut } : cut

/** A job of version 12. */
export const from12 = (job: RawRecord): RawRecord => ({
  ...job,
  version: 13,
  measure: isObject(job.measure)
    ? { ...believing(job.measure), more: eachObject(job.measure.more, believing) }
    : job.measure,
  cut: isObject(job.cut) ? { mark: false, ...job.cut } : job.cut,
  log: eachObject(job.log, (revision) => ({
    through: null,
    plays: [],
    ...revision,
    planned: isObject(revision.planned) ? runFrom12(revision.planned) : revision.planned,
    cut: cutFrom12(revision.cut),
  })),
})

/** Programs were not counted in version 12. */
export const runFrom12 = (run: RawRecord): RawRecord => ({ programs: 1, ...run })

/** Words of verdicts were not kept in version 12. */
export const tasteFrom12 = (record: RawRecord): RawRecord => ({ word: null, ...record })

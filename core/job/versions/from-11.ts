import { isSameRecord } from '../../limits'
import { eachObject, isObject, type RawRecord } from '../raw-record'

/** Things of version 11 were placed by their middles. */
const placedFrom11 = (placed: RawRecord): RawRecord => ({ point: 'centre', ...placed })

const boxFrom11 = (box: unknown): unknown =>
  isObject(box)
    ? {
        ...box,
        openings: eachObject(box.openings, placedFrom11),
        engravings: eachObject(box.engravings, (each) => placedFrom11({ over: false, ...each })),
      }
    : box

/** Labels of version 11 were on the face that lay up; files had no marks. */
const cutFrom11 = (cut: unknown): unknown =>
  isObject(cut)
    ? {
        formats: ['svg'],
        ...cut,
        labels: typeof cut.labels === 'boolean' ? (cut.labels ? 'up' : 'none') : cut.labels,
        written: isObject(cut.written) ? { mark: '', ...cut.written } : cut.written,
      }
    : cut

/** What every job began with in version 11, whatever its machine. */
const BEGUN: Record<string, RawRecord> = {
  score: { speed: 150, power: 12, passes: 1, air: false },
  pocket: { speed: 300, power: 40, passes: 1, air: false },
  engrave: { speed: 300, power: 25, passes: 1, air: false },
}

/** What nobody touched is no setting of the maker's: it comes from the machine now. */
function tuneFrom11(tune: unknown): unknown {
  if (!isObject(tune)) return tune
  const untouched = Object.keys(BEGUN).filter((mark) => isSameRecord(tune[mark], BEGUN[mark]))
  return { ...tune, ...Object.fromEntries(untouched.map((mark) => [mark, null])) }
}

/** A job of version 11. */
export const from11 = (job: RawRecord): RawRecord => ({
  ...job,
  version: 12,
  measure: isObject(job.measure) ? { sure: [], ...job.measure } : job.measure,
  cut: cutFrom11(job.cut),
  tune: tuneFrom11(job.tune),
  log: eachObject(job.log, (revision) => ({ mark: null, ...revision })),
  box: boxFrom11(job.box),
  also: eachObject(job.also, (thing) => ({ ...thing, box: boxFrom11(thing.box) })),
})

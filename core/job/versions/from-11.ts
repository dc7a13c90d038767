import { eachObject, isObject, type Loose } from '../loose'

/** Things of version 11 were placed by their middles. */
const placedFrom11 = (placed: Loose): Loose => ({ point: 'centre', ...placed })

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

/** A job of version 11. */
export const from11 = (job: Loose): Loose => ({
  ...job,
  version: 12,
  measure: isObject(job.measure) ? { sure: [], ...job.measure } : job.measure,
  cut: cutFrom11(job.cut),
  log: eachObject(job.log, (revision) => ({ mark: null, ...revision })),
  box: boxFrom11(job.box),
  also: eachObject(job.also, (thing) => ({ ...thing, box: boxFrom11(thing.box) })),
})

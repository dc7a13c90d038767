import { eachObject, isObject, type RawRecord } from '../raw-record'

/** Bends of version 7 had no latch, and nobody said how their slits lay to the grain. */
const boxFrom7 = (box: unknown): unknown =>
  isObject(box) && isObject(box.bends)
    ? {
        ...box,
        bends: { grain: 'any', latch: false, ...box.bends },
        fittings: isObject(box.fittings) ? { rim: null, ...box.fittings } : box.fittings,
      }
    : box

export const stockFrom7 = (stock: unknown): unknown =>
  isObject(stock)
    ? { ...stock, bends: eachObject(stock.bends, (test) => ({ grain: 'any', ...test })) }
    : stock

const measureFrom7 = (measure: unknown): unknown =>
  isObject(measure)
    ? {
        ...measure,
        stock: stockFrom7(measure.stock),
        more: eachObject(measure.more, (each) => ({ ...each, stock: stockFrom7(each.stock) })),
      }
    : measure

/** A job of version 7. */
export const from7 = (job: RawRecord): RawRecord => ({
  ...job,
  version: 8,
  batch: [],
  measure: measureFrom7(job.measure),
  cut: isObject(job.cut) ? { files: 'sheet', frame: false, look: false, ...job.cut } : job.cut,
  tune: isObject(job.tune) ? { sheet: null, ...job.tune } : job.tune,
  // Nobody wrote down what was planned of their time.
  log: eachObject(job.log, (revision) => ({ planned: null, ...revision })),
  box: boxFrom7(job.box),
  also: eachObject(job.also, (thing) => ({ ...thing, box: boxFrom7(thing.box) })),
})

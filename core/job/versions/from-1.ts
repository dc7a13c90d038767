import { eachObject, isObject, listOf, type RawRecord } from '../raw-record'

/** A stock of version 1 had plain numbers as readings. @param on the date that they get */
export function stockFrom1(stock: RawRecord, on: string): RawRecord {
  const readings = listOf(stock.readings).map((value) => ({ value, spot: '', on }))
  return { ...stock, batch: '', readings, offcuts: [], grain: 'none', notes: '' }
}

/** A kerf of version 1 had no history. @param on the date that it gets */
export const kerfFrom1 = (kerf: RawRecord, on: string): RawRecord => ({
  ...kerf,
  kx: null,
  ky: null,
  method: 'typed',
  setting: '',
  on,
})

/** Version 1 took grain to run along the sheet's width; a stock says it itself now. */
function withGrain(stock: unknown, layout: unknown): unknown {
  const settings = isObject(layout) && isObject(layout.settings) ? layout.settings : {}
  const grainy = settings.grain === 'along' || settings.grain === 'across'
  return isObject(stock) && grainy ? { ...stock, grain: 'width' } : stock
}

/** A job of version 1. */
export function from1(job: RawRecord): RawRecord {
  const measure = isObject(job.measure) ? job.measure : {}
  const on = typeof job.changed === 'string' ? job.changed : ''
  const stock = isObject(measure.stock) ? stockFrom1(measure.stock, on) : measure.stock
  const kerf = isObject(measure.kerf) ? kerfFrom1(measure.kerf, on) : measure.kerf
  return {
    ...job,
    version: 2,
    measure: { ...measure, stock: withGrain(stock, job.layout), kerf, taste: null, trials: [] },
    log: eachObject(job.log, (revision) => ({ ...revision, cut: null })),
  }
}

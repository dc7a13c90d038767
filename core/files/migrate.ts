type Loose = Record<string, unknown>

const isObject = (value: unknown): value is Loose =>
  typeof value === 'object' && value !== null && !Array.isArray(value)

/** A stock of version 1 had plain numbers as readings. @param on the date that they get */
export function stockFromVersion1(stock: unknown, on: string): unknown {
  if (!isObject(stock)) return stock
  const readings = Array.isArray(stock.readings)
    ? stock.readings.map((value: unknown) => ({ value, spot: '', on }))
    : []
  return { ...stock, batch: '', readings, offcuts: [], grain: 'none', notes: '' }
}

/** A kerf of version 1 had no history. @param on the date that it gets */
export const kerfFromVersion1 = (kerf: unknown, on: string): unknown =>
  isObject(kerf) ? { ...kerf, kx: null, ky: null, method: 'typed', setting: '', on } : kerf

/** Version 1 took grain to run along the sheet's width; a stock says it itself now. */
function withGrain(stock: unknown, layout: unknown): unknown {
  const settings = isObject(layout) && isObject(layout.settings) ? layout.settings : {}
  return isObject(stock) && (settings.grain === 'along' || settings.grain === 'across')
    ? { ...stock, grain: 'width' }
    : stock
}

function fromVersion1(job: Loose): Loose {
  const measure = isObject(job.measure) ? job.measure : {}
  const date = typeof job.changed === 'string' ? job.changed : ''
  return {
    ...job,
    version: 2,
    measure: {
      ...measure,
      stock: withGrain(stockFromVersion1(measure.stock, date), job.layout),
      kerf: kerfFromVersion1(measure.kerf, date),
      taste: null,
      trials: [],
    },
    log: Array.isArray(job.log)
      ? job.log.map((revision: unknown) => (isObject(revision) ? { ...revision, cut: null } : revision))
      : job.log,
  }
}

/** One step per version; what is no job comes out as it went in, and the schema refuses it. */
const STEPS: Record<number, (job: Loose) => Loose> = { 1: fromVersion1 }

/** Brings an older job up to the present version. */
export function migrate(raw: Loose, from: number, to: number): Loose {
  let job = raw
  for (let version = from; version < to; version++) job = STEPS[version]?.(job) ?? job
  return job
}

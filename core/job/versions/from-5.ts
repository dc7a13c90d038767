import { eachObject, isObject, type RawRecord } from '../raw-record'

/** A stock of version 5 had no bends tried in it. */
export const stockFrom5 = (stock: RawRecord): RawRecord => ({ ...stock, bends: [] })

const withBends = (measured: unknown): unknown =>
  isObject(measured) && isObject(measured.stock)
    ? { ...measured, stock: stockFrom5(measured.stock) }
    : measured

function measureFrom5(measure: unknown): unknown {
  const own = withBends(measure)
  return isObject(own) ? { ...own, more: eachObject(own.more, withBends) } : own
}

const BENDS_OF_6 = { kind: 'none', radius: 15, link: 1, slit: 24, bridge: 3 }

const FITTINGS_OF_6 = {
  plate: null,
  pull: { kind: 'none', size: 16 },
  lining: null,
  ledge: null,
  runners: null,
  holes: null,
  arch: 0,
}

/** A box of version 5 stood upright, and nothing was added to its walls. */
const boxFrom5 = (box: unknown): unknown =>
  isObject(box) && isObject(box.lid)
    ? {
        ...box,
        lid: { pin: 3, rails: false, grip: 'hole', ...box.lid },
        lies: 'upright',
        fittings: FITTINGS_OF_6,
        bends: BENDS_OF_6,
        openings: [],
      }
    : box

/** A job of version 5. */
export const from5 = (job: RawRecord): RawRecord => ({
  ...job,
  version: 6,
  measure: measureFrom5(job.measure),
  box: boxFrom5(job.box),
  also: eachObject(job.also, (thing) => ({ ...thing, box: boxFrom5(thing.box) })),
  whole: null,
  build: isObject(job.build) ? { ...job.build, school: 'floor first' } : job.build,
})

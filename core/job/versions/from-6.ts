import { eachObject, isObject, type RawRecord } from '../raw-record'

/** Nothing was engraved on the faces of a box of version 6. */
const boxFrom6 = (box: unknown): unknown =>
  isObject(box)
    ? {
        ...box,
        lid: isObject(box.lid) ? { captive: false, ...box.lid } : box.lid,
        engravings: [],
        drawings: [],
      }
    : box

const CODE_OF_7 = { scale: 1000, dynamic: true, airOn: 'M8', airOff: 'M9', header: '', footer: '' }

export const machineFrom6 = (machine: unknown): unknown =>
  isObject(machine) && isObject(machine.colours)
    ? { code: CODE_OF_7, ...machine, colours: { engrave: '#2f4a6b', ...machine.colours } }
    : machine

/** Offcuts of version 6 had no name. */
export const stockFrom6 = (stock: unknown): unknown =>
  isObject(stock)
    ? {
        ...stock,
        pockets: [],
        offcuts: eachObject(stock.offcuts, (offcut, i) => ({
          id: `offcut-${String(i + 1)}`,
          name: '',
          outline: null,
          price: null,
          since: '',
          ...offcut,
        })),
      }
    : stock

const measureFrom6 = (measure: unknown): unknown =>
  isObject(measure)
    ? {
        ...measure,
        machine: machineFrom6(measure.machine),
        stock: stockFrom6(measure.stock),
        more: eachObject(measure.more, (each) => ({ ...each, stock: stockFrom6(each.stock) })),
      }
    : measure

/** Layouts of version 6 were made on whole sheets, and stay as they are. */
const layoutFrom6 = (layout: unknown): unknown =>
  isObject(layout)
    ? {
        ...layout,
        settings: isObject(layout.settings)
          ? { ...layout.settings, first: 'whole sheets', kept: [], nameRest: false }
          : layout.settings,
        arrangement: isObject(layout.arrangement)
          ? { ...layout.arrangement, offcuts: [] }
          : layout.arrangement,
      }
    : layout

/** A job of version 6. */
export const from6 = (job: RawRecord): RawRecord => ({
  ...job,
  version: 7,
  measure: measureFrom6(job.measure),
  layout: layoutFrom6(job.layout),
  cut: isObject(job.cut)
    ? { ...job.cut, start: 'corner', bridges: { count: 0, width: 0.6, below: 60 } }
    : job.cut,
  // What those used was taken off by hand, if at all.
  log: eachObject(job.log, (revision) => ({ ...revision, unbooked: null })),
  box: boxFrom6(job.box),
  also: eachObject(job.also, (thing) => ({ ...thing, box: boxFrom6(thing.box) })),
  tune: isObject(job.tune)
    ? { ...job.tune, engrave: { speed: 300, power: 25, passes: 1, air: false }, interval: 0.1, sure: 95 }
    : job.tune,
})

import { from7, stockFrom7 } from './migrate-7'
import { from8, testFrom8 } from './migrate-8'
import { from9 } from './migrate-9'
import { eachObject, isObject, listOf, type Loose } from './loose'
import { JOB_VERSION } from './schema'

/** Shelves of the bench whose records changed from version to version. */
export type RecordKind = 'machines' | 'stocks' | 'kerfs' | 'tests' | 'tastes' | 'events' | 'runs'

/** A stock of version 1 had plain numbers as readings. @param on the date that they get */
function stockFrom1(stock: Loose, on: string): Loose {
  const readings = listOf(stock.readings).map((value) => ({ value, spot: '', on }))
  return { ...stock, batch: '', readings, offcuts: [], grain: 'none', notes: '' }
}

/** A kerf of version 1 had no history. @param on the date that it gets */
const kerfFrom1 = (kerf: Loose, on: string): Loose => ({
  ...kerf,
  kx: null,
  ky: null,
  method: 'typed',
  setting: '',
  on,
})

/** A machine of version 2 did not say where its origin is: most have it at the front left. [CP] */
const machineFrom2 = (machine: Loose): Loose => ({ ...machine, origin: 'front left' })

/** A taste of version 2 did not say what of its doubt was the kerf's. */
const tasteFrom2 = (taste: Loose): Loose => ({ ...taste, own: taste.doubt, kerfId: null, best: null })

/** A record of the bench, brought up to the present version. @param from the version it was written by */
export function migrateRecord(kind: RecordKind, record: unknown, from: number, on: string): unknown {
  if (!isObject(record)) return record
  let now = record
  if (from < 2 && kind === 'stocks') now = stockFrom1(now, on)
  if (from < 2 && kind === 'kerfs') now = kerfFrom1(now, on)
  if (from < 3 && kind === 'machines') now = machineFrom2(now)
  if (from < 3 && kind === 'tastes') now = tasteFrom2(now)
  if (from < 4 && kind === 'machines') now = machineFrom3(now)
  if (from < 6 && kind === 'stocks') now = stockFrom5(now)
  if (from < 7 && kind === 'machines') now = machineFrom6(now) as Loose
  if (from < 7 && kind === 'stocks') now = stockFrom6(now) as Loose
  if (from < 8 && kind === 'stocks') now = stockFrom7(now) as Loose
  if (from < 9 && kind === 'tests') now = testFrom8(now)
  return now
}

/** Version 1 took grain to run along the sheet's width; a stock says it itself now. */
function withGrain(stock: unknown, layout: unknown): unknown {
  const settings = isObject(layout) && isObject(layout.settings) ? layout.settings : {}
  const grainy = settings.grain === 'along' || settings.grain === 'across'
  return isObject(stock) && grainy ? { ...stock, grain: 'width' } : stock
}

function from1(job: Loose): Loose {
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

/** One rule for all edges became one for each group; a count of shares was one for each group already. */
function tabsFrom2(tabs: unknown): unknown {
  if (!isObject(tabs)) return tabs
  const counts = isObject(tabs.counts) ? tabs.counts : {}
  const rule = (group: string): Loose =>
    tabs.rule === 'count' ? { rule: 'shares', count: counts[group] } : { rule: tabs.rule, width: tabs.width }
  return { uprights: rule('uprights'), floor: rule('floor'), top: rule('top'), over: 'between' }
}

/** A single copy's parts had no number; they keep their place when a second one is made. */
const numbered = (part: unknown): unknown =>
  typeof part === 'string' && !/-\d+$/.test(part) ? `${part}-1` : part

function arrangementFrom2(arrangement: unknown): unknown {
  if (!isObject(arrangement)) return arrangement
  const none = { why: 'full', size: [0, 0], room: [0, 0] }
  return {
    ...arrangement,
    placements: eachObject(arrangement.placements, (each) => ({ ...each, part: numbered(each.part) })),
    unplaced: eachObject(arrangement.unplaced, (each) => ({ part: numbered(each.part), ...none })),
  }
}

/** The sheet's size is the stock's alone now: what the layout was made for goes there. */
function stockOfSheet(stock: unknown, settings: Loose): unknown {
  const { sheetWidth, sheetHeight } = settings
  const size = { sheetWidth, sheetHeight }
  if (isObject(stock)) return { ...stock, ...size }
  if (sheetWidth === 600 && sheetHeight === 400) return stock // what is assumed without a stock
  return {
    id: `sheet-${String(sheetWidth)}-${String(sheetHeight)}`,
    name: `Sheet ${String(sheetWidth)} × ${String(sheetHeight)}`,
    batch: '',
    family: 'other',
    nominal: 3,
    readings: [],
    ...size,
    sheetsAtHand: 1,
    offcuts: [],
    pricePerSheet: 0,
    grain: 'none',
    notes: '',
  }
}

function trialFrom2(trial: unknown): unknown {
  if (!isObject(trial)) return trial
  const squares = isObject(trial.squares) ? { ...trial.squares, ways: 'both' } : trial.squares
  const slots = isObject(trial.slots) ? { ...trial.slots, shift: 0, made: null } : trial.slots
  return { ...trial, squares, slots, keptAs: null }
}

function measureFrom2(measure: Loose, settings: Loose): Loose {
  const { machine, taste } = measure
  return {
    ...measure,
    machine: isObject(machine) ? machineFrom2(machine) : machine,
    stock: stockOfSheet(measure.stock, settings),
    taste: isObject(taste) ? { offset: taste.offset, own: taste.sd, kerfs: [], count: taste.count } : taste,
    trials: eachObject(measure.trials, (each) => ({ ...each, trial: trialFrom2(each.trial) })),
  }
}

function from2(job: Loose): Loose {
  const layout = isObject(job.layout) ? job.layout : {}
  const { sheetWidth, sheetHeight, ...settings } = isObject(layout.settings) ? layout.settings : ({} as Loose)
  const box = isObject(job.box) ? { ...job.box, tabs: tabsFrom2(job.box.tabs) } : job.box
  const measure = isObject(job.measure) ? measureFrom2(job.measure, { sheetWidth, sheetHeight }) : job.measure
  return {
    ...job,
    version: 3,
    measure,
    box,
    layout: { ...layout, settings, arrangement: arrangementFrom2(layout.arrangement) },
    log: eachObject(job.log, (revision) => ({
      ...revision,
      cut: isObject(revision.cut) ? { ...revision.cut, kerfId: null } : revision.cut,
    })),
  }
}

/** A machine of version 3 had no colour for pockets. */
const machineFrom3 = (machine: Loose): Loose =>
  isObject(machine.colours) ? { ...machine, colours: { pocket: '#4f6b2f', ...machine.colours } } : machine

/** What a box of version 3 was, without saying so: fingers on every edge, nothing inside, one stock. */
const BOX_OF_3 = {
  corners: { kind: 'fingers', leads: 'front and back', setIn: 0 },
  floor: { kind: 'fingers', raised: 0, depth: 1, ledge: 8, arch: 0 },
  lid: { kind: 'fingers', lowered: 0 },
  bolts: { uprights: null, floor: null, top: null },
  edges: {},
  dividers: {
    columns: { cells: [], height: null, lift: 0 },
    rows: { cells: [], height: null, lift: 0 },
    into: 'slot',
    depth: 1,
    scoop: 0,
  },
  play: { slots: 0, laps: 0.2, loose: 0.5 },
  stocks: {},
  seams: false,
}

const tabsFrom3 = (tabs: unknown): unknown =>
  isObject(tabs) ? { ...tabs, mirrored: false, keyed: false } : tabs

function measureFrom3(measure: Loose): Loose {
  const { machine } = measure
  return { ...measure, machine: isObject(machine) ? machineFrom3(machine) : machine, more: [] }
}

function from3(job: Loose): Loose {
  const box = isObject(job.box) ? { ...BOX_OF_3, ...job.box, tabs: tabsFrom3(job.box.tabs) } : job.box
  const measure = isObject(job.measure) ? measureFrom3(job.measure) : job.measure
  const cut = isObject(job.cut) ? { ...job.cut, letters: false, face: 'outside' } : job.cut
  const pocket = { speed: 300, power: 40, passes: 1, air: false }
  const tune = isObject(job.tune) ? { ...job.tune, pocket } : job.tune
  const alone = { thing: { id: 'a', name: 'box' }, also: [], figures: [], follows: [], mockOf: null }
  return { ...job, ...alone, version: 4, box, measure, cut, tune }
}

/** A top of version 4 could not slide. */
function boxFrom4(box: unknown): unknown {
  if (!isObject(box) || !isObject(box.lid)) return box
  return { ...box, lid: { depth: 1.5, play: 0.3, pull: 0, ...box.lid } }
}

const from4 = (job: Loose): Loose => ({
  ...job,
  version: 5,
  box: boxFrom4(job.box),
  also: eachObject(job.also, (thing) => ({ ...thing, box: boxFrom4(thing.box) })),
})

/** A stock of version 5 had no bends tried in it. */
const stockFrom5 = (stock: Loose): Loose => ({ ...stock, bends: [] })

const withBends = (measured: unknown): unknown =>
  isObject(measured) && isObject(measured.stock)
    ? { ...measured, stock: stockFrom5(measured.stock) }
    : measured

function measureFrom5(measure: unknown): unknown {
  const own = withBends(measure)
  return isObject(own) ? { ...own, more: eachObject(own.more, withBends) } : own
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

const from5 = (job: Loose): Loose => ({
  ...job,
  version: 6,
  measure: measureFrom5(job.measure),
  box: boxFrom5(job.box),
  also: eachObject(job.also, (thing) => ({ ...thing, box: boxFrom5(thing.box) })),
  whole: null,
  build: isObject(job.build) ? { ...job.build, school: 'floor first' } : job.build,
})

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

const machineFrom6 = (machine: unknown): unknown =>
  isObject(machine) && isObject(machine.colours)
    ? { code: CODE_OF_7, ...machine, colours: { engrave: '#2f4a6b', ...machine.colours } }
    : machine

/** Offcuts of version 6 had no name. */
const stockFrom6 = (stock: unknown): unknown =>
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

const from6 = (job: Loose): Loose => ({
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

/** One step per version; what is no job comes out as it went in, and the schema refuses it. */
const STEPS: Record<number, (job: Loose) => Loose> = {
  1: from1,
  2: from2,
  3: from3,
  4: from4,
  5: from5,
  6: from6,
  7: from7,
  8: from8,
  9: from9,
}

/** Brings an older job up to the present version. @param from the version it was written by */
export function migrateJob(raw: Loose, from: number): Loose {
  let job = raw
  for (let version = from; version < JOB_VERSION; version++) job = STEPS[version]?.(job) ?? job
  return job
}

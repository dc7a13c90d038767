import { eachObject, isObject, type RawRecord } from '../raw-record'

/** A machine of version 2 did not say where its origin is: most have it at the front left. [CP] */
export const machineFrom2 = (machine: RawRecord): RawRecord => ({ ...machine, origin: 'front left' })

/** A taste of version 2 did not say what of its doubt was the kerf's. */
export const tasteFrom2 = (taste: RawRecord): RawRecord => ({
  ...taste,
  own: taste.doubt,
  kerfId: null,
  best: null,
})

/** One rule for all edges became one for each group; a count of shares was one for each group already. */
function tabsFrom2(tabs: unknown): unknown {
  if (!isObject(tabs)) return tabs
  const counts = isObject(tabs.counts) ? tabs.counts : {}
  const rule = (group: string): RawRecord =>
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

/** Figures of version 2 only had to be more than nothing: sheets and thickness, mm, speed, mm/s, power, %. */
const least =
  (limit: number) =>
  (value: unknown): unknown =>
    typeof value === 'number' && value >= 0 ? Math.max(limit, value) : value
const sideFrom2 = least(10)
const thicknessFrom2 = least(0.05)
const speedFrom2 = least(0.1)
const powerFrom2 = least(1)

const settingFrom2 = (setting: unknown): unknown =>
  isObject(setting)
    ? { ...setting, speed: speedFrom2(setting.speed), power: powerFrom2(setting.power) }
    : setting

export const testFrom2 = (test: RawRecord): RawRecord => ({
  ...test,
  thickness: thicknessFrom2(test.thickness),
  setting: settingFrom2(test.setting),
})

const tuneFrom2 = (tune: unknown): unknown =>
  isObject(tune)
    ? {
        ...tune,
        tests: eachObject(tune.tests, testFrom2),
        picked: settingFrom2(tune.picked),
        score: settingFrom2(tune.score),
      }
    : tune

/** On the bench the stock had a size of its own already. */
export const stockFrom2 = (stock: RawRecord): RawRecord => ({
  ...stock,
  nominal: thicknessFrom2(stock.nominal),
  readings: eachObject(stock.readings, (each) => ({ ...each, value: thicknessFrom2(each.value) })),
  sheetWidth: sideFrom2(stock.sheetWidth),
  sheetHeight: sideFrom2(stock.sheetHeight),
  offcuts: eachObject(stock.offcuts, (offcut) => ({
    ...offcut,
    width: sideFrom2(offcut.width),
    height: sideFrom2(offcut.height),
  })),
})

/** The sheet's size is the stock's alone now: what the layout was made for goes there. */
function stockOfSheet(stock: unknown, settings: RawRecord): unknown {
  const { sheetWidth, sheetHeight } = settings
  const size = { sheetWidth: sideFrom2(sheetWidth), sheetHeight: sideFrom2(sheetHeight) }
  if (isObject(stock)) return { ...stockFrom2(stock), ...size }
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
  // The best of 30 gauges is the last one's place, counted from 0.
  const best = typeof trial.best === 'number' ? Math.min(29, trial.best) : trial.best
  return { ...trial, best, squares, slots, keptAs: null }
}

function measureFrom2(measure: RawRecord, settings: RawRecord): RawRecord {
  const { machine, taste } = measure
  return {
    ...measure,
    machine: isObject(machine) ? machineFrom2(machine) : machine,
    stock: stockOfSheet(measure.stock, settings),
    taste: isObject(taste) ? { offset: taste.offset, own: taste.sd, kerfs: [], count: taste.count } : taste,
    trials: eachObject(measure.trials, (each) => ({ ...each, trial: trialFrom2(each.trial) })),
  }
}

/** A job of version 2. */
export function from2(job: RawRecord): RawRecord {
  const layout = isObject(job.layout) ? job.layout : {}
  const { sheetWidth, sheetHeight, ...settings } = isObject(layout.settings)
    ? layout.settings
    : ({} as RawRecord)
  const box = isObject(job.box) ? { ...job.box, tabs: tabsFrom2(job.box.tabs) } : job.box
  const measure = isObject(job.measure) ? measureFrom2(job.measure, { sheetWidth, sheetHeight }) : job.measure
  return {
    ...job,
    version: 3,
    measure,
    box,
    tune: tuneFrom2(job.tune),
    layout: { ...layout, settings, arrangement: arrangementFrom2(layout.arrangement) },
    log: eachObject(job.log, (revision) => ({
      ...revision,
      cut: isObject(revision.cut) ? { ...revision.cut, kerfId: null } : revision.cut,
    })),
  }
}

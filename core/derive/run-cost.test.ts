import { expect, test } from '@jest/globals'
import { demo } from '../../scripts/testing/demo'
import { thingsOf, type Job } from '../job'
import { clockOf, type Run } from '../plan'
import type { RunCost } from '../price'
import { revisionOf } from '../say'
import { rectangularOffcut } from '../stock'
import { deriveAll } from './pipeline'
import { runCostSteps, setsOf, spoilChances, workOf } from './run-cost'

const tray = (): Job => {
  const job = demo('plain-tray')
  return { ...job, copies: 1, also: [] }
}
function costOf(job: Job, boxes: number, clock: Parameters<typeof runCostSteps>[2] = null): RunCost {
  const steps = runCostSteps(job, boxes, clock)
  for (;;) {
    const step = steps.next()
    if (step.done) return step.value!
  }
}

test('one run costs the sheets, pieces left over and seconds of its own layout and plan', () => {
  const job = tray()
  const { derived, parts } = deriveAll({ ...job, layout: { ...job.layout, arrangement: null } })
  const run = costOf(job, 1)
  expect(run.parts).toBe(parts.length)
  expect(run.sheets).toBe(derived.use!.sheets + derived.use!.offcuts)
  expect(run.seconds).toBeCloseTo(derived.plan!.total.seconds, 6)
  const { pricePerSheet } = job.measure.stock!
  expect(pricePerSheet).toBeGreaterThan(0)
  expect(run.material).toBeLessThanOrEqual(run.sheets * pricePerSheet)
  expect(run.left).toBeGreaterThan(0)
  expect(run.left).toBeLessThan(run.material)
})

test('a few looks are enough for a crate to be laid on its offcut and one sheet', () => {
  const [takes] = costOf(demo('crate'), 1).takes
  expect([takes.sheets, takes.offcuts.map(({ count }) => count)]).toEqual([1, [1]])
})

test('a case of several stocks is laid out however many there are: each stock has its own tries', () => {
  const ten = costOf(demo('instrument-case'), 10)
  expect(ten.parts).toBe(10 * costOf(demo('instrument-case'), 1).parts)
  expect(ten.takes.map(({ sheets }) => sheets > 0)).toEqual(new Array(ten.takes.length).fill(true))
  expect(ten.takes.length).toBeGreaterThan(1)
})

test('more boxes take as many parts more, and no more sheets than one by one', () => {
  const job = tray()
  const [one, six] = [costOf(job, 1), costOf(job, 6)]
  expect(six.parts).toBe(6 * one.parts)
  expect(six.sheets).toBeLessThan(6 * one.sheets)
  expect(six.seconds).toBeGreaterThan(5 * one.seconds)
})

test('what is too much for one layout is cut run after run; offcuts are there once', () => {
  const job = tray()
  const atOnce = Math.floor(160 / costOf(job, 1).parts)
  const full = costOf({ ...job, layout: whole(job) }, atOnce)
  const twice = costOf({ ...job, layout: whole(job) }, 2 * atOnce)
  expect([twice.boxes, twice.sheets, twice.parts]).toEqual([2 * atOnce, 2 * full.sheets, 2 * full.parts])
  expect(twice.material).toBeCloseTo(2 * full.material, 9)
  // As large as a sheet, and given away.
  const { sheetWidth, sheetHeight, pricePerSheet } = job.measure.stock!
  const offcut = { ...rectangularOffcut('o', sheetWidth, sheetHeight, '2026-01-02'), price: 0 }
  const stock = { ...job.measure.stock!, offcuts: [offcut] }
  const [settings, measure] = [
    { ...job.layout.settings, first: 'offcuts' as const },
    { ...job.measure, stock },
  ]
  const spared = costOf({ ...job, measure, layout: { settings, arrangement: null } }, 2 * atOnce)
  const once = costOf({ ...job, measure, layout: { settings, arrangement: null } }, atOnce)
  expect(once.material).toBeCloseTo(full.material - pricePerSheet, 9)
  expect(spared.material).toBeCloseTo(once.material + full.material, 9)
})

test('a layout made by hand for one does not hold the others: each count is laid out anew', () => {
  const job = tray()
  const { job: laid } = deriveAll(job)
  const { arrangement } = laid.layout
  const placements = arrangement!.placements.map((each, i) => ({ ...each, sheet: i, pinned: true }))
  const pinned = { ...laid.layout, arrangement: { ...arrangement!, byHand: true, placements, offcuts: [] } }
  expect(costOf({ ...job, layout: pinned }, 1)).toEqual(costOf(job, 1))
})
const whole = (job: Job): Job['layout'] => ({
  settings: { ...job.layout.settings, first: 'whole sheets' },
  arrangement: null,
})

test('a job of several copies is priced by the set, whatever its own count', () => {
  const job = tray()
  expect(setsOf({ ...job, copies: 6 })).toBe(6)
  const lid = { id: 'b', name: 'lid', copies: 4, box: job.box }
  expect(setsOf({ ...job, copies: 6, also: [lid] })).toBe(2)
  expect(costOf({ ...job, copies: 6 }, 2)).toEqual(costOf(job, 2))
  const work = workOf({ ...job, copies: 6 }, deriveAll({ ...job, copies: 6 }).derived.things)
  expect(work).toEqual(workOf(job, deriveAll(job).derived.things))
  expect(work.building).toBeGreaterThan(1)
  expect(work.glue).toBeGreaterThan(0)
})

test('a part that fits on no sheet has no price', () => {
  const job = tray()
  const stock = { ...job.measure.stock!, sheetWidth: 60, sheetHeight: 60, offcuts: [] }
  const small = { ...job, measure: { ...job.measure, stock } }
  expect(thingsOf(small)).toHaveLength(1)
  expect(costOf(small, 1)).toBeNull()
})

test('a clocked machine says between what nine of ten cuts end', () => {
  const run: Run = {
    id: 'r',
    machineId: 'm',
    on: '2026-10-01',
    cutting: 300,
    moving: 60,
    starts: 40,
    programs: 1,
    took: 600,
    note: '',
  }
  const [plain, clocked] = [costOf(tray(), 1), costOf(tray(), 1, clockOf([run]))]
  expect([plain.low, plain.high]).toEqual([plain.seconds, plain.seconds])
  expect(clocked.low).toBeLessThan(clocked.seconds)
  expect(clocked.high).toBeGreaterThan(clocked.seconds)
})

test('a log with parts lost makes them likelier; parts that came free by another pass are not lost', () => {
  const job = tray()
  const { derived, parts } = deriveAll(job)
  const about = { id: 'r', before: null, date: '2026-10-02', mark: null }
  const cut = revisionOf(job, derived, about)
  const of = (more: Partial<typeof cut>): number => {
    const { part } = spoilChances({ ...job, log: [{ ...cut, ...more }] }, derived.things, parts.length)
    return part.spoilt / (part.spoilt + part.sound)
  }
  const stuck = ['Front', 'Back']
  const [all, freed, lost] = [
    of({ through: 'all' }),
    of({ through: 'not all', stuck, passed: 2 }),
    of({ through: 'not all', stuck, passed: null }),
  ]
  expect(all).toBe(freed)
  expect(lost).toBeGreaterThan(2 * all)
  const { fit } = spoilChances(job, derived.things, parts.length)
  expect(fit).toBeGreaterThanOrEqual(0)
  expect(fit).toBeLessThan(1)
})

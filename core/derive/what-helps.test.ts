import { describe, expect, test } from '@jest/globals'
import { demo } from '../../scripts/testing/demo'
import type { Job } from '../job'
import type { LayoutSettings } from '../nest'
import { newBatch, type Stock } from '../stock'
import { arrange, deriveAll, deriveParts, withChange } from './index'
import { changesFor, otherStocks, type StockKnown } from './changes'
import { whatHelps, type Helpful } from './what-helps'

/** What is found until a change of that kind is, or all was tried. */
function foundUntil(job: Job, kind: string, known?: StockKnown[]): Helpful[] {
  const steps = whatHelps(job, known)
  for (;;) {
    const step = steps.next()
    const found = step.done ? step.value : step.value.found
    if (step.done || found.some(({ change }) => change.kind === kind)) return found
  }
}
/** Three small boxes on square sheets, as tight as a maker has it. */
const boxes = (settings: Partial<Job['layout']['settings']>, height = 50.8): Job => {
  const tray = demo('plain-tray')
  const { stock } = tray.measure
  return {
    ...tray,
    measure: {
      ...tray.measure,
      machine: null,
      stock: { ...stock!, sheetWidth: 304.8, sheetHeight: 304.8, offcuts: [], grain: 'none' },
    },
    box: { ...tray.box, width: 101.6, depth: 76.2, height, sizesAre: 'outer' },
    copies: 3,
    layout: { arrangement: null, settings: { ...tray.layout.settings, sheets: 5, ...settings } },
  }
}

describe('what would save a sheet', () => {
  const wide = boxes({ gap: 6, margin: 5 })
  const found = foundUntil(wide, 'gap')
  test('a smaller gap is found, and no more of it than is needed', () => {
    const gaps = changesFor(wide).find(([{ kind }]) => kind === 'gap')!
    const { change } = found.find((each) => each.change.kind === 'gap')!
    expect(gaps).toContainEqual(change)
    const sheets = gaps.map((each) => {
      const changed = withChange(wide, each)
      const { placements } = arrange(deriveParts(changed).parts, changed)
      return Math.max(...placements.map(({ sheet }) => sheet)) + 1
    })
    expect(sheets.indexOf(1)).toBe(
      gaps.findIndex((each) => each === change || JSON.stringify(each) === JSON.stringify(change)),
    )
  })
  test('done as it says, it comes to that many sheets less', () => {
    const before = deriveAll(wide).derived.use!.sheets
    expect(found.length).toBeGreaterThan(0)
    for (const { change, sheets } of found)
      expect(deriveAll(withChange(wide, change)).derived.use!.sheets).toBe(before - sheets)
  })
  test('where all is on one sheet, nothing is', () =>
    expect(foundUntil(boxes({ gap: 2 }), 'any')).toEqual([]))
  test('parts that are left over are placed by an offcut', () => {
    const one = boxes({ gap: 6, sheets: 1, first: 'whole sheets' })
    const offcut = { id: 'o', name: '', outline: null, count: 1, price: null, since: '' }
    const stock = { ...one.measure.stock!, offcuts: [{ ...offcut, width: 300, height: 200 }] }
    const [first] = foundUntil({ ...one, measure: { ...one.measure, stock } }, 'offcuts')
    expect(first).toMatchObject({ change: { kind: 'offcuts' } })
    expect(first.placed).toBeGreaterThan(0)
  })
})

/** Half a cube, open, on sheets that take it only where its walls lie rim to rim, or are lower. */
function halfCube(part: Partial<Stock> = {}, layout: Partial<LayoutSettings> = {}): Job {
  const tray = demo('plain-tray')
  // Its parts are 95.76 and 47.96 high and wide: tabs stand proud.
  const sheet = { sheetWidth: 3 * 95.76 + 2 * 3 + 2 * 5 + 0.7, sheetHeight: 2 * 47.96 + 0.3 + 2 * 5 }
  const more = { offcuts: [], grain: 'none' as const, sheetsAtHand: 5, pricePerSheet: 6 }
  const stock = { ...tray.measure.stock!, ...sheet, ...more }
  const settings = {
    ...tray.layout.settings,
    gap: 3,
    margin: 5,
    sheets: null,
    grain: 'free' as const,
    ...layout,
  }
  return {
    ...tray,
    measure: { ...tray.measure, machine: null, stock: { ...stock, ...part } },
    box: { ...tray.box, width: 95, depth: 95, height: 47.5, sizesAre: 'outer' },
    copies: 1,
    layout: { arrangement: null, settings },
  }
}
/** A stock of the same sheet material, of other sheets. */
const other = ({ measure }: Job, part: Partial<Stock>): StockKnown => ({
  stock: { ...newBatch(measure.stock!, 'other', 'June'), readings: measure.stock!.readings, ...part },
  kerf: measure.kerf,
  belief: measure.belief,
})
const kindsOf = (found: Helpful[]): string[] => found.map(({ change }) => change.kind)

describe('what is cheapest comes first', () => {
  const found = foundUntil(halfCube(), 'all')
  test('straight edges cut once save a sheet, and the laser more time than a lower box does', () => {
    expect(kindsOf(found)[0]).toBe('shared edges')
    expect(kindsOf(found)).toContain('height')
    for (const each of found) expect(each).toMatchObject({ sheets: 1, takes: 1, price: 6 })
    const seconds = found.map((each) => each.seconds)
    expect(seconds).toEqual([...seconds].sort((a, b) => b - a))
    expect(seconds[0]).toBeGreaterThan(1)
  })
  test('what it says of time is what the plan takes less, done as it says', () => {
    const seconds = (job: Job): number => deriveAll(job).derived.plan!.total.seconds
    expect(found[0].seconds).toBeCloseTo(seconds(halfCube()) - seconds(halfCube({}, { shareEdges: true })), 1)
  })
  test('a dearer sheet that takes everything comes after a sheet less', () => {
    const known = [other(halfCube(), { sheetWidth: 600, sheetHeight: 300, pricePerSheet: 11 })]
    const dear = foundUntil(halfCube(), 'all', known)
    expect(dear.at(-1)).toMatchObject({ change: { kind: 'stock' }, price: 1, takes: 1 })
    const free = foundUntil(halfCube({ pricePerSheet: 0 }), 'all', known)
    expect(free.map(({ price }) => price)).toEqual(free.map(() => null))
    // Twice as large, its one sheet is more wood than two of the others.
    expect(kindsOf(free)).not.toContain('stock')
  })
})

describe("another stock's sheets at hand", () => {
  const job = halfCube({ sheetsAtHand: 1 })
  const found = (known: StockKnown, of = job): Helpful | undefined =>
    foundUntil(of, 'stock', [known]).find(({ change }) => change.kind === 'stock')
  test('are offered where there are too few of its own, dearer as they are', () => {
    const known = other(job, { sheetWidth: 600, sheetHeight: 300, pricePerSheet: 40 })
    expect(found(known)).toMatchObject({ takes: 1, price: -28 })
    expect(found(known, halfCube())).toBeUndefined()
  })
  test('and not where none is there, it is of another kind, thicker by name, or too small', () => {
    const large = { sheetWidth: 600, sheetHeight: 300, pricePerSheet: 1 }
    expect(found(other(job, large))).toBeDefined()
    expect(found(other(job, { ...large, sheetWidth: 90 }))).toBeUndefined()
    const stocks: Partial<Stock>[] = [
      ...[{}, { sheetsAtHand: 0 }, { family: 'acrylic' as const }],
      ...[{ nominal: 4 }, { id: job.measure.stock!.id }],
    ]
    const offered = stocks.map((part) => other(job, { ...large, ...part }).stock)
    expect(otherStocks(job, offered)).toEqual([offered[0]])
  })
  test('joints follow what it measures', () => {
    const known = other(job, { readings: [{ value: 3.4, spot: '', on: '' }] })
    const thickness = (of: Job): number => deriveAll(of).derived.box.thickness.mean
    expect(thickness(withChange(job, { kind: 'stock', known }))).toBeCloseTo(3.4, 6)
    expect(thickness(job)).toBeLessThan(3.3)
  })
})

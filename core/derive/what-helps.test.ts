import { describe, expect, test } from '@jest/globals'
import { demo } from '../../scripts/testing/demo'
import type { Job } from '../job'
import { arrange, deriveAll, deriveParts } from './index'
import { changesFor, whatHelps, withChange, type Helpful } from './what-helps'

/** What is found until a change of that kind is, or all was tried. */
function foundUntil(job: Job, kind: string): Helpful[] {
  const steps = whatHelps(job)
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

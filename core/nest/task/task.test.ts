import { describe, expect, test } from '@jest/globals'
import fc from 'fast-check'
import { knownBest } from '../../../scripts/testing/known-best'
import { layoutFaults } from '../../../scripts/testing/layout-faults'
import { boxed, randomTask, wedgesTask } from '../../../scripts/testing/tasks'
import { deriveThings, partsOfThings } from '../../derive'
import { makeJob } from '../../kinds'
import { layoutTask, readTask, type Task } from './index'
import { runs, seedOf } from '../../../scripts/testing/runs'

/** A clock that every look moves on, so that tests do not hang on a machine's speed. */
const clock = (step: number) => {
  let at = 0
  return () => (at += step)
}
const taskOf = (raw: object): Task => {
  const read = readTask(JSON.stringify(raw))
  if (!read.ok) throw new Error(read.error)
  return read.task
}
describe('a task by itself', () => {
  test('fifteen parts that a person fits on one sheet: proven, in inches as well', () => {
    const made = makeJob(
      'box',
      { width: '4 in', depth: '3 in', height: '2 in', thickness: '1/8 in' },
      'k',
      '',
    )
    if (!made.ok) throw new Error(made.error)
    const parts = partsOfThings(deriveThings(made.job), { letters: false, face: 'outside' })
    const asTask = (scale: number, units: 'mm' | 'in') =>
      taskOf({
        units,
        gap: 3 / scale,
        margin: 5 / scale,
        parts: parts.map(({ panel, shape }) => ({
          id: panel,
          outline: shape.outline.map(({ x, y }) => [x / scale, y / scale]),
          count: 3,
        })),
        sheets: [{ id: 's', width: 304.8 / scale, height: 304.8 / scale, count: 10 }],
      })
    for (const task of [asTask(1, 'mm'), asTask(25.4, 'in')]) {
      const layout = layoutTask(task, 1e9, 1, clock(0.001))
      expect(layout).toMatchObject({ sheetsUsed: 1, bound: 1, proven: true, unplaced: [] })
      expect(layout.placements).toHaveLength(15)
      expect(layoutFaults(task, layout)).toEqual([])
    }
  }, 120_000)
  test('generated ones hold gap, margin and turns, as an unrelated library sees them', () => {
    const side = fc.integer({ min: 20, max: 120 })
    const part = fc.record({
      width: side,
      height: side,
      bite: fc.integer({ min: 0, max: 15 }),
      count: fc.integer({ min: 1, max: 4 }),
      turns: fc.constantFrom<number[]>([0], [0, 180], [90], [0, 90, 180, 270]),
      shift: fc.integer({ min: -50, max: 50 }),
    })
    const some = fc.record({
      gap: fc.constantFrom(0, 2, 3.5),
      margin: fc.constantFrom(0, 5),
      parts: fc.array(part, { minLength: 1, maxLength: 6 }),
    })
    for (const { gap, margin, parts } of fc.sample(some, { numRuns: runs(60), seed: seedOf(20261125) })) {
      const task = taskOf({
        gap,
        margin,
        parts: parts.map(({ width, height, bite, count, turns, shift }, i) => ({
          id: `p${i}`,
          // With a notch in its upper edge, and its origin somewhere else.
          outline: [
            ...boxed(width, height).slice(0, 3),
            [width / 2, height] as [number, number],
            [width / 2, height - bite] as [number, number],
            [width / 4, height - bite] as [number, number],
            [width / 4, height] as [number, number],
            [0, height] as [number, number],
          ].map(([x, y]) => [x + shift, y - shift]),
          count,
          turns,
        })),
        sheets: [
          { id: 'whole', width: 300, height: 200, count: 3, price: 3 },
          { id: 'rest', width: 130, height: 150, count: 2, price: 0.5 },
        ],
      })
      const layout = layoutTask(task, 1, 7, clock(0.02))
      expect(layoutFaults(task, layout)).toEqual([])
      const total = task.parts.reduce((sum, { count }) => sum + count, 0)
      expect(layout.placements.length + layout.unplaced.length).toBe(total)
      for (const { part: id, angle } of layout.placements)
        expect(task.parts.find((each) => each.id === id)!.turns).toContain(angle)
      const used = new Set(layout.placements.map(({ sheet, number }) => `${sheet} ${number}`))
      expect(layout.sheetsUsed).toBe(used.size)
      if (layout.unplaced.length === 0) expect(layout.sheetsUsed).toBeGreaterThanOrEqual(layout.bound)
    }
  }, 240_000)
  test('the same seed gives the same layout', () => {
    const task = taskOf({
      gap: 2,
      parts: [{ id: 'a', outline: boxed(50, 30), count: 9 }],
      sheets: [{ id: 's', width: 160, height: 110, count: 4 }],
    })
    const [one, two] = [1, 1].map((seed) => layoutTask(task, 2, seed, clock(0.01)))
    expect(one).toEqual(two)
  })
  test('some with frames, wedges, odd angles and offcuts hold all that a file says', () => {
    for (let seed = 1; seed <= runs(60); seed++) {
      const task = taskOf(randomTask(seed))
      const layout = layoutTask(task, 1, seed, clock(0.2))
      expect({ seed, faults: layoutFaults(task, layout) }).toEqual({ seed, faults: [] })
      if (layout.unplaced.length === 0) expect(layout.sheetsUsed).toBeGreaterThanOrEqual(layout.bound)
    }
  }, 240_000)
  test('points longer than the gap do not slide through one another', () => {
    for (const seed of [...Array(runs(30)).keys(), 43, 107, 120, 185, 195]) {
      const task = taskOf(wedgesTask(seed))
      const layout = layoutTask(task, 5, seed, clock(1))
      expect({ seed, faults: layoutFaults(task, layout) }).toEqual({ seed, faults: [] })
    }
  }, 120_000)
  test('small parts are laid into the openings of frames', () => {
    const hole = boxed(160, 110).map(([x, y]): [number, number] => [x + 20, y + 20])
    const task = taskOf({
      gap: 2,
      margin: 5,
      parts: [
        { id: 'frame', outline: boxed(200, 150), holes: [hole], count: 1 },
        { id: 'inner', outline: boxed(70, 45), count: 4 },
      ],
      sheets: [{ id: 's', width: 210, height: 160, count: 2 }],
    })
    const layout = layoutTask(task, 4, 1, clock(0.01))
    expect(layout).toMatchObject({ sheetsUsed: 1, proven: true })
    expect(layoutFaults(task, layout)).toEqual([])
  })
  test('a cheap offcut is used before a whole sheet', () => {
    const task = taskOf({
      parts: [{ id: 'a', outline: boxed(90, 60), count: 3 }],
      sheets: [
        { id: 'whole', width: 600, height: 400, price: 12 },
        { id: 'offcut', outline: [...boxed(200, 90).slice(0, 3), [100, 200], [0, 200]], price: 1 },
      ],
    })
    const { placements } = layoutTask(task, 2, 1, clock(0.01))
    expect(placements.map(({ sheet }) => sheet)).toEqual(['offcut', 'offcut', 'offcut'])
  })
  test.each([0, 0.02, 0.04])(
    'sheets that were cut up and shrunk by %p are put together again',
    (shrunk) => {
      for (const [count, sheets, wheels] of [
        [15, 1, 0],
        [24, 2, 0.3],
        [40, 2, 0.3],
      ]) {
        const { parts, sheet, best } = knownBest(count, sheets, shrunk, count, { wheels })
        const task = taskOf({
          parts: parts.map(({ width, height }, i) => ({ id: `p${i}`, outline: boxed(width, height) })),
          sheets: [{ id: 's', ...sheet, count: 9 }],
        })
        const layout = layoutTask(task, 4, 1, clock(1e-3))
        expect(layout).toMatchObject({ sheetsUsed: best, proven: true })
        expect(layoutFaults(task, layout)).toEqual([])
      }
    },
    240_000,
  )
  const sheet = { id: 's', width: 9, height: 9 }
  const part = (about: object) => ({ id: 'a', outline: boxed(4, 4), ...about })
  const crossed = [
    [0, 0],
    [4, 4],
    [4, 0],
    [0, 4],
  ]
  test.each([
    ['{', 'not readable JSON'],
    [{ parts: [], sheets: [] }, 'parts holds at least 1 entries'],
    [{ parts: [part({})], sheets: [{ id: 's', width: 9 }] }, 'needs a width and a height, or an outline'],
    [{ parts: [part({})], sheets: [{ id: 's', outline: crossed }] }, 'sheet “s” crosses itself'],
    [{ parts: [part({ outline: crossed.slice(0, 2).concat([[8, 8]]) })], sheets: [sheet] }, 'has no area'],
    [
      { parts: [part({ outline: [...crossed.slice(0, 3), [0, 9]] })], sheets: [sheet] },
      'part “a” crosses itself',
    ],
    [{ parts: [part({ holes: [boxed(5, 2)] })], sheets: [sheet] }, 'not inside its outline'],
    [{ parts: [part({}), part({})], sheets: [sheet] }, 'Two parts have the same id'],
    [{ parts: [part({})], sheets: [sheet, sheet] }, 'Two sheets have the same id'],
    [{ parts: [part({ count: 1500 }), part({ id: 'b', count: 900 })], sheets: [sheet] }, '2400 parts'],
  ])('%p is refused in one sentence', (task, sentence) => {
    const read = readTask(typeof task === 'string' ? task : JSON.stringify(task))
    expect(read).toEqual({ ok: false, error: expect.stringContaining(sentence) })
  })
})

import { describe, expect, test } from '@jest/globals'
import fc from 'fast-check'
import { apart, jtsOf, shared } from '../../scripts/testing/jts'
import { deriveThings, partsOfThings } from '../derive'
import { bounds, turnPoints, type Turn } from '../geometry'
import { makeJob } from '../kinds'
import { layoutTask, readTask, type Task, type TaskLayout } from './index'

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
type Corner = [number, number]
const box = (width: number, height: number): Corner[] => [
  [0, 0],
  [width, 0],
  [width, height],
  [0, height],
]

/** The shape of a placement as the file says it: turned about its own origin, then moved. */
function placed(task: Task, { part, x, y, angle }: TaskLayout['placements'][number]) {
  const { outline } = task.parts.find(({ id }) => id === part)!
  const points = outline.map(([a, b]) => ({ x: a, y: b }))
  return turnPoints(points, angle as Turn).map((point) => ({ x: point.x + x, y: point.y + y }))
}

/** What an unrelated polygon library finds wrong with a layout. */
function faultsOf(task: Task, layout: TaskLayout): string[] {
  const faults: string[] = []
  const bySheet = new Map<string, { name: string; shape: ReturnType<typeof jtsOf> }[]>()
  for (const placement of layout.placements) {
    const { part, copy, sheet, number } = placement
    const ring = placed(task, placement)
    const { minX, minY, maxX, maxY } = bounds(ring)
    const { width, height } = task.sheets.find(({ id }) => id === sheet)!
    const room = Math.min(minX, minY, width - maxX, height - maxY)
    if (room < task.margin - 1e-4) faults.push(`${part} ${copy} is ${room} from the edge`)
    const key = `${sheet} ${number}`
    const area = ring.reduce((sum, { x, y }, i) => {
      const next = ring[(i + 1) % ring.length]
      return sum + x * next.y - next.x * y
    }, 0)
    const shape = jtsOf({ outline: area > 0 ? ring : [...ring].reverse(), holes: [] })
    for (const other of bySheet.get(key) ?? []) {
      if (shared(shape, other.shape).getArea() > 1e-3) faults.push(`${part} ${copy} overlaps ${other.name}`)
      else if (apart(shape, other.shape) < task.gap - 1e-3) faults.push(`${part} ${copy} near ${other.name}`)
    }
    bySheet.set(key, [...(bySheet.get(key) ?? []), { name: `${part} ${copy}`, shape }])
  }
  return faults
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
      expect(faultsOf(task, layout)).toEqual([])
    }
  }, 120_000)
  test('60 generated ones hold gap, margin and turns, as an unrelated library sees them', () => {
    const side = fc.integer({ min: 20, max: 120 })
    const part = fc.record({
      width: side,
      height: side,
      bite: fc.integer({ min: 0, max: 15 }),
      count: fc.integer({ min: 1, max: 4 }),
      turns: fc.constantFrom<Turn[]>([0], [0, 180], [90], [0, 90, 180, 270]),
      shift: fc.integer({ min: -50, max: 50 }),
    })
    const some = fc.record({
      gap: fc.constantFrom(0, 2, 3.5),
      margin: fc.constantFrom(0, 5),
      parts: fc.array(part, { minLength: 1, maxLength: 6 }),
    })
    for (const { gap, margin, parts } of fc.sample(some, { numRuns: 60, seed: 20261125 })) {
      const task = taskOf({
        gap,
        margin,
        parts: parts.map(({ width, height, bite, count, turns, shift }, i) => ({
          id: `p${i}`,
          // With a notch in its upper edge, and its origin somewhere else.
          outline: [
            ...box(width, height).slice(0, 3),
            [width / 2, height] as Corner,
            [width / 2, height - bite] as Corner,
            [width / 4, height - bite] as Corner,
            [width / 4, height] as Corner,
            [0, height] as Corner,
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
      expect(faultsOf(task, layout)).toEqual([])
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
      parts: [{ id: 'a', outline: box(50, 30), count: 9 }],
      sheets: [{ id: 's', width: 160, height: 110, count: 4 }],
    })
    const [one, two] = [1, 1].map((seed) => layoutTask(task, 2, seed, clock(0.01)))
    expect(one).toEqual(two)
  })
  test.each([
    ['{', 'not readable JSON'],
    [JSON.stringify({ parts: [], sheets: [] }), 'parts holds at least 1 entries'],
    [
      JSON.stringify({ parts: [{ id: 'a', outline: box(1, 1) }], sheets: [{ id: 's', outline: box(9, 9) }] }),
      'sheets → number 1',
    ],
    [
      JSON.stringify({
        parts: [
          {
            id: 'a',
            outline: [
              [0, 0],
              [1, 1],
              [2, 2],
            ],
          },
        ],
        sheets: [{ id: 's', width: 9, height: 9 }],
      }),
      'has no area',
    ],
  ])('%p is refused in one sentence', (text, sentence) => {
    const read = readTask(text)
    expect(read).toEqual({ ok: false, error: expect.stringContaining(sentence) })
  })
})

import { describe, expect, test } from '@jest/globals'
import fc from 'fast-check'
import { apart, jtsOf, shared } from '../../scripts/testing/jts'
import { area, rectangle, type Region } from '../geometry'
import { groupsOf } from '../files/sheet-file'
import { dividePaths, orderPaths, type CutPath } from '../plan'
import {
  nestInOpenings,
  nestSteps,
  placedShape,
  sheetsOf,
  surfaceOf,
  violations,
  type Layout,
  type NestPart,
  type NestRules,
} from './index'
import { runs, seedOf } from '../../scripts/testing/runs'

const plain = (id: string, width: number, height: number, hole?: [number, number]): NestPart => {
  const [w, h] = hole ?? [0, 0]
  const [x, y] = [(width - w) / 2, (height - h) / 2]
  const holes = hole ? [rectangle(x, y, x + w, y + h).reverse()] : []
  const shape: Region = { outline: rectangle(0, 0, width, height), holes }
  return { id, shape, turnedShape: shape }
}
const rules: NestRules = { margin: 5, gap: 3, grain: 'free', turning: true }
const supply = (width: number, height: number, count = 4) =>
  sheetsOf(surfaceOf({ width, height }, null), count)
/** The first try: what goes into openings is the same in all of them. */
function lay(parts: NestPart[], settings: NestRules, on: ReturnType<typeof supply>): Layout {
  const first = nestInOpenings(parts, settings, on).next().value
  return 'layout' in first ? first.layout : first
}
const sheetsUsed = ({ placements }: Layout): number => new Set(placements.map(({ sheet }) => sheet)).size

describe('parts in the openings of others', () => {
  test('a frame that fills its sheet takes what would need another one', () => {
    const parts = [plain('frame', 288, 188, [200, 110]), plain('a', 90, 60), plain('b', 90, 60)]
    const on = supply(300, 200)
    const without = nestSteps(parts, rules, on).next().value
    expect(sheetsUsed('layout' in without ? without.layout : without)).toBe(2)
    expect(sheetsUsed(lay(parts, rules, on))).toBe(1)
  })
  test('keep their gap, grain and margins, as an unrelated library sees it', () => {
    const sizes = fc.record({
      width: fc.integer({ min: 20, max: 90 }),
      height: fc.integer({ min: 20, max: 90 }),
    })
    const task = fc.record({
      small: fc.array(sizes, { minLength: 2, maxLength: 8 }),
      frames: fc.array(
        fc.record({ width: fc.integer({ min: 120, max: 280 }), height: fc.integer({ min: 110, max: 180 }) }),
        {
          minLength: 1,
          maxLength: 3,
        },
      ),
      grain: fc.constantFrom('free' as const, 'along' as const, 'across' as const),
      gap: fc.integer({ min: 1, max: 6 }),
    })
    let inside = 0
    fc.assert(
      fc.property(task, ({ small, frames, grain, gap }) => {
        const parts = [
          ...frames.map(({ width, height }, i) => plain(`f${i}`, width, height, [width - 40, height - 40])),
          ...small.map(({ width, height }, i) => plain(`p${i}`, width, height)),
        ]
        const settings: NestRules = { ...rules, grain, gap }
        const on = supply(320, 320, 12)
        const layout = lay(parts, settings, on)
        expect(violations(parts, layout.placements, settings, () => on[0])).toEqual([])
        const byId = new Map(parts.map((part) => [part.id, part]))
        expect(new Set(layout.placements.map(({ part }) => part)).size + layout.unplaced.length).toBe(
          parts.length,
        )
        const shapes = layout.placements.map((each) => ({
          each,
          shape: placedShape(byId.get(each.part)!, each),
        }))
        for (const [i, a] of shapes.entries())
          for (const b of shapes.slice(i + 1)) {
            if (a.each.sheet !== b.each.sheet) continue
            expect(shared(jtsOf(a.shape), jtsOf(b.shape)).getArea()).toBeLessThan(1e-6)
            expect(apart(jtsOf(a.shape), jtsOf(b.shape))).toBeGreaterThan(gap - 0.02)
            const around = { outline: a.shape.outline, holes: [] }
            if (
              a.shape.holes.length > 0 &&
              shared(jtsOf(around), jtsOf(b.shape)).getArea() > area(b.shape) - 1
            )
              inside++
          }
      }),
      { numRuns: runs(60), seed: seedOf(20261126) },
    )
    expect(inside).toBeGreaterThan(runs(60))
  })
})

test('what lies in an opening is cut whole before the opening, and that before its own outline', () => {
  const ring = (operation: CutPath['operation'], part: string, from: number, to: number): CutPath => ({
    operation,
    part,
    points: rectangle(from, from, to, to),
    closed: true,
  })
  const paths = [
    ring('outline', 'host', 0, 100),
    ring('inside', 'host', 10, 90),
    ring('outline', 'in it', 20, 80),
    ring('inside', 'in it', 30, 70),
    ring('outline', 'in that', 40, 60),
    ring('outline', 'beside', 110, 130),
    ring('score', 'host', 2, 4),
  ]
  fc.assert(
    fc.property(fc.shuffledSubarray(paths, { minLength: paths.length }), (some) => {
      const order = orderPaths(some).map(({ operation, part }) => `${operation} ${part}`)
      const before = (a: string, b: string): boolean => order.indexOf(a) < order.indexOf(b)
      expect(order[0]).toBe('score host')
      expect(before('outline in that', 'inside in it')).toBe(true)
      expect(before('inside in it', 'outline in it')).toBe(true)
      expect(before('outline in it', 'inside host')).toBe(true)
      expect(before('inside host', 'outline host')).toBe(true)
    }),
  )
})
test('a file has its groups in that order too, and one file for each operation is numbered so', () => {
  const cut = (operation: CutPath['operation'], part: string, from: number, to: number): CutPath => ({
    operation,
    part,
    points: rectangle(from, from, to, to),
    closed: true,
  })
  const paths = orderPaths([
    cut('outline', 'host', 0, 100),
    cut('inside', 'host', 10, 90),
    cut('outline', 'in it', 20, 80),
    cut('inside', 'in it', 30, 70),
  ])
  const names = ['1 inside cuts', '2 outline cuts', '3 inside cuts', '4 outline cuts']
  expect(dividePaths(paths, 'operation').map(({ name }) => name)).toEqual(names)
  expect(dividePaths(paths, 'part').map(({ name }) => name)).toEqual(['in it', 'host'])
  const groups = groupsOf({ title: '', statement: '', width: 100, height: 100, paths })
  expect(groups.map(({ id, paths: [{ part }] }) => `${id} ${part}`)).toEqual([
    'inside-cuts in it',
    'outline-cuts in it',
    'inside-cuts-2 host',
    'outline-cuts-2 host',
  ])
})

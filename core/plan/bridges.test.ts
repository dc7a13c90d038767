import { describe, expect, test } from '@jest/globals'
import fc from 'fast-check'
import { rectangle, type Point } from '../geometry'
import { hasBridges, withBridges } from './bridges'
import type { CutPath } from './path'
import { seedOf } from '../../scripts/testing/runs'

const outline = (points: Point[]): CutPath => ({ operation: 'outline', part: 'a', points, closed: true })
const wayOf = (points: Point[]): number =>
  points.slice(1).reduce((sum, { x, y }, i) => sum + Math.hypot(x - points[i].x, y - points[i].y), 0)
const around = ({ points }: CutPath): number => wayOf([...points, points[0]])
/** A panel 40 high with fingers on its upper edge. */
const fingered = (count: number, width: number): Point[] => [
  { x: 0, y: 0 },
  { x: 2 * count * width, y: 0 },
  ...Array.from({ length: 2 * count }, (_, i) => [
    { x: 2 * count * width - i * width, y: i % 2 === 0 ? 40 : 37 },
    { x: 2 * count * width - (i + 1) * width, y: i % 2 === 0 ? 40 : 37 },
  ]).flat(),
]
const apart = (a: Point, b: Point): number => Math.hypot(a.x - b.x, a.y - b.y)

describe('bridges in an outline', () => {
  test('two in a plain part: on its long sides, as wide as asked for once the beam has passed', () => {
    const path = outline(rectangle(0, 0, 60, 20))
    const pieces = withBridges(path, { count: 2, width: 0.6, below: 100 }, 0.16)
    expect(pieces).toHaveLength(2)
    const gaps = pieces.map(({ points }, i) => apart(points.at(-1)!, pieces[(i + 1) % 2].points[0]))
    for (const gap of gaps) expect(gap - 0.16).toBeCloseTo(0.6, 9)
    expect(pieces.every(({ closed }) => !closed)).toBe(true)
  })
  test('of any outline with fingers: so much is left, on straight sides, clear of corners', () => {
    const fingers = fc.record({
      count: fc.integer({ min: 1, max: 6 }),
      width: fc.integer({ min: 3, max: 15 }),
      bridges: fc.integer({ min: 1, max: 4 }),
    })
    fc.assert(
      fc.property(fingers, ({ count, width, bridges }) => {
        const path = outline(fingered(count, width))
        const pieces = withBridges(path, { count: bridges, width: 0.8, below: 999 }, 0.2)
        expect(pieces).toHaveLength(bridges)
        const cut = pieces.reduce((sum, { points }) => sum + wayOf(points), 0)
        expect(cut).toBeCloseTo(around(path) - bridges * 1, 6)
        for (const [i, { points }] of pieces.entries()) {
          const [end, next] = [points.at(-1)!, pieces[(i + 1) % pieces.length].points[0]]
          expect(apart(end, next)).toBeCloseTo(1, 6) // straight across: no corner in it
          for (const corner of path.points) {
            expect(apart(corner, end)).toBeGreaterThan(1.4)
            expect(apart(corner, next)).toBeGreaterThan(1.4)
          }
        }
      }),
      { numRuns: 100, seed: seedOf(4) },
    )
  })
  test('each stands as near to an even spread as the sides allow, also past the beginning of the way', () => {
    const some = fc.record({
      fingers: fc.integer({ min: 1, max: 6 }),
      width: fc.integer({ min: 2, max: 9 }),
      first: fc.nat(),
      count: fc.integer({ min: 1, max: 6 }),
    })
    let past = 0
    fc.assert(
      fc.property(some, ({ fingers, width, first, count }) => {
        const ring = fingered(fingers, width)
        const turned = first % ring.length
        const points = [...ring.slice(turned), ...ring.slice(0, turned)]
        const [gap, clear, length] = [1, 1.5, around(outline(points))]
        const ends = points.map((_, i) => wayOf(points.slice(0, i + 1)))
        const cyclic = (a: number, b: number): number =>
          Math.min(Math.abs(a - b) % length, length - (Math.abs(a - b) % length))
        const alongOf = (p: Point): number => {
          const at = points.findIndex((a, i) => {
            const b = points[(i + 1) % points.length]
            return Math.abs(apart(a, p) + apart(p, b) - apart(a, b)) < 1e-6
          })
          return ends[at] + apart(points[at], p)
        }
        const pieces = withBridges(outline(points), { count, width: 0.8, below: 999 }, 0.2)
        const found = pieces.map(({ points: own }, i) => {
          const [end, next] = [own.at(-1)!, pieces[(i + 1) % pieces.length].points[0]]
          return alongOf({ x: (end.x + next.x) / 2, y: (end.y + next.y) / 2 })
        })
        // Every place a step apart that is clear of corners and of the bridges before it.
        const steps = Array.from({ length: 2000 }, (_, i) => (i * length) / 2000)
        const clearOfCorners = steps.filter((at) => ends.every((end) => cyclic(at, end) >= gap / 2 + clear))
        const placed: number[] = []
        for (let i = 0; i < count; i++) {
          const wanted = ((i + 0.5) * length) / count
          const off = (at: number): number => cyclic(at, wanted)
          const free = clearOfCorners.filter((at) => placed.every((other) => cyclic(at, other) > gap + clear))
          if (free.length === 0) break
          const own = found.reduce((a, b) => (off(a) <= off(b) ? a : b))
          expect(off(own)).toBeLessThanOrEqual(Math.min(...free.map(off)) + length / 1000)
          if (Math.abs(own - wanted) > length / 2) past++
          placed.push(own)
        }
      }),
      { numRuns: 200, seed: seedOf(20261128) },
    )
    expect(past).toBeGreaterThan(5)
  })
  test('small parts have them, large ones and round ones without a straight side do not', () => {
    const bridges = { count: 2, width: 0.6, below: 50 }
    expect(hasBridges(rectangle(0, 0, 200, 49), bridges)).toBe(true)
    expect(hasBridges(rectangle(0, 0, 200, 51), bridges)).toBe(false)
    expect(hasBridges(rectangle(0, 0, 20, 20), { ...bridges, count: 0 })).toBe(false)
    const circle = outline(
      Array.from({ length: 90 }, (_, i) => ({ x: 8 * Math.cos(i / 14.3), y: 8 * Math.sin(i / 14.3) })),
    )
    expect(withBridges(circle, bridges, 0.2)).toEqual([circle])
  })
})

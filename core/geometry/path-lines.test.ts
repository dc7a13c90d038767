import { describe, expect, test } from '@jest/globals'
import fc from 'fast-check'
import { curvePieces, pathLines, type Point } from './index'
import { seedOf } from '../../scripts/testing/runs'

const along = ({ points }: { points: Point[] }): number =>
  points.slice(1).reduce((sum, { x, y }, i) => sum + Math.hypot(x - points[i].x, y - points[i].y), 0)
const far = (point: Point, a: Point, b: Point): number => {
  const [dx, dy] = [b.x - a.x, b.y - a.y]
  const long = dx * dx + dy * dy
  const t = long === 0 ? 0 : Math.max(0, Math.min(1, ((point.x - a.x) * dx + (point.y - a.y) * dy) / long))
  return Math.hypot(point.x - a.x - t * dx, point.y - a.y - t * dy)
}

describe('path data of an SVG drawing', () => {
  test('lines of every kind, absolute and from where the pen is', () => {
    const [line] = pathLines('M1 1L4 1H6V3h-2v2l-1 1', 0.01)
    expect(line.points).toEqual([[1, 1], [4, 1], [6, 1], [6, 3], [4, 3], [4, 5], [3, 6]].map(([x, y]) => ({ x, y }))) // oxfmt-ignore
    expect(line.closed).toBe(false)
  })
  test('several lines in one path; what comes after a closed one begins where that began', () => {
    const lines = pathLines('M0 0L4 0L4 4ZL1 9M20 20L30 20', 0.01)
    expect(lines.map(({ closed, points }) => [closed, points.length])).toEqual([
      [true, 3],
      [false, 2],
      [false, 2],
    ])
    expect(lines[1].points[0]).toEqual({ x: 0, y: 0 })
  })
  test('an arc is as long as its circle says: a quarter of radius 40', () => {
    const [arc] = pathLines('M40 0A40 40 0 0 1 0 40', 0.001)
    // The library makes a curve of it first: that is off by up to 0.0273 % of the radius, from memory.
    const off = 0.000273 * 40 + 0.001
    expect(Math.abs(along(arc) - (Math.PI * 40) / 2)).toBeLessThan((off * Math.PI) / 2)
    for (const { x, y } of arc.points) expect(Math.abs(Math.hypot(x, y) - 40)).toBeLessThan(off)
  })
  test('transforms go from the innermost out: moved first, then made larger', () => {
    const [line] = pathLines('M0 0L1 0', 0.01, { transforms: ['translate(5 0)', 'scale(10)'] })
    expect(line.points).toEqual([
      { x: 50, y: 0 },
      { x: 60, y: 0 },
    ])
  })
  test('data that is none is refused', () => expect(() => pathLines('M0 0L5 wood', 0.01)).toThrow())
})

// Points of the curve by its polynomial (Bernstein), not by the way it is worked out here.
test('pieces of a curve are nowhere farther off than they may be', () => {
  const point = fc.record({ x: fc.integer({ min: -90, max: 90 }), y: fc.integer({ min: -90, max: 90 }) })
  const cubic = fc.tuple(point, point, point, point)
  fc.assert(
    fc.property(cubic, fc.constantFrom(0.5, 0.1, 0.02), (controls, tolerance) => {
      const pieces = [controls[0], ...curvePieces(controls, tolerance)]
      expect(pieces.at(-1)).toEqual(controls[3])
      const weight = (t: number): number[] => [
        (1 - t) ** 3,
        3 * t * (1 - t) ** 2,
        3 * t * t * (1 - t),
        t ** 3,
      ]
      for (let i = 0; i <= 200; i++) {
        const on = weight(i / 200).reduce(
          (sum, w, k) => ({ x: sum.x + w * controls[k].x, y: sum.y + w * controls[k].y }),
          { x: 0, y: 0 },
        )
        const off = Math.min(...pieces.slice(1).map((to, k) => far(on, pieces[k], to)))
        expect(off).toBeLessThanOrEqual(tolerance + 1e-9)
      }
    }),
    { numRuns: 60, seed: seedOf(5) },
  )
})

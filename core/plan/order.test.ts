import { expect, test } from '@jest/globals'
import fc from 'fast-check'
import { area, lengthOf, rectangle, signedArea, type Point, type Ring } from '../geometry'
import { withBridges } from './bridges'
import { orderPaths } from './order'
import { pathPoints, type CutPath } from './path'
import { runs, seedOf } from '../../scripts/testing/runs'

/** An L, a plate with fingers and a plain one, wherever they lie. */
const shape = fc
  .record({
    kind: fc.constantFrom('plain', 'corner', 'fingers'),
    x: fc.integer({ min: 0, max: 400 }),
    y: fc.integer({ min: 0, max: 300 }),
    width: fc.integer({ min: 20, max: 120 }),
    height: fc.integer({ min: 20, max: 90 }),
    first: fc.nat(),
  })
  .map(({ kind, x, y, width, height, first }): Ring => {
    const [right, top] = [x + width, y + height]
    const corner = [right, y + 9, x + 11, y + 9, x + 11, top, x, top]
    const fingers = [right, top, x + 15, top, x + 15, top - 3, x + 9, top - 3, x + 9, top, x, top]
    const rest = kind === 'corner' ? corner : fingers
    const points =
      kind === 'plain'
        ? rectangle(x, y, right, top)
        : [x, y, right, y, ...rest].flatMap((value, i, all): Point[] =>
            i % 2 === 0 ? [{ x: value, y: all[i + 1] }] : [],
          )
    return [...points.slice(first % points.length), ...points.slice(0, first % points.length)]
  })
const lines = fc.array(
  fc.record({
    ring: shape,
    operation: fc.constantFrom('inside' as const, 'outline' as const, 'score' as const),
  }),
  { minLength: 1, maxLength: 12 },
)
const from = fc.record({ x: fc.integer({ min: 0, max: 600 }), y: fc.integer({ min: 0, max: 400 }) })

const wayOf = (path: CutPath): number => lengthOf(path.points, path.closed)
const byPart = (paths: CutPath[], figure: (path: CutPath) => number): Map<string, number> => {
  const sums = new Map<string, number>()
  for (const path of paths) sums.set(path.part, (sums.get(path.part) ?? 0) + figure(path))
  return sums
}

// By definition: where a cut is begun and which comes first changes neither what is cut nor how far.
test('length cut and area enclosed do not change with order, start or bridges', () => {
  fc.assert(
    fc.property(
      lines,
      from,
      fc.constantFrom('corner' as const, 'side' as const),
      fc.integer({ min: 0, max: 3 }),
      (drawn, at, startAt, count) => {
        const whole = drawn.map(({ ring, operation }, i): CutPath => ({
          operation,
          part: `p${i}`,
          points: ring,
          closed: true,
        }))
        const bridges = { count, width: 0.8, below: 999 }
        const paths = whole.flatMap((path) =>
          path.operation === 'outline' && count > 0 ? withBridges(path, bridges, 0.2) : [path],
        )
        const held = byPart(
          paths.filter(({ closed }) => !closed),
          () => 1,
        )
        const ordered = orderPaths(paths, at, startAt)
        expect(ordered).toHaveLength(paths.length)
        const [before, after] = [whole, ordered].map((each) => byPart(each, wayOf))
        for (const [part, length] of before)
          expect(after.get(part)).toBeCloseTo(length - (held.get(part) ?? 0), 6)
        const closed = ordered.filter((path) => path.closed)
        for (const path of closed) {
          const own = whole.find(({ part }) => part === path.part)!.points
          expect(signedArea(path.points)).toBeCloseTo(area({ outline: own, holes: [] }), 6)
          // The beam comes back to where it began, and goes nowhere twice.
          expect(pathPoints(path).at(-1)).toEqual(path.points[0])
          expect(path.points.filter(({ x, y }) => own.some((p) => p.x === x && p.y === y))).toHaveLength(
            own.length,
          )
        }
      },
    ),
    { numRuns: runs(800), seed: seedOf(20261128) },
  )
})
test('begun on a side, a cut begins in the middle of one at least half as long as the longest', () => {
  fc.assert(
    fc.property(shape, from, (ring, at) => {
      const path: CutPath = { operation: 'outline', part: 'a', points: ring, closed: true }
      const [first] = orderPaths([path], at, 'side')[0].points
      const sides = ring.map((a, i) => ({ a, b: ring[(i + 1) % ring.length] }))
      const length = ({ a, b }: (typeof sides)[number]): number => Math.hypot(b.x - a.x, b.y - a.y)
      const longest = Math.max(...sides.map(length))
      const own = sides.filter(({ a, b }) => (a.x + b.x) / 2 === first.x && (a.y + b.y) / 2 === first.y)
      expect(own.some((side) => length(side) >= longest / 2 - 1e-9)).toBe(true)
    }),
    { numRuns: 200, seed: seedOf(20261128) },
  )
})

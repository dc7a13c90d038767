import { expect, test } from '@jest/globals'
import fc from 'fast-check'
import { runs, seedOf } from '../../scripts/testing/runs'
import { area, intersection, rectangle, union, type Bounds, type Point, type Ring } from '../geometry'
import { coverOf } from './cover'
import { nest, sheetsOf, surfaceOf, violations, type NestPart, type Placement } from './index'

const ring = (...points: [number, number][]): Ring => points.map(([x, y]): Point => ({ x, y }))
const sizeOf = ({ minX, minY, maxX, maxY }: Bounds): number => (maxX - minX) * (maxY - minY)
const covered = (cover: Bounds[]): number => cover.reduce((sum, each) => sum + sizeOf(each), 0)

test('an L, a T and a gable leave their corners free; a plain panel none', () => {
  const L = ring([0, 0], [100, 0], [100, 30], [30, 30], [30, 90], [0, 90])
  const T = ring([0, 60], [40, 60], [40, 0], [60, 0], [60, 60], [100, 60], [100, 80], [0, 80])
  const gable = ring([0, 0], [100, 0], [100, 60], [50, 100], [0, 60])
  expect(covered(coverOf(L))).toBeCloseTo(100 * 30 + 30 * 60, 9)
  expect(covered(coverOf(T))).toBeCloseTo(100 * 20 + 20 * 60, 9)
  // Half as wide and half as high as the triangle beside it is the largest rectangle there.
  expect(covered(coverOf(gable))).toBeCloseTo(100 * 100 - 2 * (25 * 20), 0)
  expect(coverOf(ring([0, 0], [50, 0], [50, 20], [0, 20]))).toEqual([
    { minX: 0, minY: 0, maxX: 50, maxY: 20 },
  ])
})

const bar = fc.tuple(
  fc.integer({ min: 0, max: 60 }),
  fc.integer({ min: 0, max: 60 }),
  fc.integer({ min: 10, max: 80 }),
  fc.integer({ min: 10, max: 80 }),
)
test('the rectangles cover every part, and do not lie over each other', () => {
  fc.assert(
    fc.property(bar, bar, (a, b) => {
      const [one, other] = [a, b].map(([x, y, w, h]) => rectangle(x, y, x + w, y + h))
      const regions = union([one, other])
      if (regions.length !== 1) return
      const [{ outline }] = regions
      const [minX, minY] = [Math.min(...outline.map(({ x }) => x)), Math.min(...outline.map(({ y }) => y))]
      const own = outline.map(({ x, y }) => ({ x: x - minX, y: y - minY }))
      const cover = coverOf(own)
      const rings = cover.map((each) => rectangle(each.minX, each.minY, each.maxX, each.maxY))
      const within = rings.reduce(
        (sum, each) =>
          sum +
          intersection({ outline: own, holes: [] }, each).reduce((total, piece) => total + area(piece), 0),
        0,
      )
      const sum = (regions: ReturnType<typeof union>): number =>
        regions.reduce((total, region) => total + area(region), 0)
      expect(within).toBeCloseTo(area({ outline: own, holes: [] }), 2)
      expect(sum(union(rings))).toBeCloseTo(covered(cover), 2)
    }),
    { numRuns: runs(800), seed: seedOf(3) },
  )
})

// A sheet of 600 × 400 with a margin of 5: 200 and 387 wide with a gap of 3 between them fill it. [DEF]
test('beside what is pinned, and in the corner of an L, what fits exactly is laid', () => {
  const part = (id: string, outline: Ring): NestPart => {
    const shape = { outline, holes: [] }
    return { id, shape, turnedShape: shape }
  }
  const parts = [
    part('pinned', rectangle(0, 0, 200, 390)),
    part('L', ring([0, 0], [387, 0], [387, 100], [100, 100], [100, 390], [0, 390])),
    part('within', rectangle(0, 0, 284, 287)),
  ]
  const rules = { margin: 5, gap: 3, grain: 'free', turning: true } as const
  const sheet = surfaceOf({ width: 600, height: 400 }, null)
  for (const x of [5, 395]) {
    const pinned: Placement = { part: 'pinned', sheet: 0, x, y: 5, turn: 0, pinned: true }
    const { placements, unplaced } = nest(parts, rules, sheetsOf(sheet, 3), [pinned])
    expect(unplaced).toEqual([])
    expect(placements.map((each) => each.sheet)).toEqual([0, 0, 0])
    expect(violations(parts, placements, rules, () => sheet)).toEqual([])
  }
})

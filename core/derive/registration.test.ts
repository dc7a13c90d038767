import { expect, test } from '@jest/globals'
import fc from 'fast-check'
import { apart, jtsOf } from '../../scripts/testing/jts'
import { rectangle, type Point, type Region } from '../geometry'
import { surfaceOf } from '../nest'
import { registrationFor, tellsEveryTurn } from './registration'

const surface = surfaceOf({ width: 600, height: 400 }, null)
const [load] = surface.loads
const region = (x: number, y: number, w: number, h: number): Region => ({
  outline: rectangle(x, y, x + w, y + h),
  holes: [],
})
const far = (a: Point, b: Point): number => Math.hypot(a.x - b.x, a.y - b.y)

test('two holes, far apart, beside every part, and none where there is no room', () => {
  const parts = fc.array(
    fc.record({
      x: fc.integer({ min: 5, max: 400 }),
      y: fc.integer({ min: 5, max: 250 }),
      w: fc.integer({ min: 20, max: 190 }),
      h: fc.integer({ min: 20, max: 140 }),
    }),
    { minLength: 1, maxLength: 8 },
  )
  fc.assert(
    fc.property(parts, (some) => {
      const placed = some.map(({ x, y, w, h }) => region(x, y, w, h))
      const holes = registrationFor(surface, load, placed)
      expect(holes).toHaveLength(2)
      expect(far(holes[0], holes[1])).toBeGreaterThan(300)
      for (const { x, y } of holes) {
        expect(Math.min(x, y, 600 - x, 400 - y)).toBeGreaterThanOrEqual(3.4)
        for (const part of placed)
          expect(apart(jtsOf(part), jtsOf(region(x - 1, y - 1, 2, 2)))).toBeGreaterThan(1)
      }
    }),
    { numRuns: 200 },
  )
  expect(registrationFor(surface, load, [region(0, 0, 600, 400)])).toEqual([])
})

test('beside an outline, not beside the rectangle round it; never in an opening', () => {
  const wedge: Region = {
    outline: [
      { x: 1, y: 1 },
      { x: 599, y: 1 },
      { x: 1, y: 399 },
    ],
    holes: [],
  }
  const holes = registrationFor(surface, load, [wedge])
  expect(holes).toHaveLength(2)
  for (const { x, y } of holes) {
    const around = jtsOf(region(x - 1, y - 1, 2, 2))
    expect(apart(jtsOf(wedge), around)).toBeGreaterThan(1)
  }
  const frame: Region = { ...region(1, 1, 598, 398), holes: [[...rectangle(50, 50, 550, 350)].reverse()] }
  expect(registrationFor(surface, load, [frame])).toEqual([])
})

test('a sheet that is turned the wrong way, or round by half, does not meet its holes', () => {
  const holes = registrationFor(surface, load, [region(100, 100, 300, 200)]) as [Point, Point]
  const wrong: ((point: Point) => Point)[] = [
    ({ x, y }) => ({ x: 600 - x, y }),
    ({ x, y }) => ({ x, y: 400 - y }),
    ({ x, y }) => ({ x: 600 - x, y: 400 - y }),
  ]
  for (const way of wrong) {
    const met = holes.map(way).every((at) => holes.some((hole) => far(at, hole) < 5))
    expect(met).toBe(false)
  }
  // In opposite corners they would: left to right or front to back, it is the same to them.
  expect(
    tellsEveryTurn(
      [
        { x: 4, y: 4 },
        { x: 596, y: 396 },
      ],
      load,
    ),
  ).toBe(false)
  expect(
    tellsEveryTurn(
      [
        { x: 4, y: 4 },
        { x: 596, y: 380 },
      ],
      load,
    ),
  ).toBe(true)
})

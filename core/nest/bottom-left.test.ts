import { describe, expect, test } from '@jest/globals'
import fc from 'fast-check'
import { apart, jtsOf, shared } from '../../scripts/testing/jts'
import { rectangle, shiftRegion, union, type Region } from '../geometry'
import { MaximalRectangles } from './maximal-rectangles'
import { facing, freeWay, overlaps } from './bottom-left'
import { seedOf } from '../../scripts/testing/runs'

const down = (moving: Region, fixed: Region): number =>
  freeWay(facing([moving.outline], 'y', 'front'), 0, 0, facing([fixed.outline], 'y', 'back'))
const block = (x: number, y: number, w: number, h: number): Region => ({
  outline: rectangle(x, y, x + w, y + h),
  holes: [],
})

describe('sliding down', () => {
  test('a block stops on the one below, and passes the one beside', () => {
    expect(down(block(0, 50, 10, 10), block(5, 0, 10, 20))).toBeCloseTo(30, 9)
    expect(down(block(0, 50, 10, 10), block(10, 0, 10, 20))).toBe(Infinity)
  })
  test('a tab goes into a notch that is wide enough', () => {
    const tabbed = union([rectangle(0, 60, 30, 70), rectangle(12, 52, 18, 60)])[0]
    const notched = union([rectangle(0, 0, 30, 20), rectangle(0, 20, 10, 30), rectangle(20, 20, 30, 30)])[0]
    expect(down(tabbed, notched)).toBeCloseTo(30, 9)
  })
  test('a slanting edge stops where it first touches', () => {
    const wedge: Region = {
      outline: [
        { x: 0, y: 0 },
        { x: 10, y: 0 },
        { x: 0, y: 10 },
      ],
      holes: [],
    }
    expect(down(block(5, 40, 10, 5), wedge)).toBeCloseTo(35, 9)
  })
  test('after any slide shapes touch without overlap, as jsts measures it', () => {
    const blocks = fc.array(
      fc.record({
        x: fc.integer({ min: 0, max: 30 }),
        y: fc.integer({ min: 0, max: 15 }),
        w: fc.integer({ min: 3, max: 20 }),
        h: fc.integer({ min: 3, max: 15 }),
      }),
      { minLength: 1, maxLength: 4 },
    )
    const shape = (list: { x: number; y: number; w: number; h: number }[]): Region =>
      union(list.map(({ x, y, w, h }) => rectangle(x, y, x + w, y + h))).sort(
        (a, b) => b.outline.length - a.outline.length,
      )[0]
    fc.assert(
      fc.property(blocks, blocks, (a, b) => {
        const [fixed, moving] = [
          { ...shape(a), holes: [] },
          { ...shiftRegion(shape(b), 0, 60), holes: [] },
        ]
        const way = down(moving, fixed)
        if (way === Infinity) return
        const rested = jtsOf(shiftRegion(moving, 0, -way))
        expect(shared(rested, jtsOf(fixed)).getArea()).toBeLessThan(1e-6)
        expect(apart(rested, jtsOf(fixed))).toBeLessThan(1e-6)
      }),
      { numRuns: 100, seed: seedOf(8) },
    )
  })
})

describe('free space', () => {
  test('what is taken is never offered again', () => {
    fc.assert(
      fc.property(
        fc.array(fc.record({ w: fc.integer({ min: 5, max: 60 }), h: fc.integer({ min: 5, max: 60 }) }), {
          minLength: 1,
          maxLength: 20,
        }),
        (sizes) => {
          const free = new MaximalRectangles(200, 150)
          const placed: { minX: number; minY: number; maxX: number; maxY: number }[] = []
          for (const { w, h } of sizes) {
            const spot = free.find(w, h, 'short side left over')
            if (!spot) continue
            const box = { minX: spot.x, minY: spot.y, maxX: spot.x + w, maxY: spot.y + h }
            expect(box.maxX <= 200 && box.maxY <= 150).toBe(true)
            expect(placed.some((other) => overlaps(other, box))).toBe(false)
            placed.push(box)
            free.take(box)
          }
        },
      ),
    )
  })
  test('a part as large as the room fits, one that is larger does not', () => {
    expect(new MaximalRectangles(100, 50).find(100, 50, 'area left over')).toMatchObject({ x: 0, y: 0 })
    expect(new MaximalRectangles(100, 50).find(100.1, 50, 'area left over')).toBeNull()
  })
})

import { expect, test } from '@jest/globals'
import fc from 'fast-check'
import type { Bounds } from '../geometry'
import { MaximalRectangles } from './maximal-rectangles'

const SIDE = 12
const isClear = (taken: Bounds[], x: number, y: number, w: number, h: number): boolean =>
  taken.every(({ minX, minY, maxX, maxY }) => x >= maxX || y >= maxY || x + w <= minX || y + h <= minY)

/** The lowest place, and of those the leftmost, found by trying them all. */
function lowest(taken: Bounds[], w: number, h: number): { x: number; y: number } | null {
  for (let y = 0; y + h <= SIDE; y++)
    for (let x = 0; x + w <= SIDE; x++) if (isClear(taken, x, y, w, h)) return { x, y }
  return null
}

const corner = fc.integer({ min: 0, max: SIDE - 1 })
const length = fc.integer({ min: 1, max: 6 })
const rectangles = fc
  .array(fc.record({ minX: corner, minY: corner, w: length, h: length }), { maxLength: 6 })
  .map((list) => list.map(({ minX, minY, w, h }): Bounds => ({ minX, minY, maxX: minX + w, maxY: minY + h })))

test('whatever is taken, each size is put where trying out every place puts it', () => {
  fc.assert(
    fc.property(rectangles, (taken) => {
      const free = new MaximalRectangles(SIDE, SIDE)
      for (const each of taken) free.take(each)
      for (let w = 1; w <= SIDE; w++)
        for (let h = 1; h <= SIDE; h++) {
          const found = free.find(w, h, 'lowest then leftmost')
          expect(found && { x: found.x, y: found.y }).toEqual(lowest(taken, w, h))
        }
    }),
    { numRuns: 150, seed: 20261128 },
  )
})

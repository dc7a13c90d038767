import { describe, expect, test } from '@jest/globals'
import fc from 'fast-check'
import { seedOf } from '../../scripts/testing/runs'
import { difference, isNarrow, offset, rectangle, type Ring } from './index'

/** Triangles, taken out of a square: necks of any width and direction are left between them. */
const corner = fc.record({
  x: fc.double({ min: -5, max: 65, noNaN: true }),
  y: fc.double({ min: -5, max: 65, noNaN: true }),
})
const triangle = fc.tuple(corner, corner, corner).map((points): Ring => points)

describe('a region whose border is nowhere near itself', () => {
  test('does not fall apart when it shrinks by half of that', () => {
    let wide = 0
    fc.assert(
      fc.property(fc.array(triangle, { minLength: 1, maxLength: 3 }), (taken) => {
        for (const region of difference({ outline: rectangle(0, 0, 60, 60), holes: [] }, taken)) {
          if (isNarrow(region, 2)) continue
          wide++
          expect(offset(region, -0.999).length).toBeLessThanOrEqual(1)
        }
      }),
      { numRuns: 400, seed: seedOf(7) },
    )
    expect(wide).toBeGreaterThan(100)
  })
  test('a neck is told from a width of it on, wherever its ends are', () => {
    const neck = { outline: [...rectangle(0, 0, 20, 20)], holes: [rectangle(1.5, 5, 12, 12).reverse()] }
    expect([isNarrow(neck, 1.4), isNarrow(neck, 1.6)]).toEqual([false, true])
  })
})

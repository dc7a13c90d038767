import { describe, expect, test } from '@jest/globals'
import fc from 'fast-check'
import { rectangle, union } from '../geometry'
import {
  counted,
  fewestByRectangles,
  largeOnly,
  rectangleBound,
  rectangleInside,
  rounded,
} from './rectangle-bound'
import { seedOf } from '../../scripts/testing/runs'

describe('bounds', () => {
  test('a measure of lengths that fit beside each other is never more than 1', () => {
    const lengths = fc
      .array(fc.double({ min: 0.001, max: 1, noNaN: true }), { minLength: 1, maxLength: 30 })
      .map((all) => {
        const kept: number[] = []
        for (const length of all) if (kept.reduce((sum, each) => sum + each, length) <= 1) kept.push(length)
        return kept
      })
    const measure = fc.oneof(
      fc.integer({ min: 1, max: 20 }).map(rounded),
      fc.double({ min: 0.02, max: 0.5, noNaN: true }).map(largeOnly),
      fc.double({ min: 0.02, max: 0.5, noNaN: true }).map(counted),
    )
    fc.assert(
      fc.property(measure, lengths, (of, kept) => {
        expect(kept.reduce((sum, length) => sum + of(length), 0)).toBeLessThanOrEqual(1 + 1e-9)
      }),
      { numRuns: 3000, seed: seedOf(5) },
    )
  })
  test('better than area: parts just over half a sheet take one each', () => {
    const items = Array.from({ length: 5 }, () => ({ width: 51, height: 51, turns: true }))
    expect(rectangleBound(items, 100, 100)).toBe(5) // by area it would be 2
    expect(rectangleBound(items, 102, 102)).toBe(2)
    expect(rectangleBound([{ width: 90, height: 40, turns: true }], 100, 100)).toBe(1)
  })
  test('the largest rectangle inside an upright part; openings are kept out of it', () => {
    const tabbed = union([rectangle(0, 0, 100, 60), rectangle(20, 60, 40, 66)])[0]
    expect(rectangleInside(tabbed)).toEqual({ width: 100, height: 60 })
    const holed = { ...tabbed, holes: [[...rectangle(40, 0.5, 60, 59.5)].reverse()] }
    expect(rectangleInside(holed)).toEqual({ width: 40, height: 60 })
    expect(
      rectangleInside({
        outline: [
          { x: 0, y: 0 },
          { x: 9, y: 0 },
          { x: 0, y: 9 },
        ],
        holes: [],
      }),
    ).toBeNull()
  })
  test('the gap counts only as much as it must, and angles that are free bound nothing', () => {
    const shape = { outline: rectangle(0, 0, 49, 49), holes: [] }
    const parts = (turns: number[]) => Array.from({ length: 4 }, () => ({ shape, turns }))
    expect(fewestByRectangles(parts([0]), 0, { width: 100, height: 100 })).toBe(1)
    expect(fewestByRectangles(parts([0]), 5, { width: 100, height: 100 })).toBe(4)
    expect(fewestByRectangles(parts([0, 45]), 5, { width: 100, height: 100 })).toBe(0)
  })
})

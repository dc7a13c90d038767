import { describe, expect, test } from '@jest/globals'
import fc from 'fast-check'
import { rectangle, type Bounds } from './index'
import { paint, type Stroke } from './paint'
import { area, signedArea } from './measure'
import { seedOf } from '../../scripts/testing/runs'

const bounds = (minX: number, minY: number, maxX: number, maxY: number): Bounds => ({
  minX,
  minY,
  maxX,
  maxY,
})
const fill = (...at: [number, number, number, number]): Stroke => ({ area: bounds(...at), fill: true })
const clear = (...at: [number, number, number, number]): Stroke => ({ area: bounds(...at), fill: false })

describe('painting rectangles', () => {
  test('later strokes cover earlier ones; only corners are kept', () => {
    expect(paint([fill(0, 0, 10, 10), clear(4, 6, 6, 10), fill(4, 6, 6, 8)]).regions[0].outline).toHaveLength(
      8,
    )
    const [whole, ...others] = paint([fill(0, 0, 5, 10), fill(5, 0, 10, 10)]).regions
    expect(others).toEqual([])
    expect(whole.outline).toEqual(expect.arrayContaining(rectangle(0, 0, 10, 10)))
    expect(whole.outline).toHaveLength(4)
  })
  test('holes run clockwise and belong to the smallest outline around them', () => {
    const [inner, outer] = paint([
      fill(0, 0, 30, 30),
      clear(5, 5, 25, 25),
      fill(10, 10, 20, 20),
      clear(12, 12, 15, 15),
    ]).regions
    expect([inner.holes.length, outer.holes.length]).toEqual([1, 1])
    expect(area(inner)).toBeCloseTo(100 - 9, 9)
    expect(area(outer)).toBeCloseTo(900 - 400, 9)
  })
  test('pieces that touch at a corner only are two', () =>
    expect(paint([fill(0, 0, 5, 5), fill(5, 5, 10, 10)]).regions).toHaveLength(2))
  test('nothing is nothing, and a rectangle without width is none', () => {
    expect(paint([]).regions).toEqual([])
    expect(paint([fill(3, 0, 3, 9)]).regions).toEqual([])
  })
  test('covers just the cells that a plain bitmap has, for generated strokes', () => {
    const at = fc.integer({ min: 0, max: 12 })
    const stroke = fc
      .tuple(at, at, at, at, fc.boolean())
      .filter(([a, b, c, d]) => a < c && b < d)
      .map(([a, b, c, d, isFilled]): Stroke => ({ area: bounds(a, b, c, d), fill: isFilled }))
    fc.assert(
      fc.property(fc.array(stroke, { minLength: 1, maxLength: 14 }), (strokes) => {
        // Cell by cell, without our own tracing.
        let cells = 0
        for (let x = 0; x < 12; x++)
          for (let y = 0; y < 12; y++) {
            const last = strokes.findLast(
              ({ area: { minX, minY, maxX, maxY } }) => minX <= x && x < maxX && minY <= y && y < maxY,
            )
            if (last?.fill) cells++
          }
        const { regions } = paint(strokes)
        expect(regions.reduce((sum, region) => sum + area(region), 0)).toBeCloseTo(cells, 6)
        for (const { outline, holes } of regions) {
          expect(signedArea(outline)).toBeGreaterThan(0)
          for (const hole of holes) expect(signedArea(hole)).toBeLessThan(0)
          for (const ring of [outline, ...holes])
            for (const [i, point] of ring.entries()) {
              const next = ring[(i + 1) % ring.length]
              expect((point.x === next.x) !== (point.y === next.y)).toBe(true)
            }
        }
      }),
      { numRuns: 200, seed: seedOf(9) },
    )
  })
})

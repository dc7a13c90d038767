import { describe, expect, test } from '@jest/globals'
import fc from 'fast-check'
import { jtsOf, united } from '../../scripts/testing/jts'
import {
  area,
  bounds,
  lengthOf,
  offset,
  piecesOutside,
  rectangle,
  sharedArea,
  shiftRegion,
  signedArea,
  transformPoint,
  turnRegion,
  union,
  type Region,
} from './index'
import { seedOf } from '../../scripts/testing/runs'

const rectangles = fc.array(
  fc.record({
    x: fc.integer({ min: 0, max: 80 }),
    y: fc.integer({ min: 0, max: 80 }),
    w: fc.integer({ min: 1, max: 40 }),
    h: fc.integer({ min: 1, max: 40 }),
  }),
  { minLength: 1, maxLength: 8 },
)
const square: Region = { outline: rectangle(0, 0, 10, 10), holes: [] }

test('a union has the area that jsts finds, outlines counter-clockwise and holes clockwise', () => {
  fc.assert(
    fc.property(rectangles, (list) => {
      const rings = list.map(({ x, y, w, h }) => rectangle(x, y, x + w, y + h))
      const ours = union(rings)
      const theirs = rings
        .map((outline) => jtsOf({ outline, holes: [] }))
        .reduce((sum, next) => united(sum, next))
      expect(ours.reduce((sum, region) => sum + area(region), 0)).toBeCloseTo(theirs.getArea(), 4)
      for (const { outline, holes } of ours) {
        expect(signedArea(outline)).toBeGreaterThan(0)
        for (const hole of holes) expect(signedArea(hole)).toBeLessThan(0)
      }
    }),
    { numRuns: 60, seed: seedOf(2) },
  )
})

describe('offset', () => {
  test('corners stay square, holes move inward', () => {
    const frame: Region = { outline: rectangle(0, 0, 20, 20), holes: [rectangle(5, 5, 15, 15).reverse()] }
    const [grown] = offset(frame, 0.5)
    expect(area(grown)).toBeCloseTo(21 * 21 - 9 * 9, 4)
    expect(bounds(grown.outline)).toEqual({ minX: -0.5, minY: -0.5, maxX: 20.5, maxY: 20.5 })
  })
  test('out and in again is the same', () =>
    expect(area(offset(offset(square, 0.08)[0], -0.08)[0])).toBeCloseTo(100, 4))
  test('nothing is left of what is thinner than the cut', () => expect(offset(square, -6)).toEqual([]))
})

describe('what lies outside of a panel', () => {
  const holed: Region = { outline: square.outline, holes: [rectangle(4, 4, 6, 6).reverse()] }
  const line = (...points: [number, number][]) => ({
    closed: false,
    points: points.map(([x, y]) => ({ x, y })),
  })
  const piece = (...corners: [number, number, number, number]) => [
    { outline: rectangle(...corners), holes: [] },
  ]
  const outside = (...all: Parameters<typeof piecesOutside>) => {
    const { areas, lines } = piecesOutside(...all)
    return [...areas, ...lines]
  }
  test('a line through a hole, and one over the edge, though no end of it lies there', () => {
    expect(outside(holed, [], [line([1, 5], [9, 5])])).toHaveLength(1)
    expect(outside(holed, [], [line([5, 2], [5, 12])])).toHaveLength(2)
    expect(outside(holed, [], [line([1, 1], [9, 1]), line([1, 1], [1, 9])])).toEqual([])
  })
  test('an area in a hole or over the edge; one round a hole, or along an edge, is whole', () => {
    expect(outside(holed, piece(3, 3, 5, 5), [])).toHaveLength(1)
    expect(outside(holed, piece(8, 8, 11, 9), [])).toHaveLength(1)
    const round = { outline: rectangle(3, 3, 7, 7), holes: [rectangle(4, 4, 6, 6).reverse()] }
    expect(outside(holed, [round], [])).toEqual([])
    expect(outside(holed, piece(0, 0, 10, 3), [])).toEqual([])
  })
})

test('area, length and shared area of plain shapes', () => {
  expect(lengthOf(square.outline, false)).toBe(30)
  expect(sharedArea(square, shiftRegion(square, 4, 5))).toBeCloseTo(30, 6)
  expect(() => bounds([])).toThrow('no points')
})
test('four quarter turns are none', () => {
  const turned = [90, 90, 90, 90].reduce((region: Region) => turnRegion(region, 90), square)
  expect(turned.outline.map(({ x, y }) => [x + 0, y + 0])).toEqual(square.outline.map(({ x, y }) => [x, y]))
})
test('a matrix is read row after row', () =>
  expect(transformPoint([0, -1, 0, 7, 1, 0, 0, 8, 0, 0, 1, 9, 0, 0, 0, 1], [1, 2, 3])).toEqual([5, 9, 12]))

import { describe, expect, test } from '@jest/globals'
import fc from 'fast-check'
import {
  boltDepths,
  boltHole,
  boltPlaces,
  BOLTS,
  fingerShares,
  lapClaims,
  nutSlot,
  PLAIN,
  seamAcross,
  seamCount,
  seamSide,
  tenonShares,
  type EdgeRule,
} from './index'
import { area, intersection, rectangle } from '../geometry'

const shares = (count: number): EdgeRule => ({ rule: 'shares', count })
const sum = (widths: number[]): number => widths.reduce((total, width) => total + width, 0)

describe('half-lap', () => {
  // Common practice, no source: 50 tall, slots 25 deep.
  test('two parts 50 high keep 25 each', () =>
    expect(lapClaims({ from: 0, to: 50 }, { from: 0, to: 50 })).toEqual([
      { owner: 0, from: 0, to: 25 },
      { owner: 1, from: 25, to: 50 },
    ]))
  test('what stands above its mate is air in the first one’s slot, or it could not be slid in', () => {
    const claims = lapClaims({ from: 0, to: 60 }, { from: 0, to: 40 })
    expect(claims.at(-1)).toEqual({ owner: null, from: 40, to: 60 })
    expect(lapClaims({ from: 5, to: 40 }, { from: 0, to: 40 })[0]).toEqual({ owner: null, from: 0, to: 5 })
  })
})

describe('fingers', () => {
  test('an unequal pattern is no longer its own mirror image, and as long as before', () => {
    const { widths } = fingerShares(shares(5), 100, { ...PLAIN, keyed: true })
    expect(sum(widths)).toBeCloseTo(100, 9)
    expect(widths[0]).toBeCloseTo(12, 9)
    expect(widths.at(-1)).toBeCloseTo(28, 9)
  })
  test('mirrored, it runs the other way round; an even count begins with the other panel then', () => {
    const plain = fingerShares(shares(4), 40, { mirrored: false, keyed: true })
    const mirrored = fingerShares(shares(4), 40, { mirrored: true, keyed: true })
    expect(mirrored.widths).toEqual([...plain.widths].reverse())
    expect(mirrored.first).toBe(1 - plain.first)
  })
})

test('tenons: the slotted panel keeps both ends, whatever was asked for', () => {
  fc.assert(
    fc.property(fc.integer({ min: 2, max: 30 }), (count) => {
      const widths = tenonShares(shares(count), 200, PLAIN)
      expect(widths.length % 2).toBe(1)
      expect(widths.length).toBeGreaterThanOrEqual(3)
      expect(sum(widths)).toBeCloseTo(200, 6)
    }),
  )
})

describe('bolts', () => {
  // ISO 4032, hexagon regular nuts: width across flats and greatest height; ISO 273, medium clearance holes.
  // Both from memory.
  test.each([
    ['M3', 5.5, 2.4, 3.4],
    ['M4', 7, 3.2, 4.5],
    ['M5', 8, 4.7, 5.5],
    ['M6', 10, 5.2, 6.6],
  ] as const)('%s: %p across flats, %p high, hole %p', (size, flats, nut, hole) =>
    expect(BOLTS[size]).toMatchObject({ flats, nut, hole }),
  )
  test('the nut lies whole behind the lapping panel, and the bolt reaches through it', () => {
    const bolts = { size: 'M3' as const, count: 1, length: 16 }
    const { shank, nut } = boltDepths(bolts, 3)
    expect(shank).toBe(13)
    expect(nut[1] - nut[0]).toBeCloseTo(2.6, 9)
    expect(nut[1]).toBeLessThan(shank)
    const depths = nutSlot(bolts, 50, 3)
    const across = depths.map(({ s }) => s)
    expect(Math.max(...across) - Math.min(...across)).toBeCloseTo(5.7, 9)
  })
  test('its hole has the area of a circle, within what its corners leave', () => {
    const hole = area({ outline: boltHole({ size: 'M4' }, { x: 0, y: 0 }), holes: [] })
    expect(hole / (Math.PI * 2.25 ** 2)).toBeGreaterThan(0.98)
  })
  test('bolts are spread, each in the middle of a stretch wide enough for it', () => {
    const stretches = [
      { from: 0, to: 20 },
      { from: 40, to: 44 },
      { from: 60, to: 80 },
    ]
    expect(boltPlaces(stretches, 2, 7)).toEqual([10, 70])
    expect(boltPlaces([{ from: 0, to: 90 }], 3, 7)).toEqual([15, 45, 75])
    expect(boltPlaces(stretches, 1, 30)).toEqual([])
  })
})

describe('a seam', () => {
  const panel = { outline: rectangle(0, 0, 200, 60), holes: [] }
  test.each(['x', 'y'] as const)(
    'divides a panel along %s into two that fill it, each in one piece',
    (axis) => {
      const seam = seamAcross(axis, axis === 'x' ? 100 : 30, 0, axis === 'x' ? 60 : 200, 3)
      const halves = ([0, 1] as const).map((half) => intersection(panel, seamSide(seam, half, 0)))
      expect(halves.map(({ length }) => length)).toEqual([1, 1])
      expect(sum(halves.map(([half]) => area(half)))).toBeCloseTo(12_000, 3)
      const tight = ([0, 1] as const).map((half) => intersection(panel, seamSide(seam, half, 0.05))[0])
      const lines = seam.cuts.length - 2
      expect(sum(tight.map(area)) - 12_000).toBeCloseTo(lines * 2 * seam.reach * 0.1, 3)
    },
  )
  test('as many pieces as fit the bed, fingers included', () => {
    expect(seamCount(500, 600, 3)).toBe(1)
    expect(seamCount(1000, 600, 3)).toBe(2)
    expect(seamCount(1195, 600, 3)).toBe(3)
  })
})

import { describe, expect, test } from '@jest/globals'
import fc from 'fast-check'
import jsqr from 'jsqr'
import { jtsOf, without } from '../../scripts/testing/jts'
import { area, bounds, rectangle, ringsOf, type Region } from '../geometry'
import { canLetter, outlined, stencilled } from '../lettering'
import { hatch, placing, shapesOfMotif, turning, type Motif, type Place } from './index'
import { seedOf } from '../../scripts/testing/runs'

const words = { job: 'Peat crate', revision: '3' }
const shapes = (motif: Motif) => shapesOfMotif(motif, { drawings: [], pictures: [] }, words)
const isIn = (regions: Region[], x: number, y: number): boolean =>
  regions.flatMap(ringsOf).reduce((inside, ring) => {
    for (const [i, a] of ring.entries()) {
      const b = ring[(i + 1) % ring.length]
      if (a.y > y !== b.y > y && x < a.x + ((b.x - a.x) * (y - a.y)) / (b.y - a.y)) inside = !inside
    }
    return inside
  }, false)

describe('letters that are filled or cut out', () => {
  const SIGNS = 'ABCDEFGHIJKLMNOPQRSTUVWXYZabcdefghijklmnopqrstuvwxyz0123456789&@%#ÄÖÜäöüßéÅøÆ$'
  test('capitals are as high as asked', () => {
    const { maxY, minY } = bounds(outlined('H', 12).regions[0].outline)
    // Serifs of the hand: the letter reaches its height within a fiftieth.
    expect(maxY - minY).toBeGreaterThan(11.7)
    expect(maxY - minY).toBeLessThan(12.5)
    expect(canLetter(SIGNS)).toBe(true)
    expect(canLetter('☃')).toBe(false)
  })
  test.each([...SIGNS])('%s: nothing falls out of a panel but the letter itself', (sign) => {
    const { regions, width } = outlined(sign, 30)
    const cut = stencilled(regions, 2)
    expect(cut.every(({ holes }) => holes.length === 0)).toBe(true)
    // An unrelated library takes the letters out of a panel: it stays one piece.
    let panel = jtsOf({ outline: rectangle(-10, -20, width + 10, 50), holes: [] })
    for (const { outline } of cut) panel = without(panel, jtsOf({ outline, holes: [] }))
    expect(panel.getNumGeometries()).toBe(1)
    const whole = regions.reduce((sum, region) => sum + area(region), 0)
    const left = cut.reduce((sum, region) => sum + area(region), 0)
    expect(left).toBeGreaterThan(0.5 * whole)
    expect(left).toBeLessThanOrEqual(whole + 1e-6)
  })
})

test('a square code is read by a reader of its own descent', () => {
  const { areas } = shapes({ kind: 'code', text: '{job}, {revision}', size: 40 })
  const [side, scale] = [200, 4]
  const picture = new Uint8ClampedArray(side * side * 4).fill(255)
  for (let row = 0; row < side; row++)
    for (let column = 0; column < side; column++) {
      if (!isIn(areas, (column + 0.5 - side / 2) / scale, (side / 2 - row - 0.5) / scale)) continue
      picture.fill(0, (row * side + column) * 4, (row * side + column) * 4 + 3)
    }
  expect(jsqr(picture, side, side)?.data).toBe('Peat crate, 3')
})

test('a scale has a tick for every step, and numbers where they belong', () => {
  const ticks = (motif: Motif) => shapes(motif).lines.filter(({ points: [a, b, c] }) => !c && a.x === b.x)
  const metric = ticks({ kind: 'ruler', long: 100, high: 10, unit: 'mm' })
  const highs = metric.map(({ points: [a, b] }) => Math.round((b.y - a.y) * 1000) / 1000)
  const count = (high: number): number => highs.filter((each) => each === high).length
  expect([count(5.5), count(4.125), count(2.75)]).toEqual([11, 10, 80])
  const xs = ticks({ kind: 'ruler', long: 76.2, high: 10, unit: 'in' }).map(({ points: [a] }) => a.x)
  const across = [...new Set(xs.map((x) => Math.round(x * 1e4)))].sort((a, b) => a - b)
  expect(across.length).toBeGreaterThanOrEqual(49)
  expect((across[across.length - 1] - across[0]) / 1e4).toBeCloseTo(76.2, 3)
})

describe('rows that fill an area', () => {
  test('their length times their distance is the area, and each lies inside', () => {
    const radii = fc.array(fc.double({ min: 8, max: 20, noNaN: true }), { minLength: 5, maxLength: 12 })
    fc.assert(
      fc.property(radii, fc.constantFrom(0.05, 0.1, 0.2), (around, interval) => {
        const outline = around.map((r, i) => {
          const angle = (2 * Math.PI * i) / around.length
          return { x: r * Math.cos(angle), y: r * Math.sin(angle) }
        })
        const region: Region = { outline, holes: [[...rectangle(-2, -2, 3, 3)].reverse()] }
        const rows = hatch([region], interval)
        const length = rows.reduce((sum, [a, b]) => sum + Math.abs(b.x - a.x), 0)
        expect(length * interval).toBeCloseTo(jtsOf(region).getArea(), 0)
        for (const [a, b] of rows.slice(0, 50)) {
          expect(a.y).toBe(b.y)
          expect(isIn([region], (a.x + b.x) / 2, a.y)).toBe(true)
        }
      }),
      { numRuns: 60, seed: seedOf(4) },
    )
  })
  test('they go to and fro, each row once', () => {
    const rows = hatch([{ outline: rectangle(0, 0, 10, 1), holes: [] }], 0.25)
    expect(rows.map(([a, b]) => [a.y, Math.sign(b.x - a.x)])).toEqual([
      [0.125, 1],
      [0.375, -1],
      [0.625, 1],
      [0.875, -1],
    ])
  })
})

test('a place is told from its anchor and stays there when the face grows', () => {
  const place = { anchor: 'top right' as const, point: 'centre' as const, right: -10, up: -5, turn: 90 }
  const tip = turning(90)({ x: 2, y: 0 })
  const at = placing(place, { minX: 0, minY: 0, maxX: 100, maxY: 60 }, [tip])(tip)
  expect(at.x).toBeCloseTo(90, 9)
  expect(at.y).toBeCloseTo(57, 9)
  const grown = placing(place, { minX: 0, minY: 0, maxX: 140, maxY: 80 }, [tip])(tip)
  expect([grown.x - at.x, grown.y - at.y]).toEqual([40, 20])
})

test('a corner takes the same corner of what is placed, or the point of it that is named', () => {
  const face = { minX: 0, minY: 0, maxX: 100, maxY: 60 }
  const own = rectangle(-15, -4, 15, 4).map(turning(90))
  const where = (anchor: Place['anchor'], point: Place['point']): unknown => {
    const { minX, minY, maxX, maxY } = bounds(
      own.map(placing({ anchor, point, right: 0, up: 0, turn: 90 }, face, own)),
    )
    return [minX, minY, maxX, maxY].map((value) => Math.round(value * 1e6) / 1e6)
  }
  expect(where('bottom left', 'same')).toEqual([0, 0, 8, 30])
  expect(where('top right', 'same')).toEqual([92, 30, 100, 60])
  expect(where('right', 'same')).toEqual([92, 15, 100, 45])
  expect(where('bottom left', 'top right')).toEqual([-8, -30, 0, 0])
  expect(where('bottom left', 'centre')).toEqual([-4, -15, 4, 15])
})

import { describe, expect, test } from '@jest/globals'
import fc from 'fast-check'
import { jtsOf, shared } from '../../scripts/testing/jts'
import { rectangle, type Bounds } from '../geometry'
import { LEAST_SIDE, remnantsOf, surfaceOf } from './index'
import { seedOf } from '../../scripts/testing/runs'

const sheet = surfaceOf({ width: 600, height: 400 }, null)
const box = (minX: number, minY: number, maxX: number, maxY: number): Bounds => ({ minX, minY, maxX, maxY })
const asShape = ({ minX, minY, maxX, maxY }: Bounds) =>
  jtsOf({ outline: rectangle(minX, minY, maxX, maxY), holes: [] })

describe('what a sheet leaves over', () => {
  test('parts in a corner leave a strip to keep, and a corner piece that is more', () => {
    const [plain, all] = remnantsOf(sheet, [box(5, 5, 277, 197)], 3)
    expect(plain).toMatchObject({ kind: 'rectangle', width: 320, height: 400, area: 128_000 })
    expect(all).toMatchObject({ kind: 'all', area: 600 * 400 - 280 * 200 })
    expect(all.outline).toHaveLength(6)
  })
  test('strips too narrow to keep are no part of it', () => {
    const [plain, all] = remnantsOf(sheet, [box(0, 0, 560, 257)], 3)
    expect(plain).toMatchObject({ width: 600, height: 140 })
    expect(all).toBeUndefined()
  })
  test('a full sheet, and one with parts all over it, leave nothing', () => {
    expect(remnantsOf(sheet, [box(5, 5, 595, 395)], 3)).toEqual([])
    const all = [60, 180, 300, 420, 540].flatMap((x) =>
      [50, 125, 200, 275, 350].map((y) => box(x - 40, y - 20, x + 40, y + 20)),
    )
    expect(remnantsOf(sheet, all, 3)).toEqual([])
  })
  test('of an offcut that is no rectangle what is left is within it', () => {
    const outline = [
      [0, 0],
      [300, 0],
      [300, 70],
      [110, 70],
      [110, 260],
      [0, 260],
    ].map(([x, y]) => ({ x, y }))
    const piece = surfaceOf({ width: 300, height: 260 }, null, { outline, offcut: 'o', weight: 0 })
    const [left] = remnantsOf(piece, [box(5, 5, 200, 65)], 3)
    expect(left).toMatchObject({ kind: 'all', width: 110, height: 192 })
  })
  test('nothing that is kept was cut from, whatever lies there', () => {
    const boxes = fc.array(
      fc.record({
        x: fc.integer({ min: 0, max: 500 }),
        y: fc.integer({ min: 0, max: 300 }),
        w: fc.integer({ min: 10, max: 250 }),
        h: fc.integer({ min: 10, max: 200 }),
      }),
      { maxLength: 8 },
    )
    fc.assert(
      fc.property(boxes, (list) => {
        const cut = list.map(({ x, y, w, h }) => box(x, y, Math.min(600, x + w), Math.min(400, y + h)))
        for (const { outline, width, height } of remnantsOf(sheet, cut, 3)) {
          expect(Math.min(width, height)).toBeGreaterThanOrEqual(LEAST_SIDE - 1e-3)
          const left = jtsOf({ outline, holes: [] })
          for (const each of cut) expect(shared(left, asShape(each)).getArea()).toBeLessThan(1e-2)
        }
      }),
      { numRuns: 100, seed: seedOf(3) },
    )
  })
})

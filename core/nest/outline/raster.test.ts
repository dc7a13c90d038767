import { describe, expect, test } from '@jest/globals'
import fc from 'fast-check'
import { jtsOf, shared } from '../../../scripts/testing/jts'
import { rectangle, type Ring } from '../../geometry'
import { groundOf } from './ground'
import { blocksOf, Taken, type Raster } from './raster'
import { seedOf } from '../../../scripts/testing/runs'

const raster = (columns: number, rows: number, step = 1): Raster => ({
  x: 0,
  y: 0,
  stepX: step,
  stepY: step,
  columns,
  rows,
  corners: new WeakMap(),
})
const [COLUMNS, ROWS] = [24, 18]
/** Triangles of any place and slant, run counter-clockwise. */
const triangles = fc
  .array(
    fc.tuple(fc.double({ min: 0, max: COLUMNS, noNaN: true }), fc.double({ min: 0, max: ROWS, noNaN: true })),
    {
      minLength: 3,
      maxLength: 3,
    },
  )
  .map((corners): Ring => {
    const ring = corners.map(([x, y]) => ({ x, y }))
    const [a, b, c] = ring
    const twice = (b.x - a.x) * (c.y - a.y) - (b.y - a.y) * (c.x - a.x)
    return twice < 0 ? ring.reverse() : ring
  })
  .filter(([a, b, c]) => Math.abs((b.x - a.x) * (c.y - a.y) - (b.y - a.y) * (c.x - a.x)) > 0.5)

const squares = (blocks: ReturnType<typeof blocksOf>): Set<string> =>
  new Set(
    blocks.flatMap(({ left, low, right, high }) =>
      Array.from({ length: right - left + 1 }, (_, i) =>
        Array.from({ length: high - low + 1 }, (_, j) => `${left + i} ${low + j}`),
      ).flat(),
    ),
  )

describe('a shape in squares', () => {
  test('has every square that an unrelated library finds it in', () => {
    fc.assert(
      fc.property(triangles, (ring) => {
        const has = squares(blocksOf([ring], raster(COLUMNS, ROWS)))
        const shape = jtsOf({ outline: ring, holes: [] })
        for (let x = 0; x < COLUMNS; x++)
          for (let y = 0; y < ROWS; y++) {
            const area = shared(shape, jtsOf({ outline: rectangle(x, y, x + 1, y + 1), holes: [] })).getArea()
            if (area > 1e-4 && !has.has(`${x} ${y}`)) throw new Error(`${x} ${y} is missing: ${area}`)
          }
        // and not many more than it touches: one at most on each side of a row
        expect(has.size).toBeLessThan(shape.getArea() + 2 * (COLUMNS + ROWS) + 8)
      }),
      { numRuns: 12, seed: seedOf(8) },
    )
  })
  test('a rectangle on the lines of the raster is one block of just its squares', () =>
    expect(blocksOf([rectangle(2, 3, 7, 5)], raster(COLUMNS, ROWS))).toEqual([
      { left: 2, low: 3, right: 6, high: 4 },
    ]))
  test('what lies in a hole is not part of it', () => {
    const frame = [rectangle(0, 0, 9, 9), [...rectangle(3, 3, 6, 6)].reverse()]
    const has = squares(blocksOf(frame, raster(COLUMNS, ROWS)))
    expect(has.size).toBe(81 - 9)
    expect(has.has('4 4')).toBe(false)
  })
})

describe('what is taken', () => {
  test('the first free place is the one that looking at every square finds, either way', () => {
    const lying = fc.array(fc.tuple(fc.integer({ min: 0, max: 20 }), fc.integer({ min: 0, max: 14 })), {
      maxLength: 12,
    })
    const size = fc.tuple(fc.integer({ min: 1, max: 6 }), fc.integer({ min: 1, max: 6 }))
    fc.assert(
      fc.property(lying, size, fc.boolean(), (list, [width, height], byColumn) => {
        const taken = new Taken(raster(COLUMNS, ROWS))
        const full = new Set<string>()
        for (const [x, y] of list) {
          taken.take([rectangle(0, 0, 3, 2)], x, y)
          for (const dx of [0, 1, 2]) for (const dy of [0, 1]) full.add(`${x + dx} ${y + dy}`)
        }
        const free = (column: number, row: number): boolean =>
          Array.from({ length: width * height }).every(
            (_, i) => !full.has(`${column + (i % width)} ${row + Math.floor(i / width)}`),
          )
        const [across, along] = [COLUMNS - width + 1, ROWS - height + 1]
        const all = Array.from({ length: across * along }, (_, i) =>
          byColumn ? [Math.floor(i / along), i % along] : [i % across, Math.floor(i / across)],
        )
        const wanted = all.find(([column, row]) => free(column, row))
        const block = [{ left: 0, low: 0, right: width - 1, high: height - 1 }]
        const place = taken.find(block, width, height, byColumn, 0)
        if (!wanted) expect(place).toBe(-1)
        else expect(taken.at(place, width, height, byColumn)).toEqual({ column: wanted[0], row: wanted[1] })
      }),
      { numRuns: 200, seed: seedOf(9) },
    )
  })
})

test('what of a sheet may be taken, for a bound, ends at its margin', () => {
  // By definition: 100 × 60 less 5 on each side.
  expect(groundOf(rectangle(0, 0, 100, 60), 5, 3, 1)!.area).toBeCloseTo(90 * 50, 6)
  expect(groundOf(rectangle(0, 0, 100, 60), 30, 3, 1)).toBeNull()
})

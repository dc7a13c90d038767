import { describe, expect, test } from '@jest/globals'
import fc from 'fast-check'
import { packsInto, type Packed } from './exact-packing'
import { runs, seedOf } from '../../scripts/testing/runs'

const item = (width: number, height: number, turns = true): Packed => ({ width, height, turns })

/** Every place on whole numbers, tried one after the other: slow, and quite another way. */
function triedOut(items: Packed[], width: number, height: number): boolean {
  const taken = Array.from({ length: height }, () => new Array<boolean>(width).fill(false))
  const isPut = (i: number): boolean => {
    if (i === items.length) return true
    const { width: w, height: h, turns } = items[i]
    for (const [a, b] of turns && w !== h
      ? [
          [w, h],
          [h, w],
        ]
      : [[w, h]])
      for (let y = 0; y + b <= height; y++)
        for (let x = 0; x + a <= width; x++) {
          const cells = Array.from({ length: a * b }, (_, k) => [y + Math.floor(k / a), x + (k % a)])
          if (cells.some(([row, column]) => taken[row][column])) continue
          for (const [row, column] of cells) taken[row][column] = true
          if (isPut(i + 1)) return true
          for (const [row, column] of cells) taken[row][column] = false
        }
    return false
  }
  return isPut(0)
}

describe('whether rectangles fit', () => {
  test('agrees with trying out every place, and its places are free of each other', () => {
    const side = fc.integer({ min: 1, max: 5 })
    const some = fc.array(fc.tuple(side, side, fc.boolean()), { minLength: 3, maxLength: 6 })
    const seen = { fits: 0, none: 0 }
    for (const given of fc.sample(some, { numRuns: runs(300), seed: seedOf(20261126) })) {
      const items = given.map(([w, h, turns]) => item(w, h, turns))
      const [width, height] = [6, 5]
      const found = packsInto(items, width, height, 200_000)
      expect(found.fits).toBe(triedOut(items, width, height))
      if (!found.fits) {
        seen.none++
        continue
      }
      seen.fits++
      const boxes = found.spots.map(({ x, y, isTurned }, i) => {
        const { width: w, height: h, turns } = items[i]
        if (isTurned) expect(turns).toBe(true)
        return isTurned ? [x, y, x + h, y + w] : [x, y, x + w, y + h]
      })
      for (const [i, [x, y, right, top]] of boxes.entries()) {
        expect(Math.min(x, y, width - right, height - top)).toBeGreaterThan(-1e-5)
        for (const other of boxes.slice(i + 1)) {
          const isFree = right <= other[0] + 1e-5 || other[2] <= x + 1e-5 || top <= other[1] + 1e-5
          expect(isFree || other[3] <= y + 1e-5).toBe(true)
        }
      }
    }
    expect(Math.min(seen.fits, seen.none)).toBeGreaterThan(runs(40))
  })
  test('what area would allow and their sides do not, and what only a turn allows', () => {
    expect(packsInto([item(6, 6), item(5, 5), item(5, 2)], 11, 7, 10_000).fits).toBe(true)
    expect(packsInto([item(7, 4), item(4, 7)], 9, 9, 10_000).fits).toBe(true)
    expect(packsInto([item(7, 4, false), item(4, 7, false)], 10, 10, 10_000).fits).toBe(false)
    const five = Array.from({ length: 5 }, () => item(34, 34))
    expect(packsInto(five, 100, 100, 10_000).fits).toBe(false)
  })
  test('a wheel of four round a middle, which no cut from side to side divides', () => {
    const wheel = [item(6, 4), item(4, 6), item(6, 4), item(4, 6), item(2, 2)]
    expect(packsInto(wheel, 10, 10, 10_000).fits).toBe(true)
    expect(packsInto([...wheel, item(0.5, 0.5)], 10, 10, 10_000).fits).toBe(false)
  })
  test('says that it does not know when it may not look long enough', () => {
    const many = Array.from({ length: 9 }, (_, i) => item(20 + i, 30 + ((i * 7) % 5)))
    expect(packsInto(many, 92, 91, 3).fits).toBeNull()
  })
})

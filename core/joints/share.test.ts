import { describe, expect, test } from '@jest/globals'
import fc from 'fast-check'
import {
  centred,
  ruleLike,
  RULE_NAMES,
  share,
  shareByCount,
  shareEvenly,
  shareFixed,
  type EdgeRule,
} from './index'

const even: EdgeRule = { rule: 'even', width: 10 }

describe('sharing out an edge', () => {
  const lengths = fc.double({ min: 5, max: 900, noNaN: true })
  const widths = fc.double({ min: 1, max: 100, noNaN: true })
  // Common practice, no source: 4 in in 5 tabs is 0.8 in each, in 7 it is 0.5714 in.
  test('4 in in 5 and in 7', () => {
    expect(shareEvenly(4, 0.8)).toEqual(Array(5).fill(0.8))
    expect(shareEvenly(4, 0.5714)[0]).toBeCloseTo(0.5714, 4)
    expect(shareByCount(4, 7)[0]).toBeCloseTo(0.5714, 4)
  })
  test('evenly: odd, at least three, and no other odd count is nearer to the wanted width', () => {
    fc.assert(
      fc.property(lengths, widths, (length, wanted) => {
        const n = shareEvenly(length, wanted).length
        const off = (count: number) => Math.abs(length / count - wanted)
        expect(n % 2).toBe(1)
        expect(n).toBeGreaterThanOrEqual(3)
        if (n < 999) expect(off(n)).toBeLessThanOrEqual(off(n + 2) + 1e-9)
        if (n > 3) expect(off(n)).toBeLessThanOrEqual(off(n - 2) + 1e-9)
      }),
    )
  })
  test('fixed: the middle is just as wide as wanted, both ends are equal and not slivers', () => {
    fc.assert(
      fc.property(lengths, widths, (length, wanted) => {
        const shares = shareFixed(length, wanted)
        expect(shares.reduce((a, b) => a + b)).toBeCloseTo(length, 6)
        expect(shares.length % 2).toBe(1)
        expect(shares[0]).toBeCloseTo(shares.at(-1)!, 9)
        if (length >= 2 * wanted) {
          expect(new Set(shares.slice(1, -1))).toEqual(new Set([wanted]))
          expect(shares[0]).toBeGreaterThanOrEqual(wanted / 2 - 1e-9)
        }
      }),
    )
  })
  test('a count of tabs says whose they are: the other panel has both ends', () => {
    expect(share({ rule: 'tabs', count: 3, of: 'other' }, 70)).toEqual({
      widths: Array(7).fill(10),
      first: 0,
    })
    expect(share({ rule: 'tabs', count: 3, of: 'leading' }, 70).first).toBe(1)
  })
  test('one tab in the middle, and a pattern, with equal remainders at the ends', () => {
    expect(share({ rule: 'centre', width: 12.7, of: 'other' }, 100).widths).toEqual([43.65, 12.7, 43.65])
    expect(share({ rule: 'pattern', widths: [12, 8, 12], of: 'other' }, 52).widths).toEqual([
      10, 12, 8, 12, 10,
    ])
    expect(centred(20, [12, 8, 12])[0]).toBeLessThan(0) // longer than the edge: refused as too narrow
  })
  test('a rule taken for another begins with about what it made', () => {
    for (const name of RULE_NAMES) expect(ruleLike(name, even).rule).toBe(name)
    expect(ruleLike('tabs', { rule: 'shares', count: 7 })).toEqual({ rule: 'tabs', count: 3, of: 'other' })
    expect(ruleLike('centre', { rule: 'fixed', width: 12 })).toMatchObject({ width: 12 })
  })
})

import { describe, expect, test } from '@jest/globals'
import { area, bounds } from '../geometry'
import { outlined, stencilled } from './outlines'

const BRIDGE = 1.2
const cut = (sign: string) => stencilled(outlined(sign, 20).regions, BRIDGE)

describe('letters that are cut out', () => {
  test('the inside of an O is held from above and from below: two halves are left', () => {
    const halves = cut('O')
    expect(halves).toHaveLength(2)
    const [left, right] = halves.map(({ outline }) => bounds(outline))
    expect(Math.abs(left.maxX - left.minX - (right.maxX - right.minX))).toBeLessThan(0.6)
    // Between them is the bridge, over the whole height.
    const gap = Math.max(left.minX, right.minX) - Math.min(left.maxX, right.maxX)
    expect(gap).toBeCloseTo(BRIDGE, 6)
  })
  // By hand: each hole of B, 8 and A has material above and below it.
  test.each([
    ['0', 2],
    ['D', 2],
    ['A', 2],
  ])('%s comes apart into %p', (sign, pieces) => expect(cut(sign)).toHaveLength(pieces))
  test('nothing but the bars is lost, and no hole is left, in any letter that has one', () => {
    for (const sign of 'ABDOPQR0689') {
      const [whole, left] = [outlined(sign, 20).regions, cut(sign)]
      const sum = (regions: typeof whole): number => regions.reduce((all, each) => all + area(each), 0)
      expect(left.flatMap(({ holes }) => holes)).toEqual([])
      const lost = sum(whole) - sum(left)
      // Two bars through a stroke each, for each hole: B612 Bold's are a fifth of the height at most.
      const holes = whole.reduce((count, each) => count + each.holes.length, 0)
      expect(lost).toBeGreaterThan(holes * BRIDGE * 2 * 1)
      expect(lost).toBeLessThan(holes * BRIDGE * 2 * 5)
    }
  })
})

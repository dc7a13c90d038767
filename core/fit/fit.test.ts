import { describe, expect, test } from '@jest/globals'
import fc from 'fast-check'
import { kerfOf } from '../kerf'
import { thicknessOf } from '../stock'
import { gapFor, normalBelow, predictFit, wordFor } from './index'

const kerf = kerfOf({ width: 0.16, doubt: 0.02, how: '' })
const thickness = thicknessOf({ nominal: 3, readings: [3.0, 3.1, 3.05] })

describe('gap per boundary', () => {
  // By definition: g = k − 2c − i.
  test('compensated by half the kerf nothing is left', () => expect(gapFor(0.16, 0.08, 0)).toBeCloseTo(0, 12))
  test('uncompensated play of a tab is twice the kerf', () => expect(2 * gapFor(0.16, 0, 0)).toBeCloseTo(0.32, 12))
  test('compensated twice the parts overlap by the kerf', () => expect(gapFor(0.16, 0.16, 0)).toBeCloseTo(-0.16, 12))
  test('a tab and a notch cut by a beam of any kerf part by that gap', () => {
    // A tab drawn w + i/2 and a notch drawn w − i/2 at each boundary, on paths moved by c, lose k/2 at each cut edge.
    fc.assert(fc.property(fc.double({ min: 0.02, max: 0.6, noNaN: true }), fc.double({ min: 0, max: 0.3, noNaN: true }), fc.double({ min: -0.1, max: 0.1, noNaN: true }), (k, c, i) => {
      const tab = 10 + i - k + 2 * c
      const notch = 10 - i + k - 2 * c
      return Math.abs((notch - tab) / 2 - gapFor(k, c, i)) < 1e-9
    }))
  })
})

// From memory, no source at hand: forced < −0.06, press to −0.02, snug to +0.02, easy to +0.08, loose beyond.
test.each([[-0.1, 'forced'], [-0.04, 'press'], [-0.02, 'snug'], [0, 'snug'], [0.02, 'snug'], [0.05, 'easy'], [0.08, 'easy'], [0.081, 'loose']])('a gap of %p mm is %s', (gap, word) => expect(wordFor(gap)).toBe(word))

// Published: Abramowitz & Stegun, Handbook of Mathematical Functions, table 26.1 (values from memory).
test.each([[0, 0.5], [1, 0.8413447], [1.959964, 0.975], [-2.5758293, 0.005], [3, 0.9986501]])('the normal distribution below %p', (z, p) => expect(normalBelow(z)).toBeCloseTo(p, 6))

describe('prediction', () => {
  test('odds add up to one, and the likeliest word is the one that is said', () => {
    fc.assert(fc.property(fc.double({ min: -0.1, max: 0.1, noNaN: true }), fc.double({ min: 0, max: 0.1, noNaN: true }), (interference, doubt) => {
      const { odds, word, gap } = predictFit({ ...kerf, doubt }, thickness, 0.08, interference, 'plywood')
      expect(Object.values(odds).reduce((a, b) => a + b)).toBeCloseTo(1, 9)
      if (doubt < 0.01 && Math.abs(gap) < 0.01) expect(odds[word]).toBeGreaterThan(0.9)
    }))
  })
  test('odds of snug for a gap of 0 ± 0.02 are 95 %', () => expect(predictFit(kerf, thickness, 0.08, 0, 'plywood').odds.snug).toBeCloseTo(0.95, 4))
  test('thickness goes into flushness and slots, not into the gap', () => {
    const even = predictFit(kerf, thicknessOf({ nominal: 3, readings: [3.05] }), 0.08, 0, 'plywood')
    const uneven = predictFit(kerf, thickness, 0.08, 0, 'plywood', 0.3)
    expect(uneven.gap).toBe(even.gap)
    expect(uneven.flush.recessed).toBeCloseTo(0.25, 9)
    expect(uneven.flush.proud).toBeCloseTo(0.35, 9)
    expect(uneven.slotWidth).toBe(3.1)
  })
  // Common practice, no source: acrylic does not crush, keep g ≥ 0; card crushes, press is fine.
  test('a press fit is warned of in acrylic only', () => {
    expect(predictFit(kerf, thickness, 0.08, 0.04, 'acrylic').cautions.join(' ')).toContain('does not crush')
    expect(predictFit(kerf, thickness, 0.08, 0.04, 'card').cautions).toEqual([])
  })
  test('an uneven sheet is called so', () => {
    const wavy = thicknessOf({ nominal: 3, readings: [2.9, 3.15] })
    expect(predictFit(kerf, wavy, 0.08, 0, 'plywood', 1).cautions[0]).toContain('uneven')
  })
})

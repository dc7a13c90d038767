import { describe, expect, test } from '@jest/globals'
import fc from 'fast-check'
import { kerfOf } from '../kerf'
import { thicknessOf } from '../stock'
import { randomNormal } from '../../scripts/testing/random'
import {
  bestCompensation,
  gapFor,
  jointOdds,
  NO_TASTE,
  predictFit,
  rangeOf,
  slotOdds,
  tabOdds,
  tasteFor,
  tasteFromVerdict,
  wantedWord,
  wordFor,
  type FitWord,
  type TasteRecord,
} from './index'

const kerf = kerfOf({ width: 0.16, doubt: 0.02, how: '' })
const readings = (...values: number[]) => values.map((value) => ({ value, spot: '', on: '' }))
const thickness = thicknessOf({ nominal: 3, readings: readings(3.0, 3.1, 3.05) })

describe('gap per boundary', () => {
  // By definition: g = k − 2c − i.
  test('compensated by half the kerf nothing is left', () => expect(gapFor(0.16, 0.08, 0)).toBeCloseTo(0, 12))
  test('uncompensated play of a tab is twice the kerf', () =>
    expect(2 * gapFor(0.16, 0, 0)).toBeCloseTo(0.32, 12))
  test('compensated twice the parts overlap by the kerf', () =>
    expect(gapFor(0.16, 0.16, 0)).toBeCloseTo(-0.16, 12))
  test('a tab and a notch cut by a beam of any kerf part by that gap', () => {
    // A tab drawn w + i/2 and a notch drawn w − i/2 at each boundary, on paths moved by c, lose k/2 at each cut edge.
    fc.assert(
      fc.property(
        fc.double({ min: 0.02, max: 0.6, noNaN: true }),
        fc.double({ min: 0, max: 0.3, noNaN: true }),
        fc.double({ min: -0.1, max: 0.1, noNaN: true }),
        (k, c, i) => {
          const tab = 10 + i - k + 2 * c
          const notch = 10 - i + k - 2 * c
          return Math.abs((notch - tab) / 2 - gapFor(k, c, i)) < 1e-9
        },
      ),
    )
  })
})

// From memory, no source at hand: forced < −0.06, press to −0.02, snug to +0.02, easy to +0.08, loose beyond.
test.each([
  [-0.1, 'forced'],
  [-0.04, 'press'],
  [-0.02, 'snug'],
  [0, 'snug'],
  [0.02, 'snug'],
  [0.05, 'easy'],
  [0.08, 'easy'],
  [0.081, 'loose'],
])('a gap of %p mm is %s', (gap, word) => expect(wordFor(gap)).toBe(word))

describe('prediction', () => {
  test('odds add up to one, and the likeliest word is the one that is said', () => {
    fc.assert(
      fc.property(
        fc.double({ min: -0.1, max: 0.1, noNaN: true }),
        fc.double({ min: 0, max: 0.1, noNaN: true }),
        (interference, doubt) => {
          const { odds, word, gap } = predictFit(
            { ...kerf, doubt, sd: doubt / 1.96 },
            thickness,
            0.08,
            interference,
            'plywood',
          )
          expect(Object.values(odds).reduce((a, b) => a + b)).toBeCloseTo(1, 9)
          if (doubt < 0.01 && Math.abs(gap) < 0.005) expect(odds[word]).toBeGreaterThan(0.9)
        },
      ),
    )
  })
  test('odds of snug for a gap of 0 ± 0.02 are 95 % when only kerf is in doubt', () =>
    expect(
      predictFit(kerf, thickness, 0.08, 0, 'plywood', 0, { offset: 0, sd: 0, count: 3 }).odds.snug,
    ).toBeCloseTo(0.95, 4))
  test('thickness goes into flushness and slots, not into the gap', () => {
    const even = predictFit(kerf, thicknessOf({ nominal: 3, readings: readings(3.05) }), 0.08, 0, 'plywood')
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
    const wavy = thicknessOf({ nominal: 3, readings: readings(2.9, 3.15) })
    expect(predictFit(kerf, wavy, 0.08, 0, 'plywood', 1).cautions[0]).toContain('uneven')
  })
})

describe('odds against simulation: 20,000 drawn combinations, within 1.5 points', () => {
  const words: FitWord[] = ['forced', 'press', 'snug', 'easy', 'loose']
  const simulated = (draw: (gauss: () => number) => number): number[] => {
    const gauss = randomNormal(77)
    const counts = words.map(() => 0)
    for (let i = 0; i < 20_000; i++) counts[words.indexOf(wordFor(draw(gauss)))]++
    return counts.map((count) => count / 20_000)
  }
  const agrees = (odds: Record<FitWord, number>, counted: number[]) =>
    words.forEach((word, i) => expect(Math.abs(odds[word] - counted[i])).toBeLessThan(0.015))

  test.each([
    [0.16, 0.012, 0.08, 0, 0, 0.006],
    [0.2, 0.03, 0.06, 0.04, 0.02, 0.02],
    [0.12, 0.02, 0.06, -0.05, -0.01, 0.01],
  ])('tabs: kerf %p, its doubt %p', (k, sk, c, i, offset, st) => {
    const { odds } = tabOdds({ width: k, sd: sk }, c, i, { offset, sd: st })
    // One kerf, one taste are drawn; tab and notch are then cut with that kerf, each edge moved by c.
    agrees(
      odds,
      simulated((gauss) => {
        const drawn = k + sk * gauss()
        const tab = 10 + i - drawn + 2 * c
        const notch = 10 - i + drawn - 2 * c
        return (notch - tab) / 2 + offset + st * gauss()
      }),
    )
  })
  test('slots: thickness counts, and is named when it dominates', () => {
    const joint = slotOdds(3.08, { width: 0.16, sd: 0.01 }, 0.08, { mean: 3.04, sd: 0.04 })
    agrees(
      joint.odds,
      simulated((gauss) => (3.08 + (0.16 + 0.01 * gauss()) - 0.16 - (3.04 + 0.04 * gauss())) / 2),
    )
    expect(joint.dominant).toMatchObject({ name: 'thickness' })
    expect(joint.dominant!.share).toBeCloseTo(16 / 17, 6)
  })
  test('doubts add as variances', () =>
    expect(
      jointOdds('tabs', '', 0, [
        { name: 'a', sd: 0.03 },
        { name: 'b', sd: 0.04 },
      ]).sd,
    ).toBeCloseTo(0.05, 12))
  test('no other compensation gives the wanted word better odds', () => {
    const [kerfNow, taste] = [
      { width: 0.2, sd: 0.02 },
      { offset: 0.01, sd: 0.01 },
    ]
    const best = bestCompensation(rangeOf('press'), kerfNow, 0, taste)
    const odds = (c: number) => tabOdds(kerfNow, c, 0, taste).odds.press
    for (let c = 0; c < 0.2; c += 0.002) expect(odds(c)).toBeLessThanOrEqual(odds(best) + 1e-6)
  })
  test('the interference that is offered does for the fit what that compensation would', () => {
    const asked = predictFit(kerf, thickness, 0.08, 0.015, 'plywood')
    const offered = predictFit(kerf, thickness, 0.08, asked.best.interference, 'plywood')
    expect(offered.odds[asked.wanted]).toBeCloseTo(asked.best.odds, 9)
    expect(offered.best).toMatchObject({
      interference: expect.closeTo(asked.best.interference, 9),
      compensation: expect.closeTo(0.08, 9),
    })
  })
})

describe('taste', () => {
  const record = (
    interference: number,
    doubt: number,
    family: TasteRecord['family'] = 'plywood',
  ): TasteRecord => ({
    id: String(interference),
    family,
    interference,
    doubt,
    from: 'comb',
    on: '',
    note: '',
  })
  test('is a weighted mean of one’s own records of the family, surer ones counting more', () => {
    expect(tasteFor([], 'plywood')).toBe(NO_TASTE)
    expect(tasteFor([record(0.03, 0.01), record(0.09, 0.01, 'acrylic')], 'plywood').offset).toBeCloseTo(
      0.03,
      9,
    )
    const both = tasteFor([record(0.02, 0.01), record(0.06, 0.03)], 'plywood')
    expect(both.offset).toBeCloseTo((0.02 * 9 + 0.06) / 10, 9)
    expect(both.count).toBe(2)
  })
  test('a verdict moves it: what felt easy at no interference wants more of it', () => {
    const { interference, doubt } = tasteFromVerdict('easy', 0, 0)
    expect(interference).toBeCloseTo(0.05, 9)
    expect(doubt).toBeCloseTo(0.03, 9)
    expect(tasteFromVerdict('snug', -0.03, 0).interference).toBeCloseTo(0.03, 9)
  })
  test('one’s own snug shifts what is predicted and what is asked for', () => {
    const own = { offset: 0.04, sd: 0.005, count: 2 }
    expect(predictFit(kerf, thickness, 0.08, 0.04, 'plywood', 0, own).word).toBe('snug')
    expect(wantedWord(0.04, own)).toBe('snug')
    expect(wantedWord(0.04, NO_TASTE)).toBe('press')
  })
})

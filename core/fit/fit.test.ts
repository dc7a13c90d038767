import { describe, expect, test } from '@jest/globals'
import fc from 'fast-check'
import { kerfOf, type Kerf } from '../kerf'
import { IN_METRIC as say } from '../length'
import { thicknessOf, type Family } from '../stock'
import {
  fitCautions,
  fitWorking,
  gapFor,
  plainBelief,
  predictFit,
  tasteFromVerdict,
  wantedWord,
  wordFor,
  type FitInput,
} from './index'

const kerf = kerfOf({ width: 0.16, doubt: 0.02, how: '' })
/** A snug that nobody said anything of. */
const UNSAID = { offset: 0, sd: 0.005 }
const readings = (...values: number[]) => values.map((value) => ({ value, spot: '', on: '' }))
const thickness = thicknessOf({ nominal: 3, readings: readings(3.0, 3.1, 3.05) })
const predict = (more: Partial<FitInput> = {}) =>
  predictFit({
    kerf,
    thickness,
    compensate: 'paths',
    interference: 0,
    proud: 0,
    belief: plainBelief((more.kerf ?? kerf).sd, UNSAID),
    boundaries: [],
    tabbed: true,
    slots: [],
    ...more,
  })
const cautions = (family: Family, more: Partial<FitInput> = {}) =>
  fitCautions(predict(more), more.thickness ?? thickness, family, more.proud ?? 0, say)

describe('gap per boundary', () => {
  const round = (width: number): Pick<Kerf, 'by'> => ({ by: { x: { width, sd: 0 }, y: { width, sd: 0 } } })
  const gap = (k: number, c: number, i: number) => gapFor(['x', 'y'], round(k), { x: c, y: c }, i)
  // By definition: g = k − 2c − i.
  test('compensated by half the kerf nothing is left', () => expect(gap(0.16, 0.08, 0)).toBeCloseTo(0, 12))
  test('uncompensated play of a tab is twice the kerf', () =>
    expect(2 * gap(0.16, 0, 0)).toBeCloseTo(0.32, 12))
  test('compensated twice the parts overlap by the kerf', () =>
    expect(gap(0.16, 0.16, 0)).toBeCloseTo(-0.16, 12))
  test('a tab and a notch cut by a beam of any kerf, round or not, part by that gap', () => {
    // A tab drawn w + i/2 and a notch drawn w − i/2 at each boundary, on paths moved by c, lose k/2 at each
    // cut edge.
    const small = (min: number, max: number) => fc.double({ min, max, noNaN: true })
    fc.assert(
      fc.property(small(0.02, 0.6), small(0.02, 0.6), small(0, 0.3), small(-0.1, 0.1), (ka, kb, c, i) => {
        const tab = 10 + i - ka + 2 * c
        const notch = 10 - i + kb - 2 * c
        const by = { x: { width: ka, sd: 0 }, y: { width: kb, sd: 0 } }
        return Math.abs((notch - tab) / 2 - gapFor(['x', 'y'], { by }, { x: c, y: c }, i)) < 1e-9
      }),
    )
  })
})

// From memory, no source at hand: forced < −0.06, press to −0.02, snug to +0.02, easy to +0.08, loose
// beyond.
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
          const { odds, word, gap } = predict({ kerf: { ...kerf, doubt, sd: doubt / 1.96 }, interference })
          expect(Object.values(odds).reduce((a, b) => a + b)).toBeCloseTo(1, 9)
          if (doubt < 0.01 && Math.abs(gap) < 0.005) expect(odds[word]).toBeGreaterThan(0.9)
        },
      ),
    )
  })
  test('odds of snug for a gap of 0 ± 0.02 are 95 % when only kerf is in doubt', () =>
    expect(predict({ belief: plainBelief(kerf.sd, { offset: 0, sd: 0 }) }).odds.snug).toBeCloseTo(0.95, 4))
  test('thickness goes into flushness and slots, not into the gap', () => {
    const even = predict({ thickness: thicknessOf({ nominal: 3, readings: readings(3.05) }) })
    const uneven = predict({ proud: 0.3 })
    expect(uneven.gap).toBe(even.gap)
    expect(uneven.flush.recessed).toBeCloseTo(0.25, 9)
    expect(uneven.flush.proud).toBeCloseTo(0.35, 9)
    expect(uneven.slotWidth).toBe(3.1)
  })
  // Common practice, no source: acrylic does not crush, keep g ≥ 0; card crushes, press is fine.
  test('a press fit is warned of in acrylic only', () => {
    expect(cautions('acrylic', { interference: 0.04 }).join(' ')).toContain('does not crush')
    expect(cautions('card', { interference: 0.04 })).toEqual([])
  })
  test('an uneven sheet is called so, and tab ends longer than the sheet is thick', () => {
    const wavy = thicknessOf({ nominal: 3, readings: readings(2.9, 3.15) })
    expect(cautions('plywood', { thickness: wavy, proud: 1 })[0]).toContain('uneven: thinnest 2.90 mm')
    expect(cautions('plywood', { proud: 5 })[0]).toContain('more than the sheet is thick (3.05 mm)')
    expect(cautions('plywood', { proud: 1 })).toEqual([])
  })
  test('the working has the real figures', () => {
    const fit = predict({ interference: 0.02 })
    expect(fitWorking(fit, kerf, 0.02, plainBelief(kerf.sd, UNSAID), say).substituted).toBe(
      '0.160 − 2 × 0.080 − 0.020 = −0.020 mm',
    )
  })
})

describe('a beam that is not round', () => {
  const oval = kerfOf({ width: 0.15, doubt: 0.01, how: '', kx: 0.18, ky: 0.12 })
  const all: FitInput['boundaries'] = [
    { edges: ['x', 'x'], where: 'front and left' },
    { edges: ['y', 'y'], where: 'front and floor' },
    { edges: ['x', 'y'], where: 'left and floor' },
  ]
  test('compensated in the paths, each way has its own figure and all joints fit alike', () => {
    const fit = predict({ kerf: oval, boundaries: all })
    expect(fit.compensation).toEqual({ x: 0.09, y: 0.06 })
    for (const { cut, group } of fit.joints) if (group === 'tabs') expect(cut).toBeCloseTo(0, 12)
    expect(fit.word).toBe('snug')
  })
  test('compensated by software, one way is easy and the other press: the worst speaks for the box', () => {
    const fit = predict({ kerf: oval, boundaries: all, compensate: 'software' })
    const words = fit.joints.filter(({ group }) => group === 'tabs').map(({ gap }) => wordFor(gap))
    expect(words).toEqual(['easy', 'press', 'snug'])
    expect(fit.word).not.toBe('snug')
    expect(fit.odds.snug).toBeLessThan(0.3)
    expect(fit.joints[0]).toMatchObject({ label: 'tabs cut across the sheet', where: ['front and left'] })
  })
})

describe('taste', () => {
  test('a verdict moves it: what felt easy at no interference wants more of it', () => {
    const { interference, doubt } = tasteFromVerdict('easy', 0, 0)
    expect(interference).toBeCloseTo(0.05, 9)
    expect(doubt).toBeCloseTo(0.03, 9)
    expect(tasteFromVerdict('snug', -0.03, 0).interference).toBeCloseTo(0.03, 9)
  })
  test('one’s own snug shifts what is predicted and what is asked for', () => {
    const own = { offset: 0.04, sd: 0.005 }
    expect(predict({ interference: 0.04, belief: plainBelief(kerf.sd, own) }).word).toBe('snug')
    expect(wantedWord(0.04, own)).toBe('snug')
    expect(wantedWord(0.04, UNSAID)).toBe('press')
  })
})

describe('every kind of joint that a box has speaks, the weakest by its name', () => {
  const slot = (label: string, drawn: number) => ({
    group: 'slots' as const,
    guest: null,
    label,
    where: [],
    drawn,
    kerf: { width: 0.16, sd: 0.01 },
    compensation: 0.08,
    thickness: { mean: 3.05, sd: 0.04 },
  })
  test('a slot that its panel does not enter is named before tabs that are snug', () => {
    const fit = predict({ slots: [slot('panels in slots', 3.2), slot('lid in its grooves', 2.9)] })
    expect(fit.word).toBe('snug')
    expect(fit.weakest).toMatchObject({ label: 'lid in its grooves', likeliest: 'forced' })
    expect(fit.weakest!.odds).toBeLessThan(0.2)
    expect(predict({ slots: [slot('panels in slots', 3.3)] }).weakest).toBeNull()
  })
  test('of slots nothing is said where there are none, but for a box of nothing else', () => {
    expect(predict().joints.map(({ group }) => group)).toEqual(['tabs'])
    expect(predict({ tabbed: false }).joints.map(({ group }) => group)).toEqual(['slots'])
  })
})

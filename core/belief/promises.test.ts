import { describe, expect, test } from '@jest/globals'
import { standardNormal, randomFrom } from '../statistics'
import { FIT_WORDS, type FitWord, type Odds } from '../fit'
import {
  fitPromises,
  fitScale,
  gapPromises,
  keptByFirmness,
  throughPromises,
  throughScale,
  type PromiseRecord,
} from './index'

const ODDS: Odds = { forced: 0.02, press: 0.18, snug: 0.6, easy: 0.18, loose: 0.02 }
const promise = (about: Partial<PromiseRecord> = {}, half = 0.02): PromiseRecord => ({
  id: 'p',
  on: '',
  note: '',
  promised: { wanted: 'snug', odds: ODDS, half, shift: 0, scale: 1, through: 0.9, throughScale: 1 },
  word: null,
  off: null,
  came: null,
  ...about,
})

describe('by how much doubts are stated wider', () => {
  const scaleOf = (truth: number, count: number, seed = 5): number => {
    const random = randomFrom(seed)
    const sd = 0.02 / 1.96
    return fitScale(
      Array.from({ length: count }, () => promise({ off: truth * sd * standardNormal(random) })),
    )
  }
  test('not at all where promises came as often as was said, or where there are none', () => {
    expect(fitScale([])).toBe(1)
    const scales = Array.from({ length: 40 }, (_, seed) => scaleOf(1, 20, seed))
    expect(scales.reduce((sum, each) => sum + each, 0) / 40).toBeCloseTo(1, 1)
  })
  test('gaps that are twice as far off as was said: soon nearly twice as wide; one is not enough', () => {
    expect(scaleOf(2, 40)).toBeGreaterThan(1.6)
    expect(scaleOf(2, 40)).toBeLessThan(2.2)
    expect(scaleOf(2, 1)).toBeLessThan(1.5)
    expect(scaleOf(0.3, 60)).toBeLessThan(0.8)
  })
  // A word as likely as was said leaves it where it is; over all words, weighed by their odds, nothing moves.
  test('words count as their odds say: what hardly can be widens, the likeliest narrows a little', () => {
    const after = (word: FitWord): number => fitScale([promise({ word })])
    expect(after('forced')).toBeGreaterThan(1.15)
    expect(after('snug')).toBeLessThan(1)
    const mean = FIT_WORDS.reduce((sum, word) => sum + ODDS[word] * after(word) ** 2, 0)
    expect(mean).toBeCloseTo(1, 1)
  })
  test('what was widened already is not widened for the same thing again', () => {
    const off = 0.02
    const plain = fitScale(Array.from({ length: 20 }, () => promise({ off }, 0.01)))
    const wide = { ...promise({ off }, 0.02), promised: { ...promise().promised, half: 0.02, scale: 2 } }
    expect(fitScale(Array.from({ length: 20 }, () => wide))).toBeCloseTo(plain, 9)
  })
})

describe('by how much what was not tried is less sure', () => {
  const cuts = (came: number, of: number, more: object = {}) =>
    throughScale(
      Array.from({ length: of }, (_, i) =>
        promise({ came: i < came, promised: { ...promise().promised, ...more } }),
      ),
    )
  test('as sure as said where nine of ten came through that were promised with 90 %', () => {
    expect(throughScale([])).toBe(1)
    expect(cuts(27, 30)).toBeCloseTo(1, 1)
  })
  test('less where half did not; more where all did; never for one alone', () => {
    expect(cuts(15, 30)).toBeGreaterThan(1.5)
    expect(cuts(60, 60)).toBeLessThan(0.9)
    expect(cuts(0, 1)).toBeLessThan(1.3)
  })
  test('what was widened, and came as said since, stays as wide', () =>
    expect(cuts(54, 60, { throughScale: 2 })).toBeGreaterThan(1.7))
})

test('promises stand in groups by how firm they were, with what came of them', () => {
  const all = [
    promise({ word: 'snug', came: true, off: 0.01 }),
    promise({ word: 'easy', came: false, off: 0.03 }),
    promise({ word: 'snug' }),
    promise(),
  ]
  expect(keptByFirmness(fitPromises(all))).toEqual([{ count: 3, said: expect.closeTo(0.6, 9), came: 2 }])
  expect(throughPromises(all).map(({ came }) => came)).toEqual([true, false])
  expect(gapPromises(all).map(({ came }) => came)).toEqual([true, false])
})

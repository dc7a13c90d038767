import { describe, expect, test } from '@jest/globals'
import { figuresIn } from '../../scripts/testing/workshops'
import { SQUARES_KERF } from '../../scripts/testing/bench-records'
import { runs } from '../../scripts/testing/runs'
import { belowOf, half95, kerfFigure, kerfShift, sdOf, tasteOf, type TasteRecord } from '../fit'
import type { KerfRecord, MachineEvent } from '../kerf'
import { WORLD_NAMES } from '../rehearse'
import { believeFit, beliefOf, oddsOfWord, type CheckRecord, type FitEvidence } from './index'
import { caseOf, momentsOf, readAs, saidWithin } from './gauss'

const kerf = (about: Partial<KerfRecord> = {}): KerfRecord => ({
  ...SQUARES_KERF,
  ...about,
})
const word = (about: Partial<TasteRecord> = {}): TasteRecord => ({
  id: 'verdict-1',
  family: 'plywood',
  interference: -0.04,
  doubt: 0.02,
  own: 0.02,
  kerfId: 'k',
  best: null,
  slot: null,
  from: 'verdict',
  word: 'press',
  on: '',
  note: '',
  ...about,
})
const check = (about: Partial<CheckRecord>): CheckRecord => ({
  id: 'c',
  about: 'play',
  machineId: 'm',
  stockId: 's',
  kerfId: 'k',
  off: [0],
  at: [],
  doubt: 0.014,
  slot: null,
  on: '',
  note: '',
  ...about,
})
const evidence = (about: Partial<FitEvidence> = {}): FitEvidence => ({
  family: 'plywood',
  machineId: 'm',
  stockId: 's',
  kerf: kerf(),
  thickness: null,
  kerfs: [kerf()],
  tastes: [],
  checks: [],
  events: [],
  ...about,
})

describe('figures that are normal together, and what is read of them', () => {
  // Two independent figures of deviation 3 and 4, their sum read as 10 with deviation 5: by the textbook rule
  // the sum becomes 5 ± √12.5, a share of 9 to 16. [PUB: Kalman 1960]
  test('a reading moves them by their share', () => {
    const sum = [[0, 1], [1, 1]] as const // oxfmt-ignore
    const [after] = readAs([caseOf([3, 4], 1)], sum, 10, [{ sd: 5, weight: 1 }])
    expect(momentsOf(after, sum).mean).toBeCloseTo(5, 9)
    expect(momentsOf(after, sum).variance).toBeCloseTo(12.5, 9)
    expect([...after.mean]).toEqual([expect.closeTo(1.8, 9), expect.closeTo(3.2, 9)])
  })
  // A standard normal above 0 has the mean √(2/π) and the variance 1 − 2/π. [DEF: half-normal distribution]
  test('what is said to be above nothing is a half-normal', () => {
    const [after] = saidWithin([caseOf([1], 1)], [[0, 1]], 0, Infinity, [{ sd: 1e-6, weight: 1 }], 0)
    expect(after.weight).toBeCloseTo(0.5, 6)
    expect(after.mean[0]).toBeCloseTo(Math.sqrt(2 / Math.PI), 5)
    expect(after.spread[0]).toBeCloseTo(1 - 2 / Math.PI, 5)
  })
})

describe('who is to blame', () => {
  const typed = kerf({ method: 'typed', doubt: null })
  const tight = word({ kerfId: 'k', interference: -0.09, own: 0.03, word: 'forced' })
  test('“too tight” on a typed kerf is the kerf’s fault before it is the hand’s', () => {
    const belief = believeFit(evidence({ kerf: typed, kerfs: [typed], tastes: [tight] }))
    expect(kerfShift(belief)).toBeLessThan(-0.03)
    expect(Math.abs(tasteOf(belief).offset)).toBeLessThan(0.015)
  })
  test('another machine, well measured, hardly heeds it', () => {
    const other = kerf({ id: 'o', machineId: 'n', stockId: 't' })
    const there = { machineId: 'n', stockId: 't', kerf: other, kerfs: [typed, other] }
    const snug = (tastes: TasteRecord[]): number => {
      const own = evidence({ ...there, tastes })
      return oddsOfWord(own, 0, 'snug')
    }
    expect(Math.abs(snug([tight]) - snug([]))).toBeLessThan(0.05)
  })
  test('a kerf that is known well leaves it to the hand', () => {
    const known = { calipers: 0, face: 0, place: 0, setting: 0 }
    const checks = Object.keys(known).map((about) =>
      check({ id: about, about: about as CheckRecord['about'], doubt: 0.003 }),
    )
    const tastes = [1, 2, 3].map((i) => word({ id: `verdict-${i}` }))
    const belief = believeFit(evidence({ kerf: kerf({ doubt: 0.004 }), checks, tastes }))
    expect(tasteOf(belief).offset).toBeLessThan(2 * kerfShift(belief))
  })
  test('one measured play settles a typed kerf to a hundredth', () => {
    const belief = believeFit(evidence({ kerf: typed, kerfs: [typed], checks: [check({ off: [0.05] })] }))
    expect(Math.abs(kerfShift(belief) - 0.05)).toBeLessThan(0.01)
  })
  describe('what was said against an older record of the same machine and stock', () => {
    const older = kerf({ id: 'old', width: 0.12, method: 'typed', doubt: null, on: '2026-03-01' })
    const newer = kerf({ on: '2026-05-01' })
    const shift = (about: Partial<FitEvidence>): number =>
      kerfShift(
        believeFit(
          evidence({
            kerf: newer,
            kerfs: [older, newer],
            // The kerf that was cut with then was 0.19: 0.03 more than squares say now.
            checks: ['a', 'b', 'c'].map((id) =>
              check({ id: `play-${id}`, kerfId: 'old', off: [0.07, 0.07, 0.07] }),
            ),
            ...about,
          }),
        ),
      )
    const event = { id: 'e', machineId: 'm', on: '2026-04-01', what: 'new lens' } as MachineEvent
    test('moves the newer one as well', () => {
      expect(shift({})).toBeGreaterThan(0.012)
      expect(shift({})).toBeLessThan(0.03)
    })
    test('but not when something was done to the machine between', () =>
      expect(Math.abs(shift({ events: [event] }))).toBeLessThan(0.004))
    test('nor when it was on another stock', () => {
      const elsewhere = { ...older, stockId: 'other' }
      expect(Math.abs(shift({ kerfs: [elsewhere, newer] }))).toBeLessThan(0.004)
    })
  })
  test('a word that can hardly be is said to be so', () => {
    expect(oddsOfWord(evidence(), 0, 'snug')).toBeGreaterThan(0.6)
    expect(oddsOfWord(evidence(), 0, 'forced')).toBeLessThan(0.05)
  })
})

describe('what checks and squares leave', () => {
  test('each check takes its own doubt away; another machine’s check does not', () => {
    const half = (checks: CheckRecord[]): number => half95(kerfFigure(believeFit(evidence({ checks }))))
    const none = half([])
    for (const about of ['calipers', 'face', 'place', 'setting'] as const) {
      expect(half([check({ about, doubt: 0.004 })])).toBeLessThan(none)
      if (about !== 'calipers') expect(half([check({ about, doubt: 0.004, stockId: 'other' })])).toBe(none)
    }
  })
  test('calipers that are off zero move every kerf that they read', () => {
    const belief = believeFit(evidence({ checks: [check({ about: 'calipers', off: [0.02], doubt: 0.004 })] }))
    expect(kerfShift(belief)).toBeGreaterThan(0.015)
  })
  test('that days differ much is not given up for three of them that do not, but for four it is', () => {
    const near = (days: string[]): number => {
      const off = [0, 0.001, -0.001, 0.002, -0.002, 0, 0.001, -0.001]
      const checks = days.map((day) => check({ id: `play-${day}`, off, doubt: 0.006 }))
      const figure = kerfFigure(believeFit(evidence({ kerf: kerf({ doubt: 0.006 }), checks })))
      return belowOf(figure, 0.02) - belowOf(figure, -0.02)
    }
    expect(near(['a', 'b', 'c'])).toBeLessThan(0.955)
    expect(near(['a', 'b', 'c', 'd'])).toBeGreaterThan(0.965)
  })
  test('squares that differ much say that joints will', () => {
    const apart = (doubt: number): number => sdOf(kerfFigure(believeFit(evidence({ kerf: kerf({ doubt }) }))))
    expect(apart(0.02) - 0.02 / 1.96).toBeGreaterThan(0)
    expect(apart(0.02)).toBeGreaterThan(1.2 * apart(0.008))
  })
  test('what a job took over holds for its kerf alone', () => {
    const belief = believeFit(evidence({ checks: [check({ off: [0.03] })] }))
    expect(beliefOf({ kerf: kerf(), belief })).toBe(belief)
    const other = kerf({ id: 'l' })
    expect(kerfShift(beliefOf({ kerf: other, belief }))).toBeCloseTo(0, 9)
    expect(belief.cases.reduce((sum, { weight }) => sum + weight, 0)).toBeCloseTo(1, 9)
    expect(belowOf(kerfFigure(belief), 10)).toBeCloseTo(1, 9)
  })
})

describe('in simulated workshops, each with something that squares do not show', () => {
  const makers = runs(160)
  const figures = WORLD_NAMES.map((world) =>
    figuresIn(world, makers, { copies: 3, checked: false, plays: true }),
  )
  const mean = (list: number[]): number => list.reduce((sum, each) => sum + each, 0) / list.length
  test('intervals of 95 % hold over their mix, first copy and later ones', () => {
    expect(mean(figures.map(({ held }) => held[0]))).toBeGreaterThan(0.92)
    expect(mean(figures.map(({ held }) => held[2]))).toBeGreaterThan(0.93)
  })
  test('plays that are measured bring copy after copy nearer, on the mean of makers', () => {
    for (const { off } of figures) {
      expect(off[1]).toBeLessThan(0.018)
      expect(off[2]).toBeLessThan(0.0135)
    }
  })
  test('nobody is sure before a doubt is ruled out', () => {
    for (const { promised } of figures) expect(promised[0].count).toBe(0)
  })
})

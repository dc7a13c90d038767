import { describe, expect, test } from '@jest/globals'
import { kerfOf, type Direction, type Kerf } from '../kerf'
import { NORMAL_95 } from '../statistics'
import { thicknessOf } from '../stock'
import { randomNormal, randomUniform } from '../../scripts/testing/random'
import {
  compensationIn,
  jointOdds,
  pairOdds,
  plainBelief,
  predictFit,
  rangeOf,
  slotOdds,
  tabOdds,
  wordFor,
  type FitWord,
} from './index'

// Stated odds against simulation: 20,000 drawn combinations, within 1.5 points.
const { round } = Math
const RUNS = 20_000
const WORDS: FitWord[] = ['forced', 'press', 'snug', 'easy', 'loose']
function simulated(draw: (gauss: () => number, uniform: () => number) => number): number[] {
  const [gauss, uniform] = [randomNormal(77), randomUniform(78)]
  const counts = WORDS.map(() => 0)
  for (let i = 0; i < RUNS; i++) counts[WORDS.indexOf(wordFor(draw(gauss, uniform)))]++
  return counts.map((count) => count / RUNS)
}
function agrees(odds: Record<FitWord, number>, counted: number[]): void {
  for (const [i, word] of WORDS.entries()) expect(Math.abs(odds[word] - counted[i])).toBeLessThan(0.015)
}
const kerfFrom = (
  width: number,
  sd: number,
  more: Partial<Parameters<typeof kerfOf>[0] & object> = {},
): Kerf => kerfOf({ width, doubt: sd * NORMAL_95, how: '', ...more })
const believed = (kerf: Kerf, offset: number, sd: number) => plainBelief(kerf.sd, { offset, sd })

test.each([
  [0.16, 0.012, 0.08, 0, 0, 0.006],
  [0.2, 0.03, 0.06, 0.04, 0.02, 0.02],
  [0.12, 0.02, 0.06, -0.05, -0.01, 0.01],
])('tabs: kerf %p, its doubt %p', (k, sk, c, i, offset, st) => {
  const kerf = kerfFrom(k, sk)
  const { odds } = tabOdds(['x', 'x'], kerf, { x: c, y: c }, i, believed(kerf, offset, st))
  // One kerf, one taste are drawn; tab and notch are then cut with that kerf, each edge moved by c.
  const counted = simulated((gauss) => {
    const drawn = k + sk * gauss()
    const tab = 10 + i - drawn + 2 * c
    const notch = 10 - i + drawn - 2 * c
    return (notch - tab) / 2 + offset + st * gauss()
  })
  agrees(odds, counted)
})

test.each<[[Direction, Direction], 'paths' | 'software']>([
  [['x', 'x'], 'paths'],
  [['y', 'y'], 'software'],
  [['x', 'y'], 'software'],
  [['x', 'y'], 'paths'],
])('a beam that is not round: edges cut %p, compensated in the %s', (edges, where) => {
  const oval = kerfFrom(0.15, 0.008, { kx: 0.18, ky: 0.12 })
  const compensation = compensationIn(oval, where)
  const { odds } = tabOdds(edges, oval, compensation, 0, believed(oval, 0, 0.004))
  const counted = simulated((gauss) => {
    // Each direction was measured by itself; the beam that cuts is as far off as that measurement was.
    const by = { x: 0.18 + 0.008 * Math.SQRT2 * gauss(), y: 0.12 + 0.008 * Math.SQRT2 * gauss() }
    const [a, b] = edges.map((way) => by[way] - 2 * compensation[way])
    return a / 2 + b / 2 + 0.004 * gauss()
  })
  agrees(odds, counted)
})

test('slots: thickness counts, and is named when it dominates', () => {
  const joint = slotOdds({
    group: 'slots',
    guest: null,
    label: '',
    where: [],
    drawn: 3.08,
    kerf: { width: 0.16, sd: 0.01 },
    compensation: 0.08,
    thickness: { mean: 3.04, sd: 0.04 },
  })
  agrees(
    joint.odds,
    simulated((gauss) => (3.08 + (0.16 + 0.01 * gauss()) - 0.16 - (3.04 + 0.04 * gauss())) / 2),
  )
  expect(joint.dominant).toMatchObject({ name: 'thickness' })
  expect(joint.dominant!.share).toBeCloseTo(16 / 17, 6)
})
test('doubts add as variances', () => {
  const about = { group: 'tabs' as const, label: '', where: [], cut: 0, gap: 0 }
  const sources = [
    { name: 'a', sd: 0.03 },
    { name: 'b', sd: 0.04 },
  ]
  expect(jointOdds(about, sources).sd).toBeCloseTo(0.05, 12)
})

describe('the interference that is offered', () => {
  const thickness = thicknessOf({ nominal: 3, readings: [] })
  const kerf = kerfFrom(0.2, 0.02)
  const press = believed(kerf, 0.01, 0.01)
  const predict = (interference: number, belief = believed(kerf, 0, 0.005)) =>
    predictFit({
      kerf,
      thickness,
      compensate: 'paths',
      interference,
      proud: 0,
      belief,
      boundaries: [],
      tabbed: true,
      slots: [],
    })
  test('gives the wanted word better odds than any other', () => {
    const { best, wanted } = predict(0.045, press)
    expect(wanted).toBe('press')
    expect(predict(best.interference, press).odds.press).toBeCloseTo(best.odds, 9)
    for (let i = -0.1; i < 0.2; i += 0.004) {
      expect(predict(i, press).odds.press).toBeLessThanOrEqual(best.odds + 1e-6)
    }
    expect(predict(best.interference, press).felt).toBeCloseTo(rangeOf('press').middle, 9)
  })
  test('says what it comes to per side in all', () => {
    const { best } = predict(0.015)
    expect(best.interference).toBeCloseTo(0, 9)
    expect(best.compensation).toBeCloseTo(0.1 - 0.015 / 2, 9)
  })
})

describe('slots at a bench as it is: thickness read in steps, a beam that was measured', () => {
  /**
   * One bench: a sheet that varies, seven readings of it, a slot for the thickest, and a panel from
   * anywhere.
   */
  test.each([
    ['half-lap', 0.2],
    ['tenon or divider', 0],
    ['divider with play', 0.1],
  ])('%s, play %p', (_, play) => {
    const [gauss, uniform] = [randomNormal(5), randomUniform(6)]
    const stated = WORDS.map(() => 0)
    const counted = WORDS.map(() => 0)
    for (let i = 0; i < RUNS; i++) {
      const [sheet, spread, beam] = [2.8 + 0.4 * uniform(), 0.02 + 0.03 * uniform(), 0.16]
      const readings = Array.from({ length: 7 }, () => ({
        value: round((sheet + spread * gauss()) * 100) / 100,
        spot: '',
        on: '',
      }))
      const thickness = thicknessOf({ nominal: 3, readings })
      const kerf = kerfFrom(beam + 0.006 * gauss(), 0.006)
      const drawn = thickness.thickest + play
      const { odds } = slotOdds({
        group: 'slots',
        guest: null,
        label: '',
        where: [],
        drawn,
        kerf,
        compensation: kerf.perSide,
        thickness: { mean: thickness.mean, sd: thickness.anywhere },
      })
      for (const [w, word] of WORDS.entries()) stated[w] += odds[word] / RUNS
      const gap = (drawn + beam - 2 * kerf.perSide - (sheet + spread * gauss())) / 2
      counted[WORDS.indexOf(wordFor(gap))] += 1 / RUNS
    }
    for (const [w] of WORDS.entries()) expect(Math.abs(stated[w] - counted[w])).toBeLessThan(0.015)
  })
  test('a bolt in its hole has the hole’s clearance as its play', () => {
    const joint = slotOdds({
      group: 'bolts',
      guest: null,
      label: '',
      where: [],
      drawn: 3.4,
      kerf: { width: 0.16, sd: 0.01 },
      compensation: 0.08,
      thickness: { mean: 3, sd: 0.05 },
    })
    expect(joint.gap).toBeCloseTo(0.2, 9)
    agrees(
      joint.odds,
      simulated((gauss) => (3.4 + 0.16 + 0.01 * gauss() - 0.16 - (3 + 0.05 * gauss())) / 2),
    )
  })
})

test('tabs of one stock in notches of another: half of the gap from either, errors apart', () => {
  const [a, b] = [kerfFrom(0.16, 0.01, { id: 'a' }), kerfFrom(0.21, 0.02, { id: 'b' })]
  const cutting = (name: string, kerf: Kerf) => ({
    name,
    belief: believed(kerf, 0.005, 0.006),
    kerf,
    compensation: compensationIn(kerf, 'software'),
  })
  const { odds } = pairOdds(
    { edges: ['x', 'y'], where: '', cut: [cutting('ply', a), cutting('board', b)] },
    0.02,
    [],
  )
  agrees(
    odds,
    simulated((gauss) => {
      const [ka, kb] = [0.16 + 0.01 * gauss(), 0.21 + 0.02 * gauss()]
      return (ka - 0.16) / 2 + (kb - 0.21) / 2 - 0.02 + 0.005 + 0.006 * gauss()
    }),
  )
})

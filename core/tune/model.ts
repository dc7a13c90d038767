import { normalBelow, solveRising } from '../statistics'
import type { Machine } from '../machine'
import type { Family, Stock } from '../stock'
import { usualEnergy } from './choose'
import { cutEnergy } from './energy'
import type { Setting, TestRecord, TestResult } from './test-record'

/**
 * What tests say of the energy that a stock needs on a machine. All on the logarithm of the energy per cut
 * face: needs differ by shares, not by amounts. [FM]
 */
export interface CutModel {
  /** Tests on this very stock, and on others of its family on the same machine. */
  own: number
  like: number
  /** How many of them were made before something was done to the machine: they count less. */
  before: number
  /** Where half of all cuts go through, J/mm², with its 90 % interval. */
  need: { energy: number; low: number; high: number }
  /** Odds of each outcome at an energy, J/mm². */
  oddsAt: (energy: number) => CutOdds
  /** What a further test at an energy would leave of the doubt of the need, as a share. */
  leftAt: (energy: number) => number
}

interface CutOdds {
  through: number
  charred: number
}

/** How far a stock may be off its family before anything is tried, in logarithms: a quarter. [FM] */
const FAMILY_SPREAD = 0.25
/** How far other stocks of a family are off this one. [FM] */
const LIKE_SPREAD = 0.12
/** How far a test may be off that is from before a new lens, a cleaned mirror and the like. [FM] */
const BEFORE_SPREAD = 0.2
/** How much one cut differs from the next: knots, glue, power, focus. [FM] */
const SPREADS = [0.03, 0.06, 0.1, 0.16]
/** A cut that is just through has at most so much more than it needs. [FM] */
const JUST = 0.12
/** How much more than it needs chars. [FM] */
const CHARS = [0.35, 0.5, 0.65, 0.8, 1, 1.25]

/** Steps of the need that are weighed, and how far they reach, in spreads of the family. */
const STEPS = 61
const REACH = 3.5

interface Observed {
  energy: number
  result: TestResult
  /** Added to the spread of a cut, for another stock or from before. */
  off: number
}

/** Chances of the four outcomes, by how much more energy than needed there is, in logarithms. */
function chances(more: number, spread: number, chars: number): Record<TestResult, number> {
  const [none, just, clean] = [0, JUST, chars].map((limit) => normalBelow((limit - more) / spread))
  return { 'not through': none, 'just through': just - none, clean: clean - just, charred: 1 - clean }
}

/** What is weighed: a need, a spread and where charring begins, each with how likely it is. */
interface Belief {
  need: number
  spread: number
  chars: number
  weight: number
}

function beliefs(middle: number, tests: Observed[]): Belief[] {
  const all: Belief[] = []
  for (let i = 0; i < STEPS; i++) {
    const z = REACH * ((2 * i) / (STEPS - 1) - 1)
    const need = middle + z * FAMILY_SPREAD
    for (const spread of SPREADS)
      for (const chars of CHARS) {
        let log = (-z * z) / 2
        for (const { energy, result, off } of tests)
          log += Math.log(
            Math.max(1e-12, chances(Math.log(energy) - need, Math.hypot(spread, off), chars)[result]),
          )
        all.push({ need, spread, chars, weight: log })
      }
  }
  const most = Math.max(...all.map(({ weight }) => weight))
  let sum = 0
  for (const belief of all) sum += belief.weight = Math.exp(belief.weight - most)
  for (const belief of all) belief.weight /= sum
  return all
}

/** Mean and spread of the need, and where a share of it lies below. */
function needOf(all: Belief[]): { mean: number; sd: number; below: (share: number) => number } {
  const byNeed = new Map<number, number>()
  for (const { need, weight } of all) byNeed.set(need, (byNeed.get(need) ?? 0) + weight)
  const steps = [...byNeed].sort(([a], [b]) => a - b)
  const mean = steps.reduce((sum, [need, weight]) => sum + need * weight, 0)
  const sd = Math.sqrt(steps.reduce((sum, [need, weight]) => sum + (need - mean) ** 2 * weight, 0))
  const half = (steps[1][0] - steps[0][0]) / 2
  function below(share: number): number {
    let sum = 0
    for (const [need, weight] of steps) {
      if (sum + weight >= share) return need - half + (2 * half * (share - sum)) / Math.max(1e-12, weight)
      sum += weight
    }
    return steps[steps.length - 1][0] + half
  }
  return { mean, sd, below }
}

/** Tests are enough to weigh up to this many; the latest count. */
const MOST_TESTS = 120

/**
 * Learns from tests how much energy a stock needs on a machine: those on the stock itself, those on others of
 * its family with more doubt, and before any test the energy rule.
 * @param since when something was last done to the machine, a date: what is older counts less
 */
export function learn(
  tests: TestRecord[],
  machine: Pick<Machine, 'id' | 'watts'>,
  stock: Pick<Stock, 'id' | 'family'>,
  since = '',
): CutModel {
  const isBefore = ({ on }: TestRecord): boolean => on < since
  const ours = tests.filter((test) => test.machineId === machine.id)
  const own = ours.filter((test) => test.stockId === stock.id)
  const like = ours.filter((test) => test.stockId !== stock.id && test.family === stock.family)
  const observed = (list: TestRecord[], off: number): Observed[] =>
    list.slice(-MOST_TESTS).map((test) => ({
      energy: cutEnergy(test.setting, machine.watts, test.thickness),
      result: test.result,
      off: isBefore(test) ? Math.hypot(off, BEFORE_SPREAD) : off,
    }))
  const all = [...observed(own, 0), ...observed(like, LIKE_SPREAD)]
  const before = [...own, ...like].filter(isBefore).length
  return { ...modelOf(stock.family, all, own.length, like.length), before }
}

/** The same from energies and outcomes. */
export function modelOf(family: Family, observed: Observed[], own: number, like: number): CutModel {
  const all = beliefs(Math.log(usualEnergy(family)), observed)
  const { mean, sd, below } = needOf(all)
  const oddsAt = (energy: number): CutOdds => {
    let [through, charred] = [0, 0]
    for (const { need, spread, chars, weight } of all) {
      const odds = chances(Math.log(energy) - need, spread, chars)
      through += weight * (1 - odds['not through'])
      charred += weight * odds.charred
    }
    return { through, charred }
  }
  function leftAt(energy: number): number {
    // The spread of the need after each outcome, weighed by how likely the outcome is.
    const after = new Map<TestResult, Belief[]>()
    for (const belief of all) {
      const odds = chances(Math.log(energy) - belief.need, belief.spread, belief.chars)
      for (const result of Object.keys(odds) as TestResult[]) {
        const weight = belief.weight * odds[result]
        const known = after.get(result)
        if (known) known.push({ ...belief, weight })
        else after.set(result, [{ ...belief, weight }])
      }
    }
    let left = 0
    for (const some of after.values()) {
      const share = some.reduce((sum, { weight }) => sum + weight, 0)
      if (share > 1e-9) left += share * needOf(some.map((b) => ({ ...b, weight: b.weight / share }))).sd
    }
    return left / sd
  }
  const need = { energy: Math.exp(mean), low: Math.exp(below(0.05)), high: Math.exp(below(0.95)) }
  return { own, like, before: 0, need, oddsAt, leftAt }
}

/** The least energy whose odds of going through are so high, J/mm². */
export const energyFor = ({ oddsAt, need }: CutModel, sure: number): number =>
  Math.exp(
    solveRising(
      (log) => oddsAt(Math.exp(log)).through,
      sure,
      Math.log(need.low) - 1,
      Math.log(need.high) + 1.5,
    ),
  )

/** Speeds are said to this step, mm/s: finer than that nobody sets. */
const STEP = 0.5

/** The speed that spends an energy at a setting's power and passes; no quicker than the machine. */
export function speedFor(
  energy: number,
  setting: Setting,
  { watts, maxSpeed }: Pick<Machine, 'watts' | 'maxSpeed'>,
  thickness: number,
): number {
  const exact = (setting.passes * watts * (setting.power / 100)) / (energy * thickness)
  const stepped = exact >= 2 ? Math.floor(exact / STEP) * STEP : Math.floor(exact * 10) / 10
  return Math.max(0.1, Math.min(maxSpeed, stepped))
}

/** Tests that are weighed against each other. */
const CANDIDATES = 15

/** The test that would tell most of what is not known, by its energy, and what it leaves of the doubt. */
export function nextTest(model: CutModel): { energy: number; left: number } {
  const { low, high } = model.need
  const span = [Math.log(low) - 0.15, Math.log(high) + 0.15]
  let best = { energy: model.need.energy, left: Infinity }
  for (let i = 0; i < CANDIDATES; i++) {
    const energy = Math.exp(span[0] + ((span[1] - span[0]) * i) / (CANDIDATES - 1))
    const left = model.leftAt(energy)
    if (left < best.left) best = { energy, left }
  }
  return best
}

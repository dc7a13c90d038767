import { normalBelow, solveRising } from '../statistics'
import type { TestResult } from '../tune'

/**
 * What is believed of the energy that a stock needs on a machine: a need on a grid, how much one cut differs
 * from the next, how far passes add up, and where charring begins. By quadrature over all of them. Everything
 * on the logarithm of the energy per cut face: needs differ by shares, not by amounts. [FM]
 */
export interface NeedBelief {
  cells: Cell[]
}

/** One need, spread and share of passes, its weight, and how likely each beginning of charring is then. */
interface Cell {
  /** Logarithm of the energy, J/mm², at which half of all cuts go through. */
  need: number
  spread: number
  share: number
  weight: number
  charred: number[]
}

/** A way to cut: energy per cut face of all passes together, J/mm². */
export interface Cutting {
  energy: number
  passes: number
}

/** A test, or several alike. */
export interface NeedTest extends Cutting {
  result: TestResult
  /** Added to the spread of a cut: from before something was done to the machine, or at another thickness. */
  off: number
  count: number
}

export interface CutOdds {
  through: number
  charred: number
}

/** A figure that may be near or far: normal spreads, each with how likely it is. */
type Mixed = readonly { sd: number; weight: number }[]

/** How far a machine may be off its watts, which all its stocks share: a label, a tired tube. [FM] */
const MACHINE_OFF: Mixed = [
  { sd: 0.15, weight: 0.6 },
  { sd: 0.5, weight: 0.4 },
]
/** How far a stock may be off its family on the same machine: a tenth to ten times is possible. [FM] */
const STOCK_OFF: Mixed = [
  { sd: 0.2, weight: 0.3 },
  { sd: 0.6, weight: 0.2 },
  { sd: 1.4, weight: 0.5 },
]
/** How much one cut differs from the next: knots, glue, power, focus. [FM] */
const SPREADS: Mixed = [
  { sd: 0.04, weight: 0.45 },
  { sd: 0.08, weight: 0.4 },
  { sd: 0.13, weight: 0.11 },
  { sd: 0.3, weight: 0.025 },
  { sd: 0.9, weight: 0.015 },
]
/** Passes do not add up fully: so many count as `passes ** share`. [FM] */
const PASSES = [
  { share: 1, weight: 0.4 },
  { share: 0.85, weight: 0.35 },
  { share: 0.7, weight: 0.25 },
]
/** A cut that is just through has at most so much more than it needs. [FM] */
const JUST = 0.12
/** How much more than it needs chars. [FM] */
const CHARS = [0.2, 0.35, 0.5, 0.65, 0.8, 1, 1.25, 1.6, 2.2]
/** How often a word about a cut that is through is another one than meant. [FM] */
const MISWORDED = 0.05

/** The grid of needs about the rule: to a hundredth, and to a hundred times. */
const REACH = 4.6
const STEP = 0.05
const COUNT = Math.round((2 * REACH) / STEP) + 1
const OFFSETS = Array.from({ length: COUNT }, (_, i) => i * STEP - REACH)

/** Weights of offsets from nothing, on the grid. */
const gridOf = (mixed: Mixed): Float64Array => {
  const grid = new Float64Array(COUNT)
  for (let i = 0; i < COUNT; i++)
    for (const { sd, weight } of mixed) {
      const [low, high] = [OFFSETS[i] - STEP / 2, OFFSETS[i] + STEP / 2]
      grid[i] += weight * (normalBelow(high / sd) - normalBelow(low / sd))
    }
  return grid
}

/** What two independent offsets add up to; what leaves the grid stays at its end. */
function added(a: Float64Array, b: Float64Array): Float64Array {
  const sum = new Float64Array(COUNT)
  const middle = (COUNT - 1) / 2
  for (let i = 0; i < COUNT; i++) {
    if (a[i] < 1e-12) continue
    for (let j = 0; j < COUNT; j++) {
      const at = Math.max(0, Math.min(COUNT - 1, i + j - middle))
      sum[at] += a[i] * b[j]
    }
  }
  return sum
}

/**
 * Adds to each beginning of charring how likely an outcome is, as a logarithm.
 * @param more energy than needed, as a logarithm @param spread of one cut
 */
function weigh(logs: number[], { result, count }: NeedTest, more: number, spread: number): void {
  const through = normalBelow(more / spread)
  const told = (chance: number): number => count * Math.log(Math.max(chance, Number.MIN_VALUE))
  const said = (chance: number): number => told((1 - MISWORDED) * chance + (MISWORDED / 3) * through)
  if (result === 'not through' || result === 'just through') {
    const none = 1 - through
    const same =
      result === 'not through'
        ? told(normalBelow(-more / spread))
        : said(normalBelow((JUST - more) / spread) - none)
    for (let c = 0; c < logs.length; c++) logs[c] += same
    return
  }
  const above = normalBelow((more - JUST) / spread)
  for (let c = 0; c < logs.length; c++) {
    const char = normalBelow((more - CHARS[c]) / spread)
    logs[c] += said(result === 'charred' ? char : Math.max(0, above - char))
  }
}

/** What a way to cut comes to where passes add up by that share, on the logarithm. */
const effective = ({ energy, passes }: Cutting, share: number): number =>
  Math.log(energy) - (1 - share) * Math.log(passes)

/** How likely tests are on each need of the grid, whatever the spread. */
function likelihood(tests: NeedTest[], rule: number): Float64Array {
  const share = PASSES[1].share
  const grid = new Float64Array(COUNT)
  const logs = SPREADS.map(({ sd, weight }) =>
    OFFSETS.map((offset) =>
      tests.reduce((sum, test) => {
        const none = normalBelow((rule + offset - effective(test, share)) / Math.hypot(sd, test.off))
        const chance = test.result === 'not through' ? none : 1 - none
        return sum + test.count * Math.log(Math.max(chance, Number.MIN_VALUE))
      }, Math.log(weight)),
    ),
  )
  const most = Math.max(...logs.flat())
  for (const row of logs) for (const [i, log] of row.entries()) grid[i] += Math.exp(log - most)
  return grid
}

/**
 * What is thought of a stock's need before anything is tried on it: the energy rule, and what the machine's
 * other stocks say of the machine. Each of them has an offset of its own, so however many tests one has, it
 * says no more than one stock can.
 */
function beforehand(others: { tests: NeedTest[]; rule: number }[]): Float64Array {
  const machine = gridOf(MACHINE_OFF)
  const stock = gridOf(STOCK_OFF)
  for (const { tests, rule } of others) {
    const told = added(likelihood(tests, rule), stock)
    for (let i = 0; i < COUNT; i++) machine[i] *= told[i]
  }
  const sum = machine.reduce((total, each) => total + each, 0)
  return added(
    machine.map((each) => each / sum),
    stock,
  )
}

/**
 * Weighs what was tried on a stock, on what its machine's other stocks say.
 * @param rule energy that usually just cuts this family, J/mm²
 */
export function believeNeed(
  rule: number,
  own: NeedTest[],
  others: { tests: NeedTest[]; rule: number }[] = [],
): NeedBelief {
  const [prior, log] = [
    beforehand(others.map((each) => ({ ...each, rule: Math.log(each.rule) }))),
    Math.log(rule),
  ]
  const cells: Cell[] = []
  // Where every test was one pass they say nothing of how passes add up.
  const isTold = own.some(({ passes }) => passes > 1)
  for (const { sd: spread, weight: ofSpread } of SPREADS)
    for (const [i, offset] of OFFSETS.entries()) {
      const need = log + offset
      const weighed = (share: number): { weight: number; charred: number[] } => {
        const logs = CHARS.map(() => Math.log(ofSpread * prior[i]))
        for (const test of own) weigh(logs, test, effective(test, share) - need, Math.hypot(spread, test.off))
        const most = Math.max(...logs)
        const weights = logs.map((each) => Math.exp(each - most))
        const sum = weights.reduce((total, each) => total + each, 0)
        return { weight: most + Math.log(sum), charred: weights.map((each) => each / sum) }
      }
      const same = isTold ? null : weighed(1)
      for (const { share, weight } of PASSES) {
        const told = same ?? weighed(share)
        cells.push({ need, spread, share, weight: told.weight + Math.log(weight), charred: told.charred })
      }
    }
  const most = cells.reduce((best, { weight }) => Math.max(best, weight), -Infinity)
  let sum = 0
  for (const cell of cells) sum += cell.weight = Math.exp(cell.weight - most)
  for (const cell of cells) cell.weight /= sum
  return { cells: cells.filter(({ weight }) => weight > 1e-6) }
}

/** Odds of going through. */
function throughOf({ cells }: NeedBelief, cutting: Cutting): number {
  const ways = new Map(PASSES.map(({ share }) => [share, effective(cutting, share)]))
  let odds = 0
  for (const { need, spread, share, weight } of cells)
    odds += weight * normalBelow((ways.get(share)! - need) / spread)
  return odds
}

/** Odds of going through and of charring. */
export function oddsOf(belief: NeedBelief, cutting: Cutting): CutOdds {
  let odds = 0
  for (const { need, spread, share, weight, charred } of belief.cells) {
    const more = effective(cutting, share) - need
    for (const [c, chars] of CHARS.entries())
      if (charred[c] > 1e-3) odds += weight * charred[c] * normalBelow((more - chars) / spread)
  }
  return { through: throughOf(belief, cutting), charred: odds }
}

/** Weights of the need alone, in rising order. */
function needs({ cells }: NeedBelief): [number, number][] {
  const byNeed = new Map<number, number>()
  for (const { need, weight } of cells) byNeed.set(need, (byNeed.get(need) ?? 0) + weight)
  return [...byNeed].sort(([a], [b]) => a - b)
}

/** Energy at which half of all cuts go through, J/mm², with its interval of 90 %. */
export function needOf(belief: NeedBelief): { energy: number; low: number; high: number } {
  const steps = needs(belief)
  const below = (share: number): number => {
    let sum = 0
    for (const [need, weight] of steps) {
      if (sum + weight >= share) return Math.exp(need + STEP * ((share - sum) / weight - 0.5))
      sum += weight
    }
    return Math.exp(steps[steps.length - 1][0])
  }
  return { energy: below(0.5), low: below(0.05), high: below(0.95) }
}

/** The least energy whose odds of going through are so high, J/mm². */
export const energyFor = (belief: NeedBelief, sure: number, passes = 1): number =>
  Math.exp(
    solveRising(
      (log) => throughOf(belief, { energy: Math.exp(log), passes }),
      sure,
      belief.cells[0].need - 2 * REACH,
      belief.cells[0].need + 3 * REACH,
    ),
  )

/** How many energies are weighed against each other for the next test. */
const CANDIDATES = 15

/** Sums from which a mean and a spread follow. */
type Sums = [weight: number, first: number, second: number]
const spreadOf = ([sum, first, second]: Sums): number =>
  sum < 1e-12 ? 0 : Math.sqrt(Math.max(0, second / sum - (first / sum) ** 2))

/** What a test at an energy would leave of the doubt of the need, as a share. */
export function leftAfter({ cells }: NeedBelief, cutting: Cutting): number {
  const [not, through, all]: Sums[] = [
    [0, 0, 0],
    [0, 0, 0],
    [0, 0, 0],
  ]
  const add = (to: Sums, need: number, weight: number): void => {
    to[0] += weight
    to[1] += weight * need
    to[2] += weight * need * need
  }
  for (const { need, spread, share, weight } of cells) {
    const chance = normalBelow((effective(cutting, share) - need) / spread)
    add(all, need, weight)
    add(through, need, weight * chance)
    add(not, need, weight * (1 - chance))
  }
  const before = spreadOf(all)
  return before < 1e-9 ? 1 : (through[0] * spreadOf(through) + not[0] * spreadOf(not)) / before
}

/** The test that would tell most of what is not known, by its energy, and what it leaves of the doubt. */
export function nextTest(belief: NeedBelief, passes = 1): { energy: number; left: number } {
  const { energy, low, high } = needOf(belief)
  let best = { energy, left: Infinity }
  for (let i = 0; i < CANDIDATES; i++) {
    const each = low * (high / low) ** (i / (CANDIDATES - 1))
    const left = leftAfter(belief, { energy: each, passes })
    if (left < best.left) best = { energy: each, left }
  }
  return best
}

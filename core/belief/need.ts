import { normalBelow, solveRising } from '../statistics'
import { charringBefore } from './charring'
import {
  added,
  CHARS,
  COUNT,
  effective,
  gridOf,
  likelihood,
  MACHINE_OFF,
  OFFSETS,
  PASSES,
  REACH,
  SPREADS,
  STEP,
  STOCK_OFF,
  weigh,
  type Cutting,
  type NeedTest,
} from './need-model'

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

export interface CutOdds {
  through: number
  charred: number
}

/**
 * What is thought of a stock's need before anything is tried on it: the energy rule, and what the machine's
 * other stocks say of the machine. Each of them has an offset of its own, so however many tests one has, it
 * says no more than one stock can.
 */
function beforehand(others: { tests: NeedTest[]; rule: number }[], scale: number): Float64Array {
  const machine = gridOf(MACHINE_OFF, scale)
  const stock = gridOf(STOCK_OFF, scale)
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
 * @param scale by which doubts of what was not tried are widened
 */
export function believeNeed(
  rule: number,
  own: NeedTest[],
  others: { tests: NeedTest[]; rule: number }[] = [],
  scale = 1,
): NeedBelief {
  const elsewhere = others.map((each) => ({ ...each, rule: Math.log(each.rule) }))
  const [prior, log] = [beforehand(elsewhere, scale), Math.log(rule)]
  const chars = charringBefore(elsewhere)
  const cells: Cell[] = []
  // Where every test was one pass they say nothing of how passes add up.
  const isTold = own.some(({ passes }) => passes > 1)
  for (const { sd: spread, weight: ofSpread } of SPREADS)
    for (const [i, offset] of OFFSETS.entries()) {
      const need = log + offset
      const weighed = (share: number): { weight: number; charred: number[] } => {
        const logs = chars.map((chance) => Math.log(ofSpread * prior[i] * chance))
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

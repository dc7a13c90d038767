import { normalBelow } from '../statistics'
import type { TestResult } from '../tune'
import type { Spread } from './gauss'

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

/** How far a machine may be off its watts, which all its stocks share: a label, a tired tube. [FM] */
export const MACHINE_OFF: Spread = [
  { sd: 0.15, weight: 0.6 },
  { sd: 0.5, weight: 0.4 },
]
/** How far a stock may be off its family on the same machine: a tenth to ten times is possible. [FM] */
export const STOCK_OFF: Spread = [
  { sd: 0.2, weight: 0.3 },
  { sd: 0.6, weight: 0.2 },
  { sd: 1.4, weight: 0.5 },
]
/** How much one cut differs from the next: knots, glue, power, focus. [FM] */
export const SPREADS: Spread = [
  { sd: 0.04, weight: 0.45 },
  { sd: 0.08, weight: 0.4 },
  { sd: 0.13, weight: 0.11 },
  { sd: 0.3, weight: 0.025 },
  { sd: 0.9, weight: 0.015 },
]
/** Passes do not add up fully: so many count as `passes ** share`. [FM] */
export const PASSES = [
  { share: 1, weight: 0.4 },
  { share: 0.85, weight: 0.35 },
  { share: 0.7, weight: 0.25 },
]
/** A cut that is just through has at most so much more than it needs. [FM] */
const JUST = 0.12
/** How much more than it needs chars. [FM] */
export const CHARS = [0.2, 0.35, 0.5, 0.65, 0.8, 1, 1.25, 1.6, 2.2]
/** How often a word about a cut that is through is another one than meant. [FM] */
const MISWORDED = 0.05

/** The grid of needs about the rule: to a hundredth, and to a hundred times. */
export const REACH = 4.6
export const STEP = 0.05
export const COUNT = Math.round((2 * REACH) / STEP) + 1
export const OFFSETS = Array.from({ length: COUNT }, (_, i) => i * STEP - REACH)

/** Weights of offsets from nothing, on the grid. @param scale by which their deviations are widened */
export const gridOf = (mixed: Spread, scale = 1): Float64Array => {
  const grid = new Float64Array(COUNT)
  for (let i = 0; i < COUNT; i++)
    for (const { sd, weight } of mixed) {
      const [low, high] = [OFFSETS[i] - STEP / 2, OFFSETS[i] + STEP / 2].map((end) => end / (sd * scale))
      grid[i] += weight * (normalBelow(high) - normalBelow(low))
    }
  return grid
}

/** What two independent offsets add up to; what leaves the grid stays at its end. */
export function added(a: Float64Array, b: Float64Array): Float64Array {
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
export function weigh(logs: number[], { result, count }: NeedTest, more: number, spread: number): void {
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
export const effective = ({ energy, passes }: Cutting, share: number): number =>
  Math.log(energy) - (1 - share) * Math.log(passes)

/** How likely tests are on each need of the grid, whatever the spread. */
export function likelihood(tests: NeedTest[], rule: number): Float64Array {
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

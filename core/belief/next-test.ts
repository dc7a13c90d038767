import { normalBelow } from '../statistics'
import { effective, type Cutting } from './need-model'
import { needOf, type NeedBelief } from './need'

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

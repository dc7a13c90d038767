import { rangeOf, type FitWord } from '../fit'
import { normalBelow } from '../statistics'
import { believeFit, SOFT } from './believe-fit'
import { rangeFor, type FitEvidence } from './fit-evidence'

/** Odds of a word before it was heard: under a few of a hundred it is asked about. */
export function oddsOfWord(evidence: FitEvidence, gap: number, word: FitWord): number {
  const { cases } = believeFit(evidence)
  const { middle, half } = rangeOf(word)
  const [from, to] = rangeFor(middle, half, word)
  return cases.reduce((sum, { weight, kerf, taste, kerfVariance, tasteVariance, together, apart }) => {
    const sd = Math.sqrt(kerfVariance + tasteVariance + 2 * together + apart + SOFT ** 2)
    return sum + weight * within((from - gap - kerf - taste) / sd, (to - gap - kerf - taste) / sd)
  }, 0)
}
const within = (a: number, b: number): number => normalBelow(b) - normalBelow(a)

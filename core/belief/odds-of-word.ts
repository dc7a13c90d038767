import { belowOf, rangeOf, type FitWord, type SaidOfSlot } from '../fit'
import { beliefsOf } from './believe-fit'
import { rangeFor, type FitEvidence } from './fit-evidence'

/**
 * Odds of a word before it was heard: under a few of a hundred it is asked about.
 * @param gap that was reckoned, mm @param slot where a slot spoke, not tabs
 */
export function oddsOfWord(
  evidence: FitEvidence,
  gap: number,
  word: FitWord,
  slot: SaidOfSlot | null = null,
): number {
  const { middle, half } = rangeOf(word)
  const [from, to] = rangeFor(middle, half, word)
  const felt = beliefsOf(evidence).felt(evidence.kerf?.id ?? null, slot)
  return below(felt, to - gap) - below(felt, from - gap)
}
const below = (felt: Parameters<typeof belowOf>[0], value: number): number =>
  value === Infinity ? 1 : value === -Infinity ? 0 : belowOf(felt, value)

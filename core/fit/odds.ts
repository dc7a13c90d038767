import { NORMAL_95, normalBelow } from '../statistics'
import { WORD_LIMITS, wordFor, type FitWord } from './words'

/** A figure with its doubt as a standard deviation, mm, and what it is called. */
export interface Source {
  name: string
  sd: number
}

export type Odds = Record<FitWord, number>

/** Chance of each word for a felt gap that is normally distributed; they add up to 1. */
export function oddsFor(gap: number, sd: number): Odds {
  const odds: Odds = { forced: 0, press: 0, snug: 0, easy: 0, loose: 0 }
  if (sd === 0) return { ...odds, [wordFor(gap)]: 1 }
  let below = 0
  for (const { word, upTo } of WORD_LIMITS) {
    const next = upTo === Infinity ? 1 : normalBelow((upTo - gap) / sd)
    odds[word] = next - below
    below = next
  }
  return odds
}

/** A kind of joint in a box: how its play comes about, and the odds of each word. Lengths in mm. */
export interface JointOdds {
  group: 'tabs' | 'slots'
  label: string
  /** Felt gap per boundary. */
  gap: number
  sd: number
  /** Half of the 95 % interval of the gap. */
  doubt: number
  odds: Odds
  likeliest: FitWord
  /** The figure that dominates the doubt, with its share of the variance; null when nothing is in doubt. */
  dominant: { name: string; share: number } | null
}

/** Adds up independent doubts. [DEF: variances of independent figures add] */
export function jointOdds(
  group: JointOdds['group'],
  label: string,
  gap: number,
  sources: Source[],
): JointOdds {
  const variance = sources.reduce((sum, { sd }) => sum + sd * sd, 0)
  const sd = Math.sqrt(variance)
  const odds = oddsFor(gap, sd)
  const likeliest = (Object.keys(odds) as FitWord[]).reduce((best, word) =>
    odds[word] > odds[best] ? word : best,
  )
  const largest = sources.reduce((most, each) => (each.sd > most.sd ? each : most), sources[0])
  return {
    group,
    label,
    gap,
    sd,
    doubt: NORMAL_95 * sd,
    odds,
    likeliest,
    dominant: variance > 0 ? { name: largest.name, share: (largest.sd * largest.sd) / variance } : null,
  }
}

/** Tabs in notches: `g = k − 2c − i`, felt against the maker's own snug. Thickness has no say. [DEF] */
export const tabOdds = (
  kerf: { width: number; sd: number },
  compensation: number,
  interference: number,
  taste: { offset: number; sd: number },
): JointOdds =>
  jointOdds('tabs', 'tabs in notches', kerf.width - 2 * compensation - interference + taste.offset, [
    { name: 'kerf', sd: kerf.sd },
    { name: 'taste', sd: taste.sd },
  ])

/**
 * A panel in a slot: play `= (drawn slot + k − 2c) − T`, half of it at each side. [DEF]
 * @param thickness mean and standard deviation from place to place, mm
 */
export const slotOdds = (
  drawn: number,
  kerf: { width: number; sd: number },
  compensation: number,
  thickness: { mean: number; sd: number },
): JointOdds =>
  jointOdds('slots', 'panels in slots', (drawn + kerf.width - 2 * compensation - thickness.mean) / 2, [
    { name: 'kerf', sd: kerf.sd / 2 },
    { name: 'thickness', sd: thickness.sd / 2 },
  ])

/** The compensation per side, mm, that makes a word likeliest: the one that puts the felt gap into the middle of its range. */
export function bestCompensation(
  word: { middle: number },
  kerf: { width: number },
  interference: number,
  taste: { offset: number },
): number {
  return (kerf.width - interference + taste.offset - word.middle) / 2
}

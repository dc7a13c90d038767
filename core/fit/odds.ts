import type { Direction, Kerf } from '../kerf'
import { NORMAL_95, normalBelow } from '../statistics'
import { tasteSd, type Taste } from './taste'
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
  /** The edges of the box that have this joint; empty where they are not told apart. */
  where: string[]
  /** Gap per boundary as it is cut, and as it feels to this maker. */
  cut: number
  gap: number
  sd: number
  /** Half of the 95 % interval of the gap. */
  doubt: number
  odds: Odds
  likeliest: FitWord
  /** The figure that dominates the doubt, with its share of the variance; null when nothing is in doubt. */
  dominant: { name: string; share: number } | null
}

type About = Pick<JointOdds, 'group' | 'label' | 'where' | 'cut' | 'gap'>

/** Adds up independent doubts. [DEF: variances of independent figures add] */
export function jointOdds(about: About, sources: Source[]): JointOdds {
  const variance = sources.reduce((sum, { sd }) => sum + sd * sd, 0)
  const sd = Math.sqrt(variance)
  const odds = oddsFor(about.gap, sd)
  const likeliest = (Object.keys(odds) as FitWord[]).reduce((best, word) =>
    odds[word] > odds[best] ? word : best,
  )
  const largest = sources.reduce((most, each) => (each.sd > most.sd ? each : most), sources[0])
  return {
    ...about,
    sd,
    doubt: NORMAL_95 * sd,
    odds,
    likeliest,
    dominant: variance > 0 ? { name: largest.name, share: (largest.sd * largest.sd) / variance } : null,
  }
}

/** A glue line: in which direction each of its two edges was cut, and where on the box it is. */
export interface Boundary {
  edges: [Direction, Direction]
  where: string
}

/** Compensation per side in each direction, mm. */
export type Compensations = Record<Direction, number>

/**
 * Gap per boundary of a tab in its notch: `g = k − 2c − i`, half of `k − 2c` from either edge, each in its
 * own direction. [DEF]
 * @param interference per boundary, mm; positive is tighter
 */
export const gapFor = (
  edges: [Direction, Direction],
  kerf: Pick<Kerf, 'by'>,
  compensation: Compensations,
  interference: number,
): number => edges.reduce((sum, way) => sum + (kerf.by[way].width - 2 * compensation[way]) / 2, -interference)

/**
 * How far the kerf's error reaches the felt gap, mm: the taste was reckoned with some kerf, and where that is
 * the one in use its error is in both, the other way round. [DEF]
 */
function kerfSd(edges: [Direction, Direction], kerf: Kerf, share: number): number {
  if (kerf.round) return kerf.sd * Math.abs(1 - share)
  const weight = (way: Direction): number => edges.filter((edge) => edge === way).length / 2 - share / 2
  return Math.hypot(weight('x') * kerf.by.x.sd, weight('y') * kerf.by.y.sd)
}

const WAY: Record<Direction, string> = { x: 'across', y: 'along' }

function labelOf([a, b]: [Direction, Direction], round: boolean): string {
  if (round) return 'tabs in notches'
  return a === b ? `tabs cut ${WAY[a]} the sheet` : 'tabs cut across in notches cut along, or the other way'
}

/** Tabs in notches, felt against the maker's own snug. Thickness has no say. [DEF] */
export function tabOdds(
  edges: [Direction, Direction],
  kerf: Kerf,
  compensation: Compensations,
  interference: number,
  taste: Taste,
  where: string[] = [],
): JointOdds {
  const cut = gapFor(edges, kerf, compensation, interference)
  const shared = taste.kerfs.find(({ id }) => kerf.id !== null && id === kerf.id)
  const apart = { ...taste, kerfs: taste.kerfs.filter((each) => each !== shared) }
  return jointOdds(
    { group: 'tabs', label: labelOf(edges, kerf.round), where, cut, gap: cut + taste.offset },
    [
      { name: 'kerf', sd: kerfSd(edges, kerf, shared?.share ?? 0) },
      { name: 'taste', sd: tasteSd(apart) },
    ],
  )
}

/**
 * A panel in a slot: play `= (drawn slot + k − 2c) − T`, half of it at each side. [DEF]
 * @param compensation per side, mm
 * @param thickness mean and standard deviation from place to place, mm
 */
export function slotOdds(
  drawn: number,
  kerf: { width: number; sd: number },
  compensation: number,
  thickness: { mean: number; sd: number },
): JointOdds {
  const gap = (drawn + kerf.width - 2 * compensation - thickness.mean) / 2
  return jointOdds({ group: 'slots', label: 'panels in slots', where: [], cut: gap, gap }, [
    { name: 'kerf', sd: kerf.sd / 2 },
    { name: 'thickness', sd: thickness.sd / 2 },
  ])
}

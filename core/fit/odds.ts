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
function oddsFor(gap: number, sd: number): Odds {
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
  group: 'tabs' | 'slots' | 'bolts'
  label: string
  /** The edges of the box that have this joint; empty where they are not told apart. */
  where: string[]
  /** How wide its slot or hole is drawn, mm; tabs have none. */
  drawn?: number
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

type About = Pick<JointOdds, 'group' | 'label' | 'where' | 'drawn' | 'cut' | 'gap'>

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

/** What an edge was cut with: another stock has another kerf. */
export interface Cutting {
  /** The stock's name, where there is more than one. */
  name: string
  kerf: Kerf
  compensation: Compensations
  /** One's own snug in that family. */
  taste: Taste
}

/** A glue line: in which direction each of its two edges was cut, and where on the box it is. */
export interface Boundary {
  edges: [Direction, Direction]
  where: string
  /** What each edge was cut from; both from the job's own stock where it is not said. */
  cut?: [Cutting, Cutting]
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
 * How far the kerf's error reaches the felt gap, mm: the taste was reckoned with some kerf, and where that
 * is the one in use its error is in both, the other way round. [DEF]
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
 * Tabs of one stock in notches of another, each with its own kerf: half of the gap comes from either edge,
 * and the two errors are independent. [DEF] The taste is the first one's.
 */
export function pairOdds(
  { edges, cut: made }: Boundary & { cut: [Cutting, Cutting] },
  interference: number,
  where: string[],
): JointOdds {
  const [{ taste }] = made
  const half = (i: 0 | 1): number => {
    const { kerf, compensation } = made[i]
    return (kerf.by[edges[i]].width - 2 * compensation[edges[i]]) / 2
  }
  const gap = half(0) + half(1) - interference
  const shared = taste.kerfs.find(({ id }) => made.some(({ kerf }) => kerf.id === id))
  const apart = { ...taste, kerfs: taste.kerfs.filter((each) => each !== shared) }
  const sds = made.map(({ kerf }, i) => {
    const share = shared && shared.id === kerf.id ? shared.share : 0
    return kerf.by[edges[i]].sd * Math.abs(1 / 2 - share)
  })
  const label = `tabs of ${made[0].name} and ${made[1].name}`
  return jointOdds({ group: 'tabs', label, where, cut: gap, gap: gap + taste.offset }, [
    { name: 'kerf', sd: Math.hypot(...sds) },
    { name: 'taste', sd: tasteSd(apart) },
  ])
}

/** Something that enters a slot or a hole: how wide that is drawn, and how thick the thing is, mm. */
export interface SlotJoint {
  group: 'slots' | 'bolts'
  label: string
  where: string[]
  drawn: number
  kerf: { width: number; sd: number }
  /** Per side. */
  compensation: number
  thickness: { mean: number; sd: number }
}

/**
 * A panel in a slot, or a bolt in its hole: play `= (drawn slot + k − 2c) − T`, half of it at each side.
 * [DEF] Thickness is its mean and standard deviation from place to place.
 */
export function slotOdds({ drawn, kerf, compensation, thickness, ...about }: SlotJoint): JointOdds {
  const gap = (drawn + kerf.width - 2 * compensation - thickness.mean) / 2
  return jointOdds({ ...about, drawn, cut: gap, gap }, [
    { name: 'kerf', sd: kerf.sd / 2 },
    { name: 'thickness', sd: thickness.sd / 2 },
  ])
}

import type { Direction, Kerf } from '../kerf'
import {
  belowOf,
  centred,
  feltFigure,
  half95,
  kerfFigure,
  meanOf,
  sdOf,
  tasteOf,
  type Figure,
  type FitBelief,
} from './believed'
import { FIT_WORDS, WORD_LIMITS, wordFor, type FitWord } from './words'
import { odds as words } from './words'

/** A figure with its doubt as a standard deviation, mm, and what it is called. */
export interface Source {
  name: string
  sd: number
}

export type Odds = Record<FitWord, number>

/** Chance of each word for a gap as it feels; they add up to 1. */
function oddsFor(felt: Figure): Odds {
  const odds: Odds = { forced: 0, press: 0, snug: 0, easy: 0, loose: 0 }
  if (felt.every(({ sd }) => sd === 0)) {
    for (const { weight, mean } of felt) odds[wordFor(mean)] += weight
    return odds
  }
  let below = 0
  for (const { word, upTo } of WORD_LIMITS) {
    const next = upTo === Infinity ? 1 : belowOf(felt, upTo)
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
  /** The stock of what enters it. */
  guest?: string | null
  /** Gap per boundary as it is cut, and as it feels to this maker. */
  cut: number
  gap: number
  sd: number
  /** Half of the 95 % interval of the gap as it feels, and as it is cut. */
  doubt: number
  cutDoubt: number
  odds: Odds
  likeliest: FitWord
  /** The figure that dominates the doubt, with its share of the variance; null when nothing is in doubt. */
  dominant: { name: string; share: number } | null
}

type About = Pick<JointOdds, 'group' | 'label' | 'where' | 'drawn' | 'guest' | 'cut'>

/**
 * What a joint comes to whose gap feels so.
 * @param cut the gap without the hand @param sources what its doubt is made of: the largest is named
 */
function jointOf(about: About, felt: Figure, cut: Figure, sources: Source[]): JointOdds {
  const odds = oddsFor(felt)
  const likeliest = FIT_WORDS.reduce((best, word) => (odds[word] > odds[best] ? word : best))
  const largest = sources.reduce((most, each) => (each.sd > most.sd ? each : most), sources[0])
  const all = sources.reduce((sum, { sd }) => sum + sd * sd, 0)
  return {
    ...about,
    gap: meanOf(felt),
    sd: sdOf(felt),
    doubt: half95(felt),
    cutDoubt: cut === felt ? half95(felt) : half95(cut),
    odds,
    likeliest,
    dominant: all > 0 ? { name: largest.name, share: (largest.sd * largest.sd) / all } : null,
  }
}

/** Adds up independent doubts. [DEF: variances of independent figures add] */
export function jointOdds(about: About & { gap: number }, sources: Source[]): JointOdds {
  const one = [{ weight: 1, mean: about.gap, sd: Math.hypot(...sources.map(({ sd }) => sd)) }]
  return jointOf(about, one, one, sources)
}

/** What an edge was cut with: another stock has another kerf. */
export interface Cutting {
  /** The stock's name, where there is more than one. */
  name: string
  kerf: Kerf
  compensation: Compensations
  /** What is believed of its kerf, and of one's own snug in that family. */
  belief: FitBelief
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
 * What a direction of its own adds to the doubt, mm²: where a beam is not round, or was read one way only,
 * two edges of one direction share what one edge of each would halve. [DEF]
 */
export function ownWay(edges: [Direction, Direction], kerf: Kerf): number {
  const [x, y] = (['x', 'y'] as const).map((way) => edges.filter((edge) => edge === way).length / 2)
  const apart = kerf.round ? 0 : ((x - y) * kerf.sd) ** 2
  const blind = kerf.unread ? ({ x, y }[kerf.unread] * OVAL_SD) ** 2 : 0
  return apart + blind
}

/** How much one direction may take more than the other, where only one was read, mm. [FM] */
const OVAL_SD = 0.012

const WAY: Record<Direction, string> = { x: 'across', y: 'along' }

function labelOf([a, b]: [Direction, Direction], round: boolean): string {
  if (round) return 'tabs in notches'
  return a === b ? words.tabsCutSheet(WAY[a]) : words.tabsCutAcross
}

/** A figure with more variance, mm². */
const wider = (figure: Figure, more: number): Figure =>
  figure.map(({ sd, ...each }) => ({ ...each, sd: Math.sqrt(sd * sd + more) }))
/** Half of a figure, and another deviation beside it. */
const halved = (figure: Figure, sd: number): Figure =>
  figure.map((each) => ({ weight: each.weight, mean: each.mean / 2, sd: Math.hypot(each.sd / 2, sd) }))

/** Tabs in notches, felt against the maker's own snug. Thickness has no say. [DEF] */
export function tabOdds(
  edges: [Direction, Direction],
  kerf: Kerf,
  compensation: Compensations,
  interference: number,
  belief: FitBelief,
  where: string[] = [],
): JointOdds {
  const cut = gapFor(edges, kerf, compensation, interference)
  const about = { group: 'tabs' as const, label: labelOf(edges, kerf.round), where, cut }
  const own = ownWay(edges, kerf)
  const felt = feltFigure(centred(belief), cut, 1, own)
  const taste = tasteOf(belief).sd
  return jointOf(about, felt, wider(kerfFigure(belief), own), [
    { name: 'kerf', sd: Math.sqrt(Math.max(0, sdOf(felt) ** 2 - taste ** 2)) },
    { name: 'taste', sd: taste },
  ])
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
  const [one, mate] = made
  const half = (i: 0 | 1): number => {
    const { kerf, compensation } = made[i]
    return (kerf.by[edges[i]].width - 2 * compensation[edges[i]]) / 2
  }
  const gap = half(0) + half(1) - interference
  const label = `tabs of ${one.name} and ${mate.name}`
  const theirs = sdOf(kerfFigure(mate.belief)) / 2
  const felt = feltFigure(centred(one.belief), gap, 1 / 2, theirs ** 2)
  const taste = tasteOf(one.belief).sd
  const cut = halved(kerfFigure(one.belief), theirs)
  return jointOf({ group: 'tabs', label, where, cut: gap }, felt, cut, [
    { name: 'kerf', sd: Math.hypot(sdOf(kerfFigure(one.belief)) / 2, theirs) },
    { name: 'taste', sd: taste },
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
  /** The stock of what enters; null where it is no sheet, or nobody knows. */
  guest: string | null
}

/**
 * A panel in a slot, or a bolt in its hole: play `= (drawn slot + k − 2c) − T`, half of it at each side.
 * [DEF] Thickness is its mean and standard deviation from place to place.
 */
export function slotOdds({ drawn, kerf, compensation, thickness, guest, ...about }: SlotJoint): JointOdds {
  const gap = (drawn + kerf.width - 2 * compensation - thickness.mean) / 2
  return jointOdds({ ...about, drawn, guest, cut: gap, gap }, [
    { name: 'kerf', sd: kerf.sd / 2 },
    { name: 'thickness', sd: thickness.sd / 2 },
  ])
}

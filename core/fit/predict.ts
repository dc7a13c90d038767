import { compensations, type Kerf } from '../kerf'
import type { Thickness } from '../stock'
import { slotOdds, tabOdds, type Boundary, type Compensations, type JointOdds, type Odds } from './odds'
import { rangeOf, type Taste } from './taste'
import { WANTED_FITS, wordFor, type FitWord } from './words'

/** All that a fit follows from. Lengths in mm. */
export interface FitInput {
  kerf: Kerf
  thickness: Thickness
  /** In the paths each direction has its own compensation; a laser's software has one figure for both. */
  compensate: 'paths' | 'software'
  /** Wanted, per boundary; positive is tighter. */
  interference: number
  proud: number
  taste: Taste
  /** The glue lines of the box as they lie on the sheet; none where that is not known yet. */
  boundaries: Boundary[]
}

export interface FitPrediction {
  /** Gap per boundary in mm as it is cut, where it fits worst; negative when the parts overlap. */
  gap: number
  /** The same as it feels to this maker: shifted by their taste. */
  felt: number
  /** Half of its 95 % interval, mm. */
  doubt: number
  /** Play of a tab in its notch, both boundaries together, mm. */
  play: number
  word: FitWord
  /** The word that was asked for. */
  wanted: FitWord
  odds: Odds
  /**
   * Every kind of joint that the box has; a slot for this sheet is always told, since dividers come later.
   */
  joints: JointOdds[]
  compensation: Compensations
  /**
   * The interference that would make the wanted word likeliest, what it comes to per side in all, and the
   * odds of the word then.
   */
  best: { compensation: number; interference: number; odds: number }
  /**
   * How far the ends of tabs may stand back from (negative) or out of the mating face, mm; from the spread of
   * thickness.
   */
  flush: { recessed: number; proud: number }
  /** Slot width in mm that the thickest reading still enters. */
  slotWidth: number
}

/** The word that an interference asks for, given one's own snug. */
export function wantedWord(interference: number, taste: Taste): FitWord {
  const own = interference - taste.offset
  const off = (wanted: number): number => Math.abs(wanted - own)
  return WANTED_FITS.reduce((best, each) => (off(each.interference) < off(best.interference) ? each : best))
    .word
}

/** Compensation per side in each direction, wherever it is applied. */
export function compensationIn(kerf: Kerf, where: FitInput['compensate']): Compensations {
  return where === 'paths' ? compensations(kerf) : { x: kerf.perSide, y: kerf.perSide }
}

/** One entry per way in which the two edges of a glue line were cut. */
function kinds(boundaries: Boundary[]): { edges: Boundary['edges']; where: string[] }[] {
  const found = new Map<string, { edges: Boundary['edges']; where: Set<string> }>()
  for (const { edges, where } of boundaries) {
    const key = [...edges].sort().join('')
    const kind = found.get(key) ?? { edges, where: new Set<string>() }
    kind.where.add(where)
    found.set(key, kind)
  }
  return [...found.values()].map(({ edges, where }) => ({ edges, where: [...where] }))
}

/** The tab joints of a box, at an interference. */
function tabJoints(input: FitInput, compensation: Compensations, interference: number): JointOdds[] {
  const { kerf, taste, boundaries } = input
  if (kerf.round || boundaries.length === 0)
    return [tabOdds(['x', 'x'], kerf, compensation, interference, taste)]
  return kinds(boundaries).map(({ edges, where }) =>
    tabOdds(edges, kerf, compensation, interference, taste, where),
  )
}

const worst = (joints: JointOdds[], wanted: FitWord): JointOdds =>
  joints.reduce((least, each) => (each.odds[wanted] < least.odds[wanted] ? each : least))

/**
 * What the joints will come out as. Kerf decides how tabs fit in notches; thickness decides flushness and
 * slots; taste what it feels like. The glue line that fits worst speaks for the box.
 */
export function predictFit(input: FitInput): FitPrediction {
  const { kerf, thickness, compensate, interference, proud, taste } = input
  const compensation = compensationIn(kerf, compensate)
  const tabs = tabJoints(input, compensation, interference)
  const wanted = wantedWord(interference, taste)
  const shown = worst(tabs, wanted)
  const gaps = tabs.map(({ gap }) => gap)
  const better = interference + (Math.min(...gaps) + Math.max(...gaps)) / 2 - rangeOf(wanted).middle
  return {
    gap: shown.cut,
    felt: shown.gap,
    doubt: shown.doubt,
    play: 2 * shown.cut,
    word: wordFor(shown.gap),
    wanted,
    odds: shown.odds,
    joints: [...tabs, slotOdds(thickness.thickest, kerf, kerf.perSide, thickness)],
    compensation,
    best: {
      interference: better,
      compensation: kerf.perSide + (better - interference) / 2,
      odds: worst(tabJoints(input, compensation, better), wanted).odds[wanted],
    },
    flush: {
      recessed: thickness.mean + proud - thickness.thickest,
      proud: thickness.mean + proud - thickness.thinnest,
    },
    slotWidth: thickness.thickest,
  }
}

import { compensations, type Kerf } from '../kerf'
import type { Thickness } from '../stock'
import {
  pairOdds,
  slotOdds,
  tabOdds,
  type Boundary,
  type Compensations,
  type Cutting,
  type JointOdds,
  type Odds,
  type SlotJoint,
} from './odds'
import { kerfFigure, sdOf, tasteOf, type FitBelief, type Taste } from './believed'
import { rangeOf } from './taste'
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
  /** What is believed of kerf and snug. */
  belief: FitBelief
  /** The glue lines of the box as they lie on the sheet; none where that is not known yet. */
  boundaries: Boundary[]
  /** False for a box that has no tabs in notches: its slots speak for it then. */
  tabbed: boolean
  /** Every kind of slot and bolt hole of the box. */
  slots: SlotJoint[]
}

export interface FitPrediction {
  /** Gap per boundary in mm as it is cut, where it fits worst; negative when the parts overlap. */
  gap: number
  /** The same as it feels to this maker: shifted by their taste. */
  felt: number
  /** Half of its 95 % interval, mm, and of that of the gap as it is cut. */
  doubt: number
  cutDoubt: number
  /**
   * Where a slot speaks: the stock of what enters it, and what thickness alone leaves open of that gap, one
   * deviation, mm; null where tabs do.
   */
  slot: { guest: string | null; sd: number } | null
  /** Play of a tab in its notch, both boundaries together, mm. */
  play: number
  word: FitWord
  /** The word that was asked for. */
  wanted: FitWord
  odds: Odds
  /** Every kind of joint that the box has; where it has none, what a slot for this sheet would be. */
  joints: JointOdds[]
  /** A kind of joint that is less likely to be of use than the one that speaks for the box. */
  weakest: { label: string; odds: number; likeliest: FitWord } | null
  compensation: Compensations
  /**
   * The interference that would make the wanted word likeliest, what it comes to per side in all, and the
   * odds of the word then.
   */
  best: { compensation: number; interference: number; odds: number }
  /**
   * How far the ends of tabs may stand back from (negative) or out of the mating face, mm; from the spread
   * of thickness.
   */
  flush: { recessed: number; proud: number }
  /** Slot width in mm that the thickest reading still enters. */
  slotWidth: number
}

/** The word that an interference asks for, given one's own snug. */
export function wantedWord(interference: number, taste: Pick<Taste, 'offset'>): FitWord {
  const own = interference - taste.offset
  const off = (wanted: number): number => Math.abs(wanted - own)
  return WANTED_FITS.reduce((best, each) => (off(each.interference) < off(best.interference) ? each : best))
    .word
}

/** Compensation per side in each direction, wherever it is applied. */
export function compensationIn(kerf: Kerf, where: FitInput['compensate']): Compensations {
  return where === 'paths' ? compensations(kerf) : { x: kerf.perSide, y: kerf.perSide }
}

interface Kind extends Omit<Boundary, 'where'> {
  where: string[]
}

/** One entry per way in which the two edges of a glue line were cut, and from what. */
function kinds(boundaries: Boundary[]): Kind[] {
  const found = new Map<string, Kind>()
  for (const { edges, where, cut } of boundaries) {
    const key = [...edges.map((edge, i) => `${edge} ${cut?.[i].name ?? ''}`)].sort().join('|')
    const kind = found.get(key) ?? { edges, cut, where: [] }
    if (!kind.where.includes(where)) kind.where.push(where)
    found.set(key, kind)
  }
  return [...found.values()]
}

/** Tabs that are not of the job's own stock: of one other stock with one kerf, or of two. */
function cutOdds(
  edges: Boundary['edges'],
  cut: [Cutting, Cutting],
  interference: number,
  where: string[],
): JointOdds {
  const [{ name, kerf, compensation, belief }, mate] = cut
  if (kerf !== mate.kerf) return pairOdds({ edges, cut, where: '' }, interference, where)
  const odds = tabOdds(edges, kerf, compensation, interference, belief, where)
  return { ...odds, label: `${odds.label}, ${name}` }
}

/** The tab joints of a box, at an interference. */
function tabJoints(input: FitInput, compensation: Compensations, interference: number): JointOdds[] {
  const { kerf, belief, boundaries } = input
  if (boundaries.length === 0) return [tabOdds(['x', 'x'], kerf, compensation, interference, belief)]
  return kinds(boundaries).map(({ edges, cut, where }) =>
    cut
      ? cutOdds(edges, cut, interference, where)
      : tabOdds(edges, kerf, compensation, interference, belief, where),
  )
}

/** What a slot for a job's own sheet would be. */
const plainSlot = ({ thickness, kerf, belief }: FitInput): SlotJoint => ({
  group: 'slots',
  label: 'panels in slots',
  where: [],
  drawn: thickness.thickest,
  kerf: { width: kerf.width, sd: sdOf(kerfFigure(belief)) },
  compensation: kerf.perSide,
  thickness: { mean: thickness.mean, sd: thickness.anywhere },
  guest: null,
})

const worst = (joints: JointOdds[], wanted: FitWord): JointOdds =>
  joints.reduce((least, each) => (each.odds[wanted] < least.odds[wanted] ? each : least))

/** Odds that a joint does what it is for: tabs as was asked; what enters a slot or a hole goes in by hand. */
const servesBy = ({ group, odds }: JointOdds, wanted: FitWord): number =>
  group === 'tabs' ? odds[wanted] : 1 - odds.forced - odds.press

/** @param shown the joint that speaks for the box */
function weakestOf(joints: JointOdds[], shown: JointOdds, wanted: FitWord): FitPrediction['weakest'] {
  const serves = (joint: JointOdds): number => servesBy(joint, wanted)
  const least = joints.reduce((low, each) => (serves(each) < serves(low) ? each : low), shown)
  if (least === shown) return null
  return { label: least.label, odds: serves(least), likeliest: least.likeliest }
}

/** How far thickness may move the gap of the joint that speaks: half of it lies at either side. [DEF] */
function slotThatSpeaks(
  { tabbed, slots, thickness }: FitInput,
  { label, guest = null }: JointOdds,
): FitPrediction['slot'] {
  if (tabbed) return null
  const own = slots.find((slot) => slot.label === label)
  return { guest, sd: (own?.thickness.sd ?? thickness.anywhere) / 2 }
}

/**
 * What the joints will come out as. Kerf decides how tabs fit in notches; thickness decides flushness and
 * slots; taste what it feels like. The glue line that fits worst speaks for the box.
 */
export function predictFit(input: FitInput): FitPrediction {
  const { kerf, thickness, compensate, interference, proud } = input
  const taste = tasteOf(input.belief)
  const compensation = compensationIn(kerf, compensate)
  const tabs = tabJoints(input, compensation, interference)
  // What slides is meant to: interference is of glue lines alone.
  const wanted = input.tabbed ? wantedWord(interference, taste) : 'easy'
  const inSlots = (input.slots.length > 0 ? input.slots : [plainSlot(input)]).map(slotOdds)
  const speaking = input.tabbed ? tabs : inSlots.filter(({ group }) => group === 'slots')
  const shown = worst(speaking.length > 0 ? speaking : tabs, wanted)
  const joints = [...(input.tabbed ? tabs : []), ...(input.slots.length > 0 || !input.tabbed ? inSlots : [])]
  const gaps = tabs.map(({ gap }) => gap)
  const better = interference + (Math.min(...gaps) + Math.max(...gaps)) / 2 - rangeOf(wanted).middle
  return {
    gap: shown.cut,
    felt: shown.gap,
    doubt: shown.doubt,
    cutDoubt: shown.cutDoubt,
    slot: slotThatSpeaks(input, shown),
    play: 2 * shown.cut,
    word: wordFor(shown.gap),
    wanted,
    odds: shown.odds,
    joints,
    weakest: weakestOf(joints, shown, wanted),
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

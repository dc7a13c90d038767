import type { Kerf } from '../kerf'
import { fixed } from '../length'
import { FAMILIES, type Family, type Thickness } from '../stock'
import type { Working } from '../working'
import { bestCompensation, slotOdds, tabOdds, type JointOdds, type Odds } from './odds'
import { NO_TASTE, rangeOf, type Taste } from './taste'
import { WANTED_FITS, wordFor, type FitWord } from './words'

export interface FitPrediction {
  /** Gap per boundary in mm as it is cut; negative when the parts overlap. */
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
  /** Every kind of joint that the box has; a slot for this sheet is always told, since dividers come later. */
  joints: JointOdds[]
  /** Compensation per side, mm, that would make the wanted word likeliest, the odds of it then, and the interference that does the same at the compensation there is. */
  best: { compensation: number; interference: number; odds: number }
  /** How far the ends of tabs may stand back from (negative) or out of the mating face, mm; from the spread of thickness. */
  flush: { recessed: number; proud: number }
  /** Slot width in mm that the thickest reading still enters. */
  slotWidth: number
  cautions: string[]
  working: Working
}

/**
 * Gap per boundary of a tab in its notch: `g = k − 2c − i`. [DEF]
 * @param kerf full width, mm
 * @param compensation per side, mm
 * @param interference per boundary, mm; positive is tighter
 */
export const gapFor = (kerf: number, compensation: number, interference: number): number =>
  kerf - 2 * compensation - interference

/** The word that an interference asks for, given one's own snug. */
export function wantedWord(interference: number, taste: Taste): FitWord {
  const own = interference - taste.offset
  return WANTED_FITS.reduce((best, each) =>
    Math.abs(each.interference - own) < Math.abs(best.interference - own) ? each : best,
  ).word
}

function cautionsFor(family: Family, gap: number, proudLength: number, thickness: Thickness): string[] {
  const cautions: string[] = []
  const name = family[0].toUpperCase() + family.slice(1)
  if (FAMILIES[family].crushes === 'never' && gap < -0.001)
    cautions.push(`${name} does not crush: keep the gap at 0 or above, or it cracks. Choose snug or easy.`)
  if (thickness.uneven) cautions.push(`The sheet is uneven: ${thickness.uneven}. Tab ends will show it.`)
  if (proudLength === 0 && thickness.thickest - thickness.mean > 0.1)
    cautions.push('Some tab ends will stand back from the face. A little proud length can be sanded flush.')
  return cautions
}

/**
 * What the joints will come out as. Kerf decides how tabs fit in notches; thickness decides flushness and slots; taste what it feels like.
 * @param compensation per side, mm, wherever it is applied
 * @param interference per boundary, mm
 */
export function predictFit(
  kerf: Kerf,
  thickness: Thickness,
  compensation: number,
  interference: number,
  family: Family,
  proudLength = 0,
  taste: Taste = NO_TASTE,
): FitPrediction {
  const gap = gapFor(kerf.width, compensation, interference)
  const tabs = tabOdds(kerf, compensation, interference, taste)
  const slots = slotOdds(thickness.thickest, kerf, compensation, thickness)
  const wanted = wantedWord(interference, taste)
  const best = bestCompensation(rangeOf(wanted), kerf, interference, taste)
  return {
    gap,
    felt: tabs.gap,
    doubt: tabs.doubt,
    play: 2 * gap,
    word: wordFor(tabs.gap),
    wanted,
    odds: tabs.odds,
    joints: [tabs, slots],
    best: {
      compensation: best,
      interference: interference + 2 * (best - compensation),
      odds: tabOdds(kerf, best, interference, taste).odds[wanted],
    },
    flush: {
      recessed: thickness.mean + proudLength - thickness.thickest,
      proud: thickness.mean + proudLength - thickness.thinnest,
    },
    slotWidth: thickness.thickest,
    cautions: cautionsFor(family, gap, proudLength, thickness),
    working: fitWorking(kerf, compensation, interference, taste, gap, tabs),
  }
}

function fitWorking(
  kerf: Kerf,
  compensation: number,
  interference: number,
  taste: Taste,
  gap: number,
  tabs: JointOdds,
): Working {
  const sign = (value: number): string => (value < 0 ? `(${fixed(value, 3)})` : fixed(value, 3))
  const own = taste.count > 0
  return {
    title: 'Gap at each glue line',
    result: `g = ${fixed(gap, 3)} ± ${fixed(tabs.doubt, 3)} mm: ${wordFor(tabs.gap)}`,
    formula: own ? 'g = k − 2c − i; felt as g + your snug' : 'g = k − 2c − i',
    substituted: `${fixed(kerf.width, 3)} − 2 × ${fixed(compensation, 3)} − ${sign(interference)} = ${fixed(gap, 3)} mm${own ? `; felt as ${fixed(tabs.gap, 3)} mm` : ''}`,
    terms: [
      {
        symbol: 'k',
        meaning: 'kerf, full width',
        value: `${fixed(kerf.width, 3)} ± ${fixed(kerf.doubt, 3)} mm`,
        source: kerf.measured ? 'reading' : 'default',
      },
      {
        symbol: 'c',
        meaning: 'compensation per side',
        value: `${fixed(compensation, 3)} mm`,
        source: 'derived',
      },
      {
        symbol: 'i',
        meaning: 'wanted interference per boundary',
        value: `${fixed(interference, 3)} mm`,
        source: 'your choice',
      },
      {
        symbol: 'snug',
        meaning: own ? `your own, from ${taste.count} combs and verdicts` : 'your own is not known yet',
        value: `${fixed(taste.offset, 3)} mm`,
        source: own ? 'test' : 'default',
      },
      {
        symbol: 'words',
        meaning: 'forced < −0.06 < press < −0.02 < snug < +0.02 < easy < +0.08 < loose',
        value: 'mm',
        source: 'from memory',
      },
    ],
    note: 'Thickness has no say in how tabs fit notches; it decides whether tab ends come out flush, and how wide a slot must be.',
  }
}

import type { Kerf } from '../kerf'
import { fixed } from '../length'
import { FAMILIES, type Family, type Thickness } from '../stock'
import type { Working } from '../working'
import { WORD_LIMITS, wordFor, type FitWord } from './words'

export interface FitPrediction {
  /** Gap per boundary in mm; negative when the parts overlap. */
  gap: number
  /** Half of its 95 % interval, mm. */
  doubt: number
  /** Play of a tab in its notch, both boundaries together, mm. */
  play: number
  word: FitWord
  /** Words at the tight and at the loose end of the interval. */
  tightest: FitWord
  loosest: FitWord
  /** Chance of each word, adding up to 1, if the doubt about kerf is the only one. */
  odds: Record<FitWord, number>
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
export const gapFor = (kerf: number, compensation: number, interference: number): number => kerf - 2 * compensation - interference

/** Standard normal distribution function. Abramowitz & Stegun, Handbook of Mathematical Functions, 26.2.17 (|error| < 7.5e-8). [PUB] */
export function normalBelow(z: number): number {
  const t = 1 / (1 + 0.2316419 * Math.abs(z))
  const tail = (Math.exp((-z * z) / 2) / Math.sqrt(2 * Math.PI))
    * t * (0.31938153 + t * (-0.356563782 + t * (1.781477937 + t * (-1.821255978 + t * 1.330274429))))
  return z > 0 ? 1 - tail : tail
}

const INTERVAL_95 = 1.959964 // half-width of the 95 % interval in standard deviations [DEF]

function oddsFor(gap: number, doubt: number): Record<FitWord, number> {
  const odds = { forced: 0, press: 0, snug: 0, easy: 0, loose: 0 }
  if (doubt === 0) return { ...odds, [wordFor(gap)]: 1 }
  let below = 0
  for (const { word, upTo } of WORD_LIMITS) {
    const next = upTo === Infinity ? 1 : normalBelow(((upTo - gap) / doubt) * INTERVAL_95)
    odds[word] = next - below
    below = next
  }
  return odds
}

function cautionsFor(family: Family, gap: number, proudLength: number, thickness: Thickness): string[] {
  const cautions: string[] = []
  const name = family[0].toUpperCase() + family.slice(1)
  if (FAMILIES[family].crushes === 'never' && gap < -0.001) cautions.push(`${name} does not crush: keep the gap at 0 or above, or it cracks. Choose snug or easy.`)
  if (thickness.spread > 0.2) cautions.push(`The sheet is uneven: readings differ by ${fixed(thickness.spread, 2)} mm. Tab ends will show it.`)
  if (proudLength === 0 && thickness.thickest - thickness.mean > 0.1) cautions.push('Some tab ends will stand back from the face. A little proud length can be sanded flush.')
  return cautions
}

/**
 * What the joints will come out as. Kerf decides how tabs fit in notches; thickness decides flushness and slots.
 * @param compensation per side, mm, wherever it is applied
 * @param interference per boundary, mm
 */
export function predictFit(kerf: Kerf, thickness: Thickness, compensation: number, interference: number, family: Family, proudLength = 0): FitPrediction {
  const gap = gapFor(kerf.width, compensation, interference)
  const sign = (value: number): string => (value < 0 ? `(${fixed(value, 3)})` : fixed(value, 3))
  return {
    gap, doubt: kerf.doubt, play: 2 * gap,
    word: wordFor(gap), tightest: wordFor(gap - kerf.doubt), loosest: wordFor(gap + kerf.doubt),
    odds: oddsFor(gap, kerf.doubt),
    flush: { recessed: thickness.mean + proudLength - thickness.thickest, proud: thickness.mean + proudLength - thickness.thinnest },
    slotWidth: thickness.thickest,
    cautions: cautionsFor(family, gap, proudLength, thickness),
    working: {
      title: 'Gap at each glue line',
      result: `g = ${fixed(gap, 3)} ± ${fixed(kerf.doubt, 3)} mm: ${wordFor(gap)}`,
      formula: 'g = k − 2c − i',
      substituted: `${fixed(kerf.width, 3)} − 2 × ${fixed(compensation, 3)} − ${sign(interference)} = ${fixed(gap, 3)} mm`,
      terms: [
        { symbol: 'k', meaning: 'kerf, full width', value: `${fixed(kerf.width, 3)} mm`, source: kerf.measured ? 'reading' : 'default' },
        { symbol: 'c', meaning: 'compensation per side', value: `${fixed(compensation, 3)} mm`, source: 'derived' },
        { symbol: 'i', meaning: 'wanted interference per boundary', value: `${fixed(interference, 3)} mm`, source: 'your choice' },
        { symbol: 'words', meaning: 'forced < −0.06 < press < −0.02 < snug < +0.02 < easy < +0.08 < loose', value: 'mm', source: 'from memory' },
      ],
      note: 'Thickness has no say in how tabs fit notches; it decides whether tab ends come out flush, and how wide a slot must be.',
    },
  }
}

import { calculate } from './arithmetic'
import type { Doubt } from './doubt'
import { short } from './format'
import { parse as words } from './words'

/**
 * Outcome of reading what somebody typed: a value, or one sentence saying what is wrong and what would mend
 * it.
 */
export type Parsed = { ok: true; value: number } | { ok: false; error: string }

const fail = (error: string): Parsed => ({ ok: false, error })

/** Millimetres in one of each unit a length may be typed in. [DEF] */
const MILLIMETRES: Record<string, number> = {
  mm: 1, cm: 10, m: 1000, in: 25.4, inch: 25.4, inches: 25.4, '"': 25.4, '”': 25.4, '″': 25.4, "''": 25.4,
  ft: 304.8, foot: 304.8, feet: 304.8, "'": 304.8, '’': 304.8, '′': 304.8,
} // oxfmt-ignore

/** Millimetres per second in one of each unit a speed may be typed in. [DEF] */
const MILLIMETRES_PER_SECOND: Record<string, number> = {
  'mm/s': 1, 'mm/min': 1 / 60, 'in/min': 25.4 / 60, 'in/s': 25.4, 'm/min': 1000 / 60, ipm: 25.4 / 60,
} // oxfmt-ignore

/** Longer than any figure that somebody types. */
const LONGEST = 60

/** One unit at the end counts for all that stands before it. */
function parseAll(text: string, units: Record<string, number>, bare: string, example: string): Parsed {
  const typed = text.trim().toLowerCase()
  if (typed === '') return fail(words.nothingEnteredType(example))
  const shown = text.trim().slice(0, 20)
  const no = fail(words.notFigureType(shown, example))
  if (typed.length > LONGEST) return no
  // In inches "6-3/8" by itself is six and three eighths.
  const own = bare === 'in' ? typed.replace(/^(\d+)-(\d+\/(?:2|4|8|16|32|64))$/, '$1 $2') : typed
  // "1-1/2 in" needs its inch to be told from a subtraction.
  const mixed = /\d-\d+\/\d+/.test(own)
  const atEnd = /^([^a-z"”″'’′]+?) *([a-z"”″'’′][a-z"”″'’′/]*)?$/.exec(own)
  const factor = units[atEnd?.[2] ?? bare]
  const sum = mixed ? null : atEnd && calculate(atEnd[1])
  if (sum && factor === undefined) {
    const known = Object.keys(units).slice(0, 4).join(', ')
    return fail(words.unitNotKnown(atEnd?.[2] ?? '', known))
  }
  if (sum) return { ok: true, value: sum.value * factor }
  const worked = calculate(own, units, units[bare])
  if (!worked) return no
  return { ok: true, value: worked.isLength ? worked.value : worked.value * units[bare] }
}

export type LengthUnit = 'mm' | 'in'
export type SpeedUnit = 'mm/s' | 'mm/min' | 'in/min'

/**
 * Reads a length: `mm`, `cm`, `m`, `in`, `"`, `ft`, `'` may stand behind the whole or behind each term;
 * decimal comma, fractions, mixed numbers and sums are read.
 * @param bare what a figure without a unit is in
 * @returns millimetres
 * @example parseLength('3 1/8"') // 79.375
 * @example parseLength('3/4"+1/2"') // 31.75
 */
export const parseLength = (text: string, bare: LengthUnit = 'mm'): Parsed =>
  parseAll(text, MILLIMETRES, bare, bare === 'mm' ? '120, 3,05 or 1/8 in' : '4 3/4, 0.118 or 3 mm')

/**
 * Reads a speed: `mm/s`, `mm/min` and `in/min` may follow.
 * @param bare what a figure without a unit is in
 * @returns millimetres per second
 * @example parseSpeed('500 mm/min') // 8.333…
 */
export const parseSpeed = (text: string, bare: SpeedUnit = 'mm/s'): Parsed =>
  parseAll(text, MILLIMETRES_PER_SECOND, bare, '20 or 1200 mm/min')

/** Reads a figure without unit (a count, a percentage, minutes, a price). */
export const parseFigure = (text: string): Parsed =>
  parseAll(text.replace(/%$/, ''), { '': 1 }, '', '12 or 0,5')

/**
 * A bare fraction such as `1/8` or `1 1/2`: rulers in inches are divided so, those in millimetres are not.
 */
const RULER_FRACTION = /^(\d+[ -])? *\d+ *\/ *(2|4|8|16|32|64)$|[½¼¾⅛⅜⅝⅞]$/

/** Asks whether a fraction without a unit was meant in inches. @param value what it was read as, mm */
export function doubtFraction(text: string, value: number): Doubt | null {
  if (!RULER_FRACTION.test(text.trim())) return null
  const inches = parseLength(`${text.trim()} in`)
  if (!inches.ok) return null
  const label = `${short(inches.value, 4)} mm`
  return {
    says: words.withoutUnit(text.trim(), short(value, 4), label),
    suggestion: { value: Number(inches.value.toFixed(6)), label },
  }
}

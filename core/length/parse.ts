import { calculate } from './arithmetic'

/** Outcome of reading what somebody typed: a value, or one sentence saying what is wrong and what would mend it. */
export type Parsed = { ok: true; value: number } | { ok: false; error: string }

const fail = (error: string): Parsed => ({ ok: false, error })

/** Millimetres in one of each unit a length may be typed in. [DEF] */
const MILLIMETRES: Record<string, number> = {
  mm: 1,
  cm: 10,
  m: 1000,
  in: 25.4,
  inch: 25.4,
  '"': 25.4,
  '”': 25.4,
  '″': 25.4,
}

/** Millimetres per second in one of each unit a speed may be typed in. [DEF] */
const MILLIMETRES_PER_SECOND: Record<string, number> = {
  'mm/s': 1,
  'mm/min': 1 / 60,
  'in/min': 25.4 / 60,
  'in/s': 25.4,
  'm/min': 1000 / 60,
}

/** Longer than any figure that somebody types. */
const LONGEST = 60

function parseWithUnit(
  text: string,
  units: Record<string, number>,
  defaultUnit: string,
  example: string,
): Parsed {
  const typed = text.trim().toLowerCase()
  if (typed === '') return fail(`Nothing is entered. Type a figure such as ${example}.`)
  const split = typed.length > LONGEST ? null : /^([-+*/×÷·−().,\d\s]+?)\s*([a-z"”″][a-z"”″/]*)?$/.exec(typed)
  const magnitude = split ? calculate(split[1].trim()) : null
  if (!split || magnitude === null)
    return fail(`“${text.trim().slice(0, 20)}” is not a figure. Type one such as ${example}.`)
  const factor = units[split[2] ?? defaultUnit]
  if (factor === undefined)
    return fail(`The unit “${split[2]}” is not known. Use ${Object.keys(units).slice(0, 4).join(', ')}.`)
  return { ok: true, value: magnitude * factor }
}

/**
 * Reads a length: a plain figure is millimetres; `mm`, `cm`, `in`, `"` may follow; decimal comma, fractions and sums are read.
 * @returns millimetres
 * @example parseLength('3 1/8"') // 79.375
 * @example parseLength('2*2.95+0.1') // 6
 */
export const parseLength = (text: string): Parsed =>
  parseWithUnit(text, MILLIMETRES, 'mm', '120, 3,05 or 1/8 in')

/**
 * Reads a speed: a plain figure is mm/s; `mm/min` and `in/min` may follow.
 * @returns millimetres per second
 * @example parseSpeed('500 mm/min') // 8.333…
 */
export const parseSpeed = (text: string): Parsed =>
  parseWithUnit(text, MILLIMETRES_PER_SECOND, 'mm/s', '20 or 1200 mm/min')

/** Reads a figure without unit (a count, a percentage, minutes, a price). */
export const parseFigure = (text: string): Parsed =>
  parseWithUnit(text.replace(/%$/, ''), { '': 1 }, '', '12 or 0,5')

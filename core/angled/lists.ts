import { parseLength, type LengthUnit } from '../length'

/** Words between commas or semicolons; where there are none, between spaces. */
const wordsOf = (typed: string): string[] =>
  typed
    .split(/[,;]/.test(typed) ? /[,;]/ : /\s+/)
    .map((word) => word.trim())
    .filter(Boolean)

function listed(typed: string, read: (word: string) => number): number[] | null {
  const values = wordsOf(typed).map(read)
  return values.length > 0 && values.every(Number.isFinite) ? values : null
}

/** Lengths as they are typed one after another, mm; null where one of them cannot be read. */
export const readLengths = (typed: string, unit: LengthUnit): number[] | null =>
  listed(typed, (word) => {
    const parsed = parseLength(word, unit)
    return parsed.ok ? parsed.value : NaN
  })

/** Angles as they are typed one after another, degrees; null where one of them cannot be read. */
export const readAngles = (typed: string): number[] | null =>
  listed(typed, (word) => Number(word.replace(/°$/, '').replace('−', '-')))

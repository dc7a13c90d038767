import Papa from 'papaparse'
import { parseLength, type Say } from '@core/length'
import { MOST_READINGS, thicknessSchema, type Reading } from '@core/stock'
import { readingsTableLines as words } from './words'

/** Rows that could be read, and one sentence for each that could not. */
export interface ReadTable {
  readings: Reading[]
  errors: string[]
}

/** No table of readings is longer than this, characters. */
const LONGEST = 100_000

/**
 * A comma between two figures is a decimal comma, unless the first line says otherwise: by semicolon, tab,
 * heading or words.
 */
function delimiterOf(line: string): string {
  if (line.includes(';')) return ';'
  if (line.includes('\t')) return '\t'
  return /^[a-z]/i.test(line) || /^[\d.]+\s*,\s*[^\d\s]/.test(line) ? ',' : '\t'
}

/**
 * Reads thickness readings from CSV or from a pasted column: a value, then perhaps where it was taken. A
 * heading is skipped. Bad rows are named by their line, the good ones are kept.
 */
export function readTable(text: string, on: string, say: Say): ReadTable {
  if (text.length > LONGEST)
    return {
      readings: [],
      errors: [words.tableTooLong],
    }
  const delimiter = delimiterOf(text.trimStart().split('\n')[0])
  const { data } = Papa.parse<string[]>(text.trim(), { delimiter, skipEmptyLines: false })
  const result: ReadTable = { readings: [], errors: [] }
  for (const [i, row] of data.entries()) {
    const [value = '', spot = ''] = row.map((cell) => cell.trim())
    if (value === '' || (i === 0 && /^[a-z]/i.test(value))) continue
    const parsed = parseLength(value, say.lengthUnit)
    const line = words.line(i + 1)
    if (!parsed.ok) result.errors.push(`${line}: ${parsed.error}`)
    else if (!thicknessSchema.safeParse(parsed.value).success) {
      const range = words.between(say.shortPlain(0.05), say.short(50))
      result.errors.push(words.notThicknessSheet(line, say.short(parsed.value, 3), range))
    } else if (result.readings.length >= MOST_READINGS) {
      result.errors.push(words.onlyReadingsKept(line, MOST_READINGS))
      break
    } else {
      result.readings.push({ value: Number(parsed.value.toFixed(4)), spot: spot.slice(0, 40), on })
    }
  }
  return result
}

/** The readings as CSV, with a heading. */
export const writeTable = (readings: Reading[]): string =>
  `${Papa.unparse(
    {
      fields: ['thickness mm', 'where', 'when'],
      data: readings.map(({ value, spot, on }) => [value, spot, on]),
    },
    { newline: '\n' },
  )}\n`

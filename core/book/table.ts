import Papa from 'papaparse'
import type { BookRow } from './rows'

const share = (part: number | null, whole: number | null): string =>
  part === null || !whole ? '' : (part / whole).toFixed(4)
const rounded = (value: number | null, digits: number): string =>
  value === null ? '' : value.toFixed(digits)

/** Columns of the book as a table: what stands in the first row, and each cut's cell. */
const COLUMNS: [string, (row: BookRow) => string | number][] = [
  ['job', ({ name }) => name],
  ['cut', ({ number }) => number],
  ['date', ({ date }) => date],
  ['machine', ({ machine }) => machine],
  ['stock', ({ stock }) => stock],
  ['minutes expected', ({ expected }) => rounded(expected, 1)],
  ['minutes taken', ({ minutes }) => rounded(minutes, 1)],
  ['fit', ({ fit }) => fit ?? ''],
  ['odds of the fit asked for', ({ fitOdds }) => rounded(fitOdds, 3)],
  ['fit came', ({ fitCame }) => (fitCame === null ? '' : fitCame ? 'yes' : 'no')],
  ['odds of coming free', ({ throughOdds }) => rounded(throughOdds, 3)],
  ['came free', ({ through }) => (through === null ? '' : through === 'all' ? 'yes' : 'no')],
  ['sheets', ({ sheets }) => sheets ?? ''],
  ['offcuts', ({ offcuts }) => offcuts ?? ''],
  ['area mm2', ({ area }) => rounded(area, 0)],
  ['waste', ({ waste, area }) => share(waste, area)],
  ['material cost', ({ cost }) => rounded(cost, 2)],
]

/**
 * The book as a table that any spreadsheet reads. What begins like a formula is written as text: a job's name
 * comes from any file.
 */
export const writeBook = (rows: BookRow[]): string =>
  Papa.unparse(
    {
      fields: COLUMNS.map(([name]) => name),
      data: rows.map((row) => COLUMNS.map(([, cell]) => cell(row))),
    },
    { escapeFormulae: true },
  ) + '\n'

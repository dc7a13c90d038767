import Papa from 'papaparse'
import { copiesSchema, MOST_THINGS, thingsOf, type Job } from '../job'
import { parseLength, type LengthUnit } from '../length'
import { questionsOf } from './template'
import { variantTable as words } from './words'

/** A table larger than this is refused before it is read, characters. */
const LARGEST = 200_000
/** Rows that make boxes. */
const MOST_VARIANTS = MOST_THINGS + 1
/** Letters of a name, and of a text that is engraved. */
const [LONGEST_NAME, LONGEST_TEXT] = [40, 120]

/** A text that is engraved on one of the things. */
interface TextPlace {
  thing: string
  engraving: number
  text: string
}

/** Texts that a row may say otherwise, in the order in which they are on the boxes. */
export const textPlaces = (job: Job): TextPlace[] =>
  thingsOf(job).flatMap(({ id, box }) =>
    box.engravings.flatMap(({ motif }, engraving) =>
      motif.kind === 'text' ? [{ thing: id, engraving, text: motif.text }] : [],
    ),
  )

/** One row: what of the pattern it says otherwise. Lengths in mm. */
export interface Variant {
  /** Its row in the table, the head being the first. */
  row: number
  name: string
  copies: number
  answers: Record<string, number>
  /** By the number of the text. */
  texts: Record<number, string>
}

interface RefusedRow {
  row: number
  why: string
}

type VariantsRead = { ok: true; variants: Variant[]; refused: RefusedRow[] } | { ok: false; error: string }

type Column =
  | { is: 'name' }
  | { is: 'copies' }
  | { is: 'figure'; name: string; unit: LengthUnit }
  | { is: 'text'; number: number }

/** What the columns of a job's table are called. */
export function variantColumns(job: Job): string[] {
  const places = textPlaces(job)
  const texts = places.map((_, i) => (places.length > 1 ? `text ${i + 1}` : 'text'))
  return ['name', 'copies', ...questionsOf(job).map(({ name }) => name), ...texts]
}

/** A table to fill in: its head, and the pattern itself as the first row. */
export function variantExample(job: Job, unit: LengthUnit): string {
  const figures = questionsOf(job)
  const figure = (value: number): number => Number((unit === 'in' ? value / 25.4 : value).toFixed(4))
  const head = variantColumns(job).map((name) =>
    figures.some((each) => each.name === name) ? `${name} ${unit}` : name,
  )
  const row = [
    job.name.slice(0, LONGEST_NAME),
    1,
    ...figures.map(({ value }) => figure(value)),
    ...textPlaces(job).map(({ text }) => text),
  ]
  return Papa.unparse([head, row], { newline: '\r\n' }) + '\r\n'
}

/** A head as it is compared: a unit behind it is its own. */
function columnOf(head: string, names: string[], bare: LengthUnit): Column | null {
  const [, said, unit] = /^(.*?)[\s,(]*(?:\b(mm|in)\b\)?)?$/.exec(head.trim().toLowerCase())!
  const name = said.trim()
  if (!names.includes(name)) return null
  if (name === 'name') return { is: 'name' }
  if (name === 'copies') return { is: 'copies' }
  const text = /^text(?: (\d+))?$/.exec(name)
  if (text) return { is: 'text', number: Number(text[1] ?? 1) }
  return { is: 'figure', name, unit: (unit as LengthUnit | undefined) ?? bare }
}

/** One row; or why it makes no box. */
function readRow(cells: string[], columns: Column[], row: number): Variant | string {
  const found: Variant = { row, name: '', copies: 1, answers: {}, texts: {} }
  for (const [i, column] of columns.entries()) {
    const cell = (cells[i] ?? '').trim()
    if (cell === '') continue
    if (column.is === 'name') {
      if (cell.length > LONGEST_NAME) return words.nameLongerLetters(LONGEST_NAME)
      found.name = cell
    } else if (column.is === 'copies') {
      const copies = copiesSchema.safeParse(Number(cell))
      if (!copies.success) return words.notNumberCopies(cell, copiesSchema.maxValue)
      found.copies = copies.data
    } else if (column.is === 'text') {
      if (cell.length > LONGEST_TEXT) return words.textLongerLetters(LONGEST_TEXT)
      found.texts[column.number] = cell
    } else {
      const length = parseLength(cell, column.unit)
      if (!length.ok) return words.notLength(cell, column.name)
      found.answers[column.name] = Number(length.value.toFixed(4))
    }
  }
  return found
}

/**
 * Reads a table of boxes that are like a job's but for what each row says. Rows that cannot be read are
 * named, each with its reason; a table with an unknown column is refused whole.
 * @param bare what figures without a unit count
 */
export function readVariants(text: string, job: Job, bare: LengthUnit): VariantsRead {
  const refuse = (error: string): VariantsRead => ({ ok: false, error })
  if (text.length > LARGEST) return refuse(words.tableMoreCharacters(LARGEST))
  const { data } = Papa.parse<string[]>(text.replace(/^\uFEFF/, ''), { skipEmptyLines: false })
  const lines = data.map((cells, i) => ({ cells, row: i + 1 }))
  const [head, ...rows] = lines.filter(({ cells }) => cells.some((cell) => cell.trim() !== ''))
  const names = variantColumns(job)
  const could = names.join(', ')
  if (!head) return refuse(words.tableEmptyFirst(could))
  const columns = head.cells.map((cell) => columnOf(cell, names, bare))
  const unknown = columns.findIndex((column) => column === null)
  if (unknown >= 0) return refuse(words.notColumnHere(head.cells[unknown].trim(), could))
  const keys = columns.map((column) => JSON.stringify({ ...column, unit: '' }))
  const twice = keys.findIndex((key, i) => keys.indexOf(key) < i)
  if (twice >= 0) return refuse(words.twiceLeaveThem(head.cells[twice].trim()))
  if (rows.length === 0) return refuse(words.tableNoRow)
  if (rows.length > MOST_VARIANTS) return refuse(words.tableRowsMost(rows.length, MOST_VARIANTS))
  const read = rows.map(({ cells, row }) => ({ row, is: readRow(cells, columns as Column[], row) }))
  return {
    ok: true,
    variants: read.flatMap(({ is }) => (typeof is === 'string' ? [] : [is])),
    refused: read.flatMap(({ row, is }) => (typeof is === 'string' ? [{ row, why: is }] : [])),
  }
}

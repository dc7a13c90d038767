import Papa from 'papaparse'
import { z } from 'zod'
import { parseFigure, parseSpeed, type SpeedUnit } from '../length'
import { sentenceFor } from '../limits'
import { thicknessSchema } from '../stock'
import { settingSchema, TEST_RESULTS, type TestRecord } from '../tune'
import { testsTable as words } from './words'

/** Columns of a table of tests, as they stand in its first row. */
const COLUMNS = ['speed mm/s', 'power %', 'passes', 'air', 'thickness mm', 'came out'] as const

/** A table larger than this is refused before it is read, characters; and rows that it may have. */
const LARGEST = 500_000
const MOST_ROWS = 500

/** What a row says, before it is known of which machine and stock. */
export type TableTest = Pick<TestRecord, 'setting' | 'thickness' | 'result'>
export type TableRead = { ok: true; tests: TableTest[] } | { ok: false; error: string }

/** Tests as a table that any spreadsheet reads. */
export const writeTests = (tests: TableTest[]): string =>
  Papa.unparse({
    fields: [...COLUMNS],
    data: tests.map(({ setting: { speed, power, passes, air }, thickness, result }) => [
      speed,
      power,
      passes,
      air ? 'on' : 'off',
      thickness,
      result,
    ]),
  }) + '\n'

/** The same as JSON. */
export const writeTestsJson = (tests: TableTest[]): string => JSON.stringify(tests, null, 1) + '\n'

/** What the columns are called by, in a row's own record. */
interface Head {
  at: Partial<Record<'speed' | 'power' | 'passes' | 'air' | 'thickness' | 'came out', number>>
  unit: SpeedUnit
}

const NEEDED = ['speed', 'power', 'thickness', 'came out'] as const
const NAMES = [...NEEDED, 'passes', 'air'] as const

/** Which column holds what, by the word that its head begins with, and the unit of the speed. */
function headOf(cells: string[]): Head | { missing: string } {
  const heads = cells.map((cell) => cell.trim().toLowerCase())
  const at: Head['at'] = {}
  for (const name of NAMES) {
    const found = heads.findIndex((head) => head.startsWith(name))
    if (found >= 0) at[name] = found
  }
  const missing = NEEDED.find((name) => at[name] === undefined)
  if (missing) return { missing }
  const unit = /mm\/min|in\/min|mm\/s/.exec(heads[at.speed!])?.[0] ?? 'mm/s'
  return { at, unit: unit as SpeedUnit }
}

const AIR: Record<string, boolean> = { on: true, yes: true, '1': true, off: false, no: false, '0': false }

/** One row; or what is wrong in it. */
function readRow(row: string[], { at, unit }: Head): TableTest | { wrong: string } {
  const cell = (name: (typeof NAMES)[number]): string => (row[at[name] ?? -1] ?? '').trim()
  const speed = parseSpeed(cell('speed'), unit)
  if (!speed.ok) return { wrong: words.notSpeed(cell('speed')) }
  const power = parseFigure(cell('power'))
  if (!power.ok) return { wrong: words.notPowerPer(cell('power')) }
  const thickness = parseFigure(cell('thickness').replace(/\s*mm$/, ''))
  if (!thickness.ok || !thicknessSchema.safeParse(thickness.value).success)
    return { wrong: words.notThicknessSheet(cell('thickness')) }
  const passes = parseFigure(cell('passes') || '1')
  const air = cell('air') === '' ? false : AIR[cell('air').toLowerCase()]
  if (air === undefined) return { wrong: words.airOffNot(cell('air')) }
  const setting = settingSchema.safeParse({
    speed: speed.value,
    power: power.value,
    passes: passes.ok ? passes.value : NaN,
    air,
  })
  if (!setting.success) return { wrong: `${sentenceFor(setting.error)}.` }
  const result = TEST_RESULTS.find((each) => each === cell('came out').toLowerCase())
  if (!result) return { wrong: words.isNotOne(cell('came out'), TEST_RESULTS.join(', ')) }
  return { setting: setting.data, thickness: thickness.value, result }
}

const testsSchema = z
  .array(z.strictObject({ setting: settingSchema, thickness: thicknessSchema, result: z.enum(TEST_RESULTS) }))
  .min(1)
  .max(MOST_ROWS)

function readJson(text: string): TableRead {
  try {
    const read = testsSchema.safeParse(JSON.parse(text))
    if (read.success) return { ok: true, tests: read.data }
    return { ok: false, error: words.listCannotUsed(sentenceFor(read.error)) }
  } catch {
    return { ok: false, error: words.fileNotReadable }
  }
}

/**
 * Reads a list of tests, whole or not at all: JSON as it was written, or a table with columns in any order
 * and speeds in the unit of their head.
 * @returns the tests, or one sentence with the row that is wrong
 */
export function readTests(text: string): TableRead {
  const refused = (error: string): TableRead => ({ ok: false, error })
  if (text.length > LARGEST) return refused(words.fileLargerKb)
  const plain = text.replace(/^\ufeff/, '')
  if (/^\s*[[{]/.test(plain)) return readJson(plain)
  const { data } = Papa.parse<string[]>(plain, { skipEmptyLines: 'greedy' })
  if (data.length < 2) return refused(words.tableNoRows)
  if (data.length > MOST_ROWS + 1) return refused(words.tableMoreRows(MOST_ROWS))
  const head = headOf(data[0])
  if ('missing' in head) return refused(words.tableNoColumn(head.missing, COLUMNS.join(', ')))
  const tests: TableTest[] = []
  for (const [i, row] of data.slice(1).entries()) {
    const test = readRow(row, head)
    if ('wrong' in test) return refused(words.rowNothingTaken(i + 2, test.wrong))
    tests.push(test)
  }
  return { ok: true, tests }
}

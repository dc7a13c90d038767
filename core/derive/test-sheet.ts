import { hatch } from '../art'
import { rectangle, type Point } from '../geometry'
import type { Job } from '../job'
import { kerfOf } from '../kerf'
import { letterInto } from '../lettering'
import type { Offcut } from '../stock'
import type { CutPath, OwnWay } from '../plan'
import { settingWords, type TestSheet } from '../tune'
import { fillLines } from './fill'

/** A square, a patch that calipers reach into, room between two for their labels, mm. */
const SIDES = { cut: 12, pocket: 18, engrave: 18 }
const GAP = 9
const MARGIN = 6
const LABEL = 3

/** Colours that are told from one another, one for each square; ours. */
const COLOURS = [
  '#8a3f6b',
  '#3e6f8e',
  '#7a5c1e',
  '#4f6b2f',
  '#a8452c',
  '#2f4a6b',
  '#b07d1a',
  '#5b3f8a',
  '#1f7a6d',
  '#c2567f',
  '#6b6b1f',
  '#31508f',
  '#8f4f31',
  '#3f8a4a',
  '#7a2f4a',
  '#556070',
]

/** A test sheet, ready to be written. Lengths in mm. */
export interface TestSheetDrawing {
  width: number
  height: number
  paths: CutPath[]
  own: OwnWay[]
  /** Where each square lies. */
  squares: { x: number; y: number; side: number }[]
}

/** Rows and columns that are a little wider than high. */
const columnsFor = (count: number): number => Math.min(count, Math.ceil(Math.sqrt(count * 1.6)))

/**
 * Draws a test sheet: numbers are scored first, then every square is made with its own setting, the least
 * energy first.
 * @param interval between rows of engraving @param beam width, for pockets, mm
 */
function drawTestSheet(sheet: TestSheet, interval: number, beam: number): TestSheetDrawing {
  const side = SIDES[sheet.kind]
  const columns = columnsFor(sheet.squares.length)
  const rows = Math.ceil(sheet.squares.length / columns)
  const pitch = { x: side + GAP, y: side + GAP }
  const height = 2 * MARGIN + rows * pitch.y
  const squares = sheet.squares.map((_, i) => ({
    x: MARGIN + (i % columns) * pitch.x,
    y: height - MARGIN - (Math.floor(i / columns) + 1) * pitch.y + GAP,
    side,
  }))
  const path = (
    operation: CutPath['operation'],
    part: string,
    points: Point[],
    closed: boolean,
  ): CutPath => ({
    operation,
    part,
    points,
    closed,
  })
  const labels = squares.flatMap(({ x, y }, i) =>
    letterInto(String(i + 1), { x: x + side / 2, y: y - GAP / 2 }, side, LABEL).map((points) =>
      path('score', `number ${i + 1}`, points, false),
    ),
  )
  const own = sheet.squares.map(({ setting }, i) => ({
    name: `square ${i + 1}: ${settingWords(setting)}`,
    colour: COLOURS[i % COLOURS.length],
    setting,
  }))
  const inSquare = (i: number, { x, y }: (typeof squares)[number]): CutPath[] => {
    const part = `square ${i + 1}`
    const ring = rectangle(x, y, x + side, y + side)
    if (sheet.kind === 'cut') return [path('outline', part, ring, true)]
    if (sheet.kind === 'pocket') return [path('pocket', part, fillLines(ring, beam / 2), false)]
    return hatch([{ outline: ring, holes: [] }], interval).map((row) => path('engrave', part, row, false))
  }
  const made = squares.flatMap((square, i) =>
    inSquare(i, square).map((each) => ({ ...each, own: own[i].name })),
  )
  return {
    width: 2 * MARGIN + columns * pitch.x - GAP,
    height,
    paths: [...labels, ...made],
    squares,
    own,
  }
}

/** A job's test sheet as it is drawn. */
export const sheetDrawing = (
  { measure, tune }: Pick<Job, 'measure' | 'tune'>,
  sheet: TestSheet,
): TestSheetDrawing => drawTestSheet(sheet, tune.interval, kerfOf(measure.kerf).width)

/** The smallest rectangular offcut that a test sheet goes onto, either way round; null where none does. */
export function offcutFor(
  { width, height }: { width: number; height: number },
  offcuts: Offcut[],
): Offcut | null {
  const fits = (offcut: Offcut): boolean =>
    offcut.outline === null &&
    Math.min(offcut.width, offcut.height) >= Math.min(width, height) &&
    Math.max(offcut.width, offcut.height) >= Math.max(width, height)
  const area = (offcut: Offcut): number => offcut.width * offcut.height
  return [...offcuts].filter(fits).sort((a, b) => area(a) - area(b))[0] ?? null
}

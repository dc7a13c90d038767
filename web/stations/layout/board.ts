import type { Placement, Surface } from '@core/nest'

type Sheet = Pick<Surface, 'width' | 'height'>

/** Where each sheet stands on the board, mm; y runs down there. */
export interface Board {
  columns: number
  stepX: number
  stepY: number
  width: number
  height: number
  /** Lines of what is said below each. */
  lines: number
}

interface Size {
  width: number
  height: number
}

/** What is drawn of a board whose size on the screen is not known yet. */
const UNSEEN: Size = { width: 900, height: 600 }

/** Letters that are said of a sheet at most, and how wide each is for its height. */
const SAID = 60
const LETTER = 0.5

/** More lines than these are not kept free, and after so many rounds little changes. */
const MOST_LINES = 4
const SETTLES = 8

/** From line to line below a sheet, in letters' heights. */
export const LINE = 1.2

/** Above and below what is said between two rows of sheets, in letters' heights. */
const BETWEEN = 1.2

/** Letters smaller than this are not read on a phone, px. */
export const LEAST_LETTERS = 12

/** How many letters' heights are left free beside a board, above it, and below what is said there. */
export const FREE = { beside: 2, above: 2, below: 0.8 }

/** The same above and below it together. */
export const freeDown = ({ lines }: Pick<Board, 'lines'>): number => FREE.above + FREE.below + LINE * lines

/** What is left of a drawing for the board, px: half of it, however little there is. */
const leftOf = (drawn: number, free: number): number => Math.max(drawn / 2, drawn - free * LEAST_LETTERS)

/**
 * How large letters are on the board, mm: a share of it, and never too small to be read.
 * @param drawn how large the board is drawn with what is free round it, px
 */
export const letterSize = ({ width, height, lines }: Size & Pick<Board, 'lines'>, drawn: Size): number =>
  Math.max(
    Math.max(width, height) / 55,
    (LEAST_LETTERS * width) / leftOf(drawn.width, FREE.beside),
    (LEAST_LETTERS * height) / leftOf(drawn.height, freeDown({ lines })),
  )

/** Sheets in so many columns, with room for what is said above and below each of them. */
function inColumns(columns: number, sheets: number, { width, height }: Sheet, drawn: Size): Board {
  const apart = Math.max(width, height) * 0.12
  const rows = Math.ceil(sheets / columns)
  const stepX = width + apart
  const board = (lines: number, between: number): Board => {
    const stepY = height + between
    return { columns, stepX, stepY, width: columns * stepX - apart, height: rows * stepY - between, lines }
  }
  let made = board(1, apart)
  // What is said takes room, which makes the sheets smaller and the letters larger beside them.
  for (let i = 0; i < SETTLES; i++) {
    const letters = letterSize(made, drawn)
    const lines = Math.min(MOST_LINES, Math.ceil((SAID * LETTER * letters) / width))
    made = board(lines, Math.max(apart, letters * (1 + LINE * lines + BETWEEN)))
  }
  return made
}

/** How large sheets are drawn with all that is said of them: px for a millimetre. */
function scaleOf(board: Board, drawn: Size): number {
  const letters = letterSize(board, drawn)
  return Math.min(
    drawn.width / (board.width + FREE.beside * letters),
    drawn.height / (board.height + freeDown(board) * letters),
  )
}

/** Sheets in the grid in which they are drawn largest. */
export function makeBoard(sheets: number, sheet: Sheet, drawn = UNSEEN): Board {
  const boards = Array.from({ length: sheets }, (_, i) => inColumns(i + 1, sheets, sheet, drawn))
  return boards.reduce((best, each) => (scaleOf(each, drawn) > scaleOf(best, drawn) ? each : best))
}

/** What is said of a sheet, in lines that have room below it. @param room how wide it is, mm */
export function linesOf(said: string, room: number, letters: number): string[] {
  const most = room / (LETTER * letters)
  return said.split(' · ').reduce<string[]>((lines, each) => {
    const last = lines.at(-1)
    const longer = `${last} · ${each}`
    return last !== undefined && longer.length <= most ? [...lines.slice(0, -1), longer] : [...lines, each]
  }, [])
}

/** Lower left corner of a sheet on the board. */
export const sheetCorner = (
  board: Board,
  sheet: number,
  { height: sheetHeight }: Sheet,
): { x: number; y: number } => ({
  x: (sheet % board.columns) * board.stepX,
  y: Math.floor(sheet / board.columns) * board.stepY + sheetHeight,
})

/**
 * A part moved over the board by (dx, dy): it goes to the sheet that its centre is over. @param size of the
 * turned part, mm
 */
export function dropAt(
  board: Board,
  sheets: number,
  sheetSize: Sheet,
  from: Placement,
  dx: number,
  dy: number,
  size: { width: number; height: number },
): Placement {
  const corner = sheetCorner(board, from.sheet, sheetSize)
  const [x, y] = [corner.x + from.x + dx, corner.y - from.y + dy] // lower left corner of the part, y down
  const column = Math.min(board.columns - 1, Math.max(0, Math.floor((x + size.width / 2) / board.stepX)))
  const row = Math.max(0, Math.floor((y - size.height / 2) / board.stepY))
  const over = row * board.columns + column
  const sheet = over < sheets ? over : from.sheet
  const target = sheetCorner(board, sheet, sheetSize)
  const round = (value: number): number => Math.round(value * 100) / 100
  return { ...from, sheet, x: round(x - target.x), y: round(target.y - y), pinned: true }
}

import type { Placement, Surface } from '@core/nest'

type Sheet = Pick<Surface, 'width' | 'height'>

/** Where each sheet stands on the board, mm; y runs down there. */
export interface Board {
  columns: number
  stepX: number
  stepY: number
  width: number
  height: number
}

/** Sheets side by side in a grid that is about as wide as the screen allows. */
export function makeBoard(sheets: number, { width: sheetWidth, height: sheetHeight }: Sheet): Board {
  const space = Math.max(sheetWidth, sheetHeight) * 0.12 // for what is said above and below each
  const columns = Math.max(
    1,
    Math.min(sheets, Math.round(Math.sqrt((sheets * 1.5 * sheetHeight) / sheetWidth))),
  )
  const [stepX, stepY] = [sheetWidth + space, sheetHeight + space]
  return {
    columns,
    stepX,
    stepY,
    width: columns * stepX - space,
    height: Math.ceil(sheets / columns) * stepY - space,
  }
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

/** Letters smaller than this are not read on a phone, px. */
export const LEAST_LETTERS = 12

interface Size {
  width: number
  height: number
}
/** How many letters' heights are left free beside a board, and above and below it. */
export const FREE = { beside: 2, above: 4 }

/** What is left of a drawing for the board, px: half of it, however little there is. */
const leftOf = (drawn: number, free: number): number => Math.max(drawn / 2, drawn - free * LEAST_LETTERS)

/**
 * How large letters are on the board, mm: a share of it, and never too small to be read.
 * @param drawn how large the board is drawn with what is free round it, px
 */
export const letterSize = ({ width, height }: Size, drawn: Size): number =>
  Math.max(
    Math.max(width, height) / 55,
    (LEAST_LETTERS * width) / leftOf(drawn.width, FREE.beside),
    (LEAST_LETTERS * height) / leftOf(drawn.height, FREE.above),
  )

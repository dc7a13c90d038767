import type { Bounds, Region } from '@core/geometry'
import { roomFor } from '@core/derive'
import { LEAST_LETTERS } from './board'

/** Letters are about this wide for their size. */
const LETTER = 0.6
/** Figures are so high for their size: nothing of them hangs below the line. */
const FIGURE = 0.72
/** Narrower than that a board is on a phone, px. */
const PHONE = 480
/** Letters smaller than this are not drawn at a desk, px. */
const LEAST_AT_DESK = 8
/** What rounding takes off letters that are just as large as they need be. */
const ROUNDED = 0.99

/** Where a part's name stands on a sheet, from the part's lower left corner, and how large, mm; y up. */
export interface PartName {
  x: number
  y: number
  size: number
  isUpright: boolean
}

/**
 * A name on a part: along its longer side, clear of what is cut out, smaller where that makes room.
 * @param tallest how large letters are at most, mm
 * @returns null where no letters have room
 */
export function nameOn(shape: Region, box: Bounds, name: string, tallest: number): PartName | null {
  const isUpright = box.maxY - box.minY > 1.1 * (box.maxX - box.minX)
  const high = /^\d+$/.test(name) ? FIGURE : 1
  const room = roomFor(shape, (LETTER * name.length) / high, high * tallest, [], isUpright)
  if (!room) return null
  return { x: room.at.x - box.minX, y: room.at.y - box.minY, size: room.height / high, isUpright }
}

/**
 * How small letters may be before they are left out, mm on the board.
 * @param pixels how many a millimetre is, where nothing is enlarged
 * @param scale how many times it is enlarged
 */
export const leastLetters = (drawnWidth: number, pixels: number, scale: number): number =>
  (ROUNDED * (drawnWidth < PHONE ? LEAST_LETTERS : LEAST_AT_DESK)) / (pixels * scale)

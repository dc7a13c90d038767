import type { Ring } from '../geometry'
import { sidesOfOrigin, type Origin } from '../machine'

/** As much of a sheet as lies on the bed at one time, mm from the sheet's lower left corner. */
export interface Load {
  x: number
  y: number
  width: number
  height: number
}

/** A sheet, and the loads it is cut in: one where the bed takes it whole. Lengths in mm. */
export interface Surface {
  width: number
  height: number
  loads: Load[]
  /** Of a piece that is no rectangle: its outline, counter-clockwise. */
  outline: Ring | null
  /** Which offcut it is, by id; null for a whole sheet. */
  offcut: string | null
  /** What taking it counts for against a whole sheet, which is 1. */
  weight: number
}

/** What a layout may be made on: sheets in the order in which they are taken. */
export type Supply = Surface[]

/** So many sheets of one size. */
export const sheetsOf = (surface: Surface, count: number): Supply => new Array<Surface>(count).fill(surface)

/** A bed that is a sliver longer than the sheet's last strip takes it along, mm. */
const SLACK = 1e-6

/** Stretches of a side that the bed takes one after another, from its origin. */
function stretches(side: number, bed: number, fromHigh: boolean): { from: number; length: number }[] {
  const count = Math.max(1, Math.ceil(side / bed - SLACK))
  return Array.from({ length: count }, (_, i) => {
    const length = Math.min(bed, side - i * bed)
    return { from: fromHigh ? side - i * bed - length : i * bed, length }
  })
}

/**
 * The loads that a sheet is cut in. The sheet's corner is put into the corner of the bed where the machine
 * has its origin; what the bed does not reach is moved up to it in the next load.
 * @param bed null when no machine is chosen: the sheet is taken whole
 */
export function surfaceOf(
  sheet: { width: number; height: number },
  bed: { width: number; height: number; origin: Origin } | null,
  piece: Pick<Surface, 'outline' | 'offcut' | 'weight'> = { outline: null, offcut: null, weight: 1 },
): Surface {
  const { width, height } = sheet
  if (!bed) return { width, height, loads: [{ x: 0, y: 0, width, height }], ...piece }
  const { isRight, isBack } = sidesOfOrigin(bed.origin)
  const columns = stretches(width, bed.width, isRight)
  const rows = stretches(height, bed.height, isBack)
  const loads = rows.flatMap((row) =>
    columns.map((column) => ({ x: column.from, y: row.from, width: column.length, height: row.length })),
  )
  return { width, height, loads, ...piece }
}

/** The load that a place on the sheet lies in. */
export function loadAt({ loads }: Surface, x: number, y: number): number {
  const outside = ({ x: left, y: low, width, height }: Load): number =>
    Math.max(left - x, x - left - width, low - y, y - low - height)
  return loads.reduce((best, load, i) => (outside(load) < outside(loads[best]) ? i : best), 0)
}

import { z } from 'zod'
import type { Point } from '../geometry'

/** How slits, and the links between them, may lie to the face grain; `any`: nobody says. */
export const SLITS_LIE = ['any', 'along', 'across'] as const
export type SlitsLie = (typeof SLITS_LIE)[number]

/** How a sheet is slit so that it bends. Lengths in mm. */
export const slitSchema = z.strictObject({
  /** Radius of the inside of the bend. */
  radius: z.number().min(1).max(1000),
  /** Width of wood between two rows of slits, after cutting. */
  link: z.number().min(0.2).max(50),
  /** Length of a slit, and of the wood between two slits of a row: as near as the width allows. */
  slit: z.number().min(2).max(500),
  bridge: z.number().min(0.5).max(100),
})
export type Slit = z.infer<typeof slitSchema>

/** Flat length of an arc at mid-thickness, mm. [DEF] @param angle radians */
export const flatLength = (angle: number, radius: number, thickness: number): number =>
  angle * (radius + thickness / 2)

/** A zone of slits as it comes out: rows of links side by side, mm. */
export interface Zone {
  /** Along the arc, and along the bend's axis. */
  flat: number
  long: number
  /** Links between two rows of slits; there is one row of slits more than that. */
  rows: number
  pitch: number
  /** Slits in a whole row, how long each is, and the length of a link that twists. */
  periods: number
  slit: number
  link: number
  /** Width of a link after cutting. */
  width: number
  bridge: number
}

/**
 * How a zone is shared out: as many rows as go into the arc, slits as near to the wanted length as the width
 * allows.
 * @param long length of the bend along its axis, mm
 */
export function zoneOf(slit: Slit, angle: number, thickness: number, kerf: number, long: number): Zone {
  const flat = flatLength(angle, slit.radius, thickness)
  const pitch = slit.link + kerf
  const periods = Math.max(1, Math.round(long / (slit.slit + slit.bridge)))
  const made = long / periods - slit.bridge
  return {
    flat,
    long,
    rows: Math.floor(flat / pitch + 1e-9),
    pitch,
    periods,
    slit: made,
    link: (made - slit.bridge) / 2,
    width: slit.link,
    bridge: slit.bridge,
  }
}

/** The slits of a zone as open lines: along the arc from 0 to `flat`, along the axis from 0 to `long`. */
export function slitLines({ flat, long, rows, pitch, periods, bridge }: Zone): [Point, Point][] {
  const first = (flat - rows * pitch) / 2
  const period = long / periods
  return Array.from({ length: rows + 1 }, (_, row) => {
    const x = first + row * pitch
    const isShifted = row % 2 === 1
    const count = isShifted ? periods + 1 : periods
    return Array.from({ length: count }, (_unused, i): [Point, Point] => {
      const middle = (isShifted ? i : i + 0.5) * period
      const reach = (period - bridge) / 2
      return [
        { x, y: Math.max(0, middle - reach) },
        { x, y: Math.min(long, middle + reach) },
      ]
    })
  }).flat()
}

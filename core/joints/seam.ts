import type { Ring } from '../geometry'
import { shareEvenly } from './share'

/** A line across a panel along which it is divided, by fingers that lie in its own plane. Lengths in mm. */
export interface Seam {
  /** The panel's own axis that is divided, and where. */
  axis: 'x' | 'y'
  at: number
  /** From where to where the line crosses the panel. */
  from: number
  to: number
  /** How far fingers reach over the line, to either side. */
  reach: number
  /** Ends of the fingers along the line, and the line's own. */
  cuts: number[]
  /** How much wider fingers are at their tips than on the line, on each side; they hold in the plane then. */
  slant: number
}

/** Fingers of a seam are this wide and reach this far to either side, in thicknesses. [FM] */
const WIDTH = 5
const REACH = 1.5

export function seamAcross(
  axis: Seam['axis'],
  at: number,
  from: number,
  to: number,
  thickness: number,
  angle = 0,
): Seam {
  const widths = shareEvenly(to - from, Math.min(WIDTH * thickness, (to - from) / 3))
  let reached = from
  const reach = REACH * thickness
  // Of a finger a neck is left that is no narrower than the sheet is thick. [FM]
  const most = Math.max(0, (Math.min(...widths) - thickness) / 2)
  return {
    axis,
    at,
    from,
    to,
    reach,
    slant: Math.min(most, reach * Math.tan((angle * Math.PI) / 180)),
    cuts: [from, ...widths.map((width) => (reached += width))],
  }
}

const FAR = 1e5

/**
 * The side of a seam that a half lies on, as a ring to cut it out with.
 * @param half 0 lies before the line, 1 after it
 * @param overlap how much wider its fingers are drawn at each of their sides
 */
export function seamSide({ axis, at, reach, cuts, slant }: Seam, half: 0 | 1, overlap: number): Ring {
  const sign = half === 0 ? 1 : -1
  const last = cuts.length - 2
  const points = cuts.slice(0, -1).flatMap((from, i): [number, number][] => {
    const isOwn = i % 2 === half
    const by = (isOwn ? overlap : -overlap) * Math.hypot(1, slant / reach)
    const low = i === 0 ? -FAR : from - slant - by
    const high = i === last ? FAR : cuts[i + 1] + slant + by
    const line = at + sign * (isOwn ? reach : -reach)
    return [
      [line, low],
      [line, high],
    ]
  })
  const far = at - sign * FAR
  const ring = [...points, [far, FAR], [far, -FAR]].map(([across, along]) =>
    axis === 'x' ? { x: across, y: along } : { x: along, y: across },
  )
  return isLeftHanded(axis, half) ? ring : ring.reverse()
}

const isLeftHanded = (axis: Seam['axis'], half: 0 | 1): boolean => (axis === 'x') === (half === 0)

/** Widths that a seam must have: each piece fits, fingers included. */
export const seamCount = (length: number, room: number, thickness: number): number =>
  length <= room ? 1 : Math.ceil((length - 2 * REACH * thickness) / (room - 2 * REACH * thickness))

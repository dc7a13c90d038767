import type { Point } from '../geometry'
import type { Operation } from '../machine'
import type { Setting } from '../tune'

/** One line that the beam follows, in mm on its load. A closed one returns to its first point. */
export interface CutPath {
  operation: Operation
  part: string
  points: Point[]
  closed: boolean
}

/** A part whose paths are not cut as their operation is, but with a setting, name and colour of their own. */
export interface OwnWay {
  part: string
  name: string
  colour: string
  setting: Setting
}

/** The points in the order in which they are visited, back to the first on a closed path. */
export const visited = ({ points, closed }: CutPath): Point[] => (closed ? [...points, points[0]] : points)

/**
 * Paths as one block of figures, which goes from a worker to the page without being copied point by point.
 */
export interface PackedPaths {
  lines: { operation: Operation; part: string; closed: boolean; count: number }[]
  coordinates: Float64Array<ArrayBuffer>
}

export function packPaths(paths: CutPath[]): PackedPaths {
  const coordinates = new Float64Array(2 * paths.reduce((sum, { points }) => sum + points.length, 0))
  let at = 0
  const lines = paths.map(({ operation, part, closed, points }) => {
    for (const { x, y } of points) {
      coordinates[at++] = x
      coordinates[at++] = y
    }
    return { operation, part, closed, count: points.length }
  })
  return { lines, coordinates }
}

export function unpackPaths({ lines, coordinates }: PackedPaths): CutPath[] {
  let at = 0
  return lines.map(({ count, ...line }) => {
    const points = Array.from({ length: count }, () => ({ x: coordinates[at++], y: coordinates[at++] }))
    return { ...line, points }
  })
}

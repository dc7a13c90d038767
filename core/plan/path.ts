import type { Point } from '../geometry'
import type { Operation } from '../machine'
import type { Setting } from '../tune'

/** One line that the beam follows, in mm on its load. A closed one returns to its first point. */
export interface CutPath {
  operation: Operation
  part: string
  points: Point[]
  closed: boolean
  /** Where it is not cut as its operation is: the way of its own, by name. */
  own?: string
  /** Of an outline that leaves a side out: the part that this side is cut with. */
  beside?: string
}

/** Paths that are not cut as their operation is, but with a setting, name and colour of their own. */
export interface OwnWay {
  name: string
  colour: string
  setting: Setting
}

/** The way of its own that a path is cut by, if there is one. */
export function ownWayOf(own: OwnWay[]): (path: Pick<CutPath, 'own'>) => OwnWay | undefined {
  const known = new Map(own.map((each) => [each.name, each]))
  return ({ own: name }) => (name === undefined ? undefined : known.get(name))
}

/** The points in the order in which they are visited, back to the first on a closed path. */
export const pathPoints = ({ points, closed }: CutPath): Point[] => (closed ? [...points, points[0]] : points)

/**
 * Paths as one block of figures, which goes from a worker to the page without being copied point by point.
 */
export interface PackedPaths {
  lines: (Omit<CutPath, 'points'> & { count: number })[]
  coordinates: Float64Array<ArrayBuffer>
}

export function packPaths(paths: CutPath[]): PackedPaths {
  const coordinates = new Float64Array(2 * paths.reduce((sum, { points }) => sum + points.length, 0))
  let at = 0
  const lines = paths.map(({ points, ...line }) => {
    for (const { x, y } of points) {
      coordinates[at++] = x
      coordinates[at++] = y
    }
    return { ...line, count: points.length }
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

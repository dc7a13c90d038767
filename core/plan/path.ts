import type { Point } from '../geometry'
import type { Operation } from '../machine'

/** One line that the beam follows, in mm on its sheet. A closed one returns to its first point. */
export interface CutPath {
  operation: Operation
  part: string
  points: Point[]
  closed: boolean
}

/** The points in the order in which they are visited, back to the first on a closed path. */
export const visited = ({ points, closed }: CutPath): Point[] => (closed ? [...points, points[0]] : points)

import { disc, type Point } from '../geometry'
import type { TurnedHow } from './choices'
import type { CutPath } from './path'

/** Where points of a load come to lie once the sheet is turned over. Lengths in mm. */
export const turnOver =
  (how: TurnedHow, { width, height }: { width: number; height: number }) =>
  ({ x, y }: Point): Point =>
    how === 'left to right' ? { x: width - x, y } : { x, y: height - y }

/** Diameter of the holes that a sheet is laid by once it is turned, mm. [FM] */
export const HOLE = 2

/** Such a hole. @param at its middle, mm on the load */
export const holeAt = (at: Point, i: number): CutPath => ({
  operation: 'inside',
  part: `registration ${i + 1}`,
  points: disc(at, HOLE / 2),
  closed: true,
})

/** Paths as they are cut while the other face lies up. */
export const pathsTurned = (
  paths: CutPath[],
  how: TurnedHow,
  load: { width: number; height: number },
): CutPath[] => paths.map((path) => ({ ...path, points: path.points.map(turnOver(how, load)) }))

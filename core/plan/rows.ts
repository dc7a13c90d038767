import type { Machine } from '../machine'
import { sidesOfOrigin } from '../machine'
import type { CutPath } from './path'

/** How far a head may go along x while a load is cut, mm from the load's lower left corner. */
export interface Reach {
  minX: number
  maxX: number
}

/** What the bed leaves a head beside a load that lies in its origin's corner; no end without a machine. */
export function reachOf(width: number, machine: Pick<Machine, 'bedWidth' | 'origin'> | null): Reach {
  if (!machine) return { minX: -Infinity, maxX: Infinity }
  const { isRight } = sidesOfOrigin(machine.origin)
  return isRight ? { minX: width - machine.bedWidth, maxX: width } : { minX: 0, maxX: machine.bedWidth }
}

const LEVEL = 1e-6

/** Whether a path is a stretch of a level row that fills an area. */
const isStretch = ({ operation, points, closed }: CutPath): boolean =>
  (operation === 'engrave' || operation === 'pocket') &&
  !closed &&
  points.length === 2 &&
  Math.abs(points[0].y - points[1].y) < LEVEL

/** Whether a stretch goes on in the row of the one before it, the same way. */
function goesOn(before: CutPath, after: CutPath): boolean {
  const [from, to] = before.points
  const [next, end] = after.points
  return (
    before.operation === after.operation &&
    before.own === after.own &&
    Math.abs(to.y - next.y) < LEVEL &&
    (next.x - to.x) * (to.x - from.x) >= 0 &&
    (end.x - next.x) * (to.x - from.x) > 0
  )
}

/** What is run in one go: all stretches of one row, or one path by itself. */
export interface Trip {
  isRow: boolean
  paths: CutPath[]
}

/** Paths in cutting order as they are run. */
export function tripsOf(paths: CutPath[]): Trip[] {
  const trips: Trip[] = []
  for (const path of paths) {
    const isRow = isStretch(path)
    const last = trips[trips.length - 1]
    if (isRow && last?.isRow && goesOn(last.paths[last.paths.length - 1], path)) last.paths.push(path)
    else trips.push({ isRow, paths: [path] })
  }
  return trips
}

/** No row is burnt slower than that for want of room, mm/s: the head speeds up in it then. [FM] */
const SLOWEST = 20

/**
 * How a row is run: the head speeds up before it and slows down behind it with the beam off, as far as that
 * takes; slower where the bed leaves less room. [DEF: v² = 2·a·s]
 * @returns speed, mm/s, and how far it runs out on either side, mm
 */
export function rowMotion(
  { paths }: Trip,
  speed: number,
  acceleration: number,
  { minX, maxX }: Reach,
): { speed: number; out: number } {
  const [from, to] = [paths[0].points[0].x, paths[paths.length - 1].points[1].x]
  const room = Math.max(0, Math.min(Math.min(from, to) - minX, maxX - Math.max(from, to)))
  const wanted = speed ** 2 / (2 * acceleration)
  if (wanted <= room) return { speed, out: wanted }
  return { speed: Math.min(speed, Math.max(SLOWEST, Math.sqrt(2 * acceleration * room))), out: room }
}

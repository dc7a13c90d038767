import { lengthOf, type Point } from '../geometry'
import type { Machine, Operation } from '../machine'
import type { Setting } from '../tune'
import { ownWayOf, visited, type CutPath, type OwnWay } from './path'

/** One straight stretch of the beam's way, in seconds from the start of the sheet. */
export interface Move {
  from: Point
  to: Point
  start: number
  end: number
  operation: Operation | 'travel'
  pass: number
  part: string | null
}

export interface SheetTime {
  /**
   * Seconds. `cutting` is length over speed, `corners` what stopping and starting adds, `travel` the ways
   * between.
   */
  total: number
  cutting: number
  corners: number
  travel: number
  byOperation: Record<Operation, number>
  cutLength: number
  /** How often a cut is begun anew. */
  starts: number
}

/**
 * Seconds for a straight stretch that begins and ends at rest: half of the way speeding up when it is too
 * short for full speed. [DEF]
 */
export function stretchTime(length: number, speed: number, acceleration: number): number {
  const needed = (speed * speed) / acceleration
  return length >= needed ? length / speed + speed / acceleration : 2 * Math.sqrt(length / acceleration)
}

/**
 * At a bend sharper than this the machine is taken to stop, radians; along gentler ones it runs through.
 * [FM]
 */
const STOPS_AT = Math.PI / 12

/** Cuts a way into stretches that end where it bends sharply. */
function stretches(points: Point[]): Point[][] {
  const found: Point[][] = []
  let current = [points[0]]
  for (let i = 1; i < points.length; i++) {
    current.push(points[i])
    const next = points[i + 1]
    if (!next) break
    const [a, b] = [
      Math.atan2(points[i].y - points[i - 1].y, points[i].x - points[i - 1].x),
      Math.atan2(next.y - points[i].y, next.x - points[i].x),
    ]
    const bend = Math.abs(Math.atan2(Math.sin(b - a), Math.cos(b - a)))
    if (bend > STOPS_AT) {
      found.push(current)
      current = [points[i]]
    }
  }
  found.push(current)
  return found
}

/** What is cut with: the setting of each operation, and of what has one of its own. */
export interface CutWith {
  settings: Record<Operation, Setting>
  own?: OwnWay[]
}

type Motion = Pick<Machine, 'travelSpeed' | 'acceleration'>

/** Follows the beam over one sheet and sums up its time; each move is handed to `visit`. */
function follow(
  paths: CutPath[],
  { settings, own = [] }: CutWith,
  machine: Motion,
  start: Point,
  visit: (move: Move) => void,
): SheetTime {
  const result: SheetTime = {
    total: 0,
    cutting: 0,
    corners: 0,
    travel: 0,
    byOperation: { engrave: 0, pocket: 0, score: 0, inside: 0, outline: 0 },
    cutLength: 0,
    starts: 0,
  }
  let at = start
  let clock = 0
  const travelTo = (to: Point): void => {
    const length = Math.hypot(to.x - at.x, to.y - at.y)
    if (length < 1e-9) return
    const duration = stretchTime(length, machine.travelSpeed, machine.acceleration)
    visit({ from: at, to, start: clock, end: clock + duration, operation: 'travel', pass: 0, part: null })
    clock += duration
    result.travel += duration
    at = to
  }
  /**
   * A stretch of an engraved row. The head does not stop in a row: over what stays bare it goes on with the
   * beam off, and beyond both ends of a row it runs out and in. [DEF]
   */
  function sweep({ points: [from, to], operation, part }: CutPath, speed: number, pass: number): void {
    const isGoingOn = isRow && Math.abs(at.y - from.y) < 1e-6 && (from.x - at.x) * (to.x - from.x) >= 0
    const runIn = (2 * speed) / machine.acceleration
    if (isGoingOn) {
      const duration = Math.abs(from.x - at.x) / speed
      visit({
        from: at,
        to: from,
        start: clock,
        end: clock + duration,
        operation: 'travel',
        pass: 0,
        part: null,
      })
      clock += duration
      result.travel += duration
    } else {
      // A step to the next row is made while the head turns round.
      const isStep = isRow && Math.hypot(from.x - at.x, from.y - at.y) < (speed * runIn) / 4
      if (!isStep) travelTo(from)
      result.starts++
      clock += runIn
      result.corners += runIn
      result.byOperation[operation] += runIn
    }
    const duration = Math.hypot(to.x - from.x, to.y - from.y) / speed
    visit({ from, to, start: clock, end: clock + duration, operation, pass, part })
    clock += duration
    result.cutting += duration
    result.byOperation[operation] += duration
    at = to
  }
  let isRow = false
  const wayFor = ownWayOf(own)
  for (const path of paths) {
    const { speed, passes } = wayFor(path)?.setting ?? settings[path.operation]
    for (let pass = 1; pass <= passes; pass++) {
      if (path.operation === 'engrave') {
        sweep(path, speed, pass)
        isRow = true
        continue
      }
      travelTo(path.points[0])
      result.starts++
      for (const stretch of stretches(visited(path))) {
        const length = lengthOf(stretch, false)
        if (length < 1e-9) continue
        const duration = stretchTime(length, speed, machine.acceleration)
        for (let i = 1; i < stretch.length; i++) {
          const share =
            (Math.hypot(stretch[i].x - stretch[i - 1].x, stretch[i].y - stretch[i - 1].y) / length) * duration
          visit({
            from: stretch[i - 1],
            to: stretch[i],
            start: clock,
            end: clock + share,
            operation: path.operation,
            pass,
            part: path.part,
          })
          clock += share
        }
        result.cutting += length / speed
        result.corners += duration - length / speed
        result.byOperation[path.operation] += duration
        result.cutLength += length
      }
      isRow = false
      at = path.closed ? path.points[0] : path.points[path.points.length - 1]
    }
  }
  result.total = clock
  return result
}

/**
 * How long the beam is on its way over one load.
 * @param paths in cutting order
 * @param used settings, mm/s and passes
 * @param start where the beam waits, mm
 */
export const timeSheet = (
  paths: CutPath[],
  used: CutWith,
  machine: Motion,
  start: Point = { x: 0, y: 0 },
): SheetTime => follow(paths, used, machine, start, () => undefined)

/** The same way move by move, to be watched. */
export function beamMoves(
  paths: CutPath[],
  used: CutWith,
  machine: Motion,
  start: Point = { x: 0, y: 0 },
): Move[] {
  const moves: Move[] = []
  follow(paths, used, machine, start, (move) => moves.push(move))
  return moves
}

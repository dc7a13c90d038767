import { lengthOf, type Point } from '../geometry'
import type { Machine, Operation } from '../machine'
import type { Setting } from '../tune'
import { ownWayOf, pathPoints, type CutPath, type OwnWay } from './path'
import { rowMotion, tripsOf, type Reach } from './rows'

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
  /** How far the head may run out beside rows; as far as it wants where nobody says. */
  reach?: Reach
}

type Motion = Pick<Machine, 'travelSpeed' | 'acceleration'>

/** The beam on its way over one sheet: where it is, how late it is, and what that comes to. */
class Beam {
  readonly time: SheetTime = {
    total: 0,
    cutting: 0,
    corners: 0,
    travel: 0,
    byOperation: { engrave: 0, pocket: 0, score: 0, inside: 0, outline: 0 },
    cutLength: 0,
    starts: 0,
  }
  /** Whether it stands at the end of an engraved row. */
  private isRow = false

  constructor(
    private readonly machine: Motion,
    private at: Point,
    private readonly visit: (move: Move) => void,
  ) {}

  /** One move, so many seconds long. */
  private move(to: Point, duration: number, about: Pick<Move, 'operation' | 'pass' | 'part'>): void {
    const start = this.time.total
    this.visit({ from: this.at, to, start, end: start + duration, ...about })
    this.time.total += duration
    this.at = to
  }

  private travel(to: Point, duration: number): void {
    this.move(to, duration, { operation: 'travel', pass: 0, part: null })
    this.time.travel += duration
  }

  private travelTo(to: Point): void {
    const length = Math.hypot(to.x - this.at.x, to.y - this.at.y)
    if (length < 1e-9) return
    this.travel(to, stretchTime(length, this.machine.travelSpeed, this.machine.acceleration))
  }

  /**
   * A row that fills an area. The head does not stop in a row: over what stays bare it goes on with the
   * beam off, and beyond both ends of a row it runs out and in. [DEF]
   */
  sweep(paths: CutPath[], speed: number, pass: number): void {
    const { time } = this
    const [{ operation, points }] = paths
    const runIn = (2 * speed) / this.machine.acceleration
    const [begin] = points
    // A step to the next row is made while the head turns round.
    const isStep = this.isRow && Math.hypot(begin.x - this.at.x, begin.y - this.at.y) < (speed * runIn) / 4
    if (!isStep) this.travelTo(begin)
    this.at = begin
    time.starts++
    time.total += runIn
    time.corners += runIn
    time.byOperation[operation] += runIn
    for (const {
      points: [from, to],
      part,
    } of paths) {
      if (from !== begin) this.travel(from, Math.abs(from.x - this.at.x) / speed)
      const duration = Math.hypot(to.x - from.x, to.y - from.y) / speed
      this.move(to, duration, { operation, pass, part })
      time.cutting += duration
      time.byOperation[operation] += duration
    }
    this.isRow = true
  }

  /** A way that is cut or scored, from rest to rest where it bends. */
  cut(path: CutPath, speed: number, pass: number): void {
    const { operation, part } = path
    this.travelTo(path.points[0])
    this.time.starts++
    for (const stretch of stretches(pathPoints(path))) {
      const length = lengthOf(stretch, false)
      if (length < 1e-9) continue
      const duration = stretchTime(length, speed, this.machine.acceleration)
      this.at = stretch[0]
      for (let i = 1; i < stretch.length; i++) {
        const step = Math.hypot(stretch[i].x - stretch[i - 1].x, stretch[i].y - stretch[i - 1].y)
        this.move(stretch[i], (step / length) * duration, { operation, pass, part })
      }
      this.time.cutting += length / speed
      this.time.corners += duration - length / speed
      this.time.byOperation[operation] += duration
      this.time.cutLength += length
    }
    this.isRow = false
    this.at = path.closed ? path.points[0] : path.points[path.points.length - 1]
  }
}

const ENDLESS: Reach = { minX: -Infinity, maxX: Infinity }

/** Follows the beam over one sheet and sums up its time; each move is handed to `visit`. */
function follow(
  paths: CutPath[],
  { settings, own = [], reach = ENDLESS }: CutWith,
  machine: Motion,
  start: Point,
  visit: (move: Move) => void,
): SheetTime {
  const beam = new Beam(machine, start, visit)
  const wayFor = ownWayOf(own)
  for (const run of tripsOf(paths)) {
    const [path] = run.paths
    const { speed, passes } = wayFor(path)?.setting ?? settings[path.operation]
    const own = run.isRow ? rowMotion(run, speed, machine.acceleration, reach).speed : speed
    for (let pass = 1; pass <= passes; pass++)
      if (run.isRow) beam.sweep(run.paths, own, pass)
      else beam.cut(path, speed, pass)
  }
  return beam.time
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

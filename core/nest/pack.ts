import {
  bounds,
  type Bounds,
  intersection,
  offset,
  rectangle,
  ringsOf,
  shiftRegion,
  turnPoints,
  turnRegion,
  type Region,
  type Turn,
} from '../geometry'
import { coverOf } from './cover'
import type { Preference } from './maximal-rectangles'
import { makeFacings, slideBottomLeft, type Facing } from './bottom-left'
import { makeLoadSpaces, type LoadSpace } from './load-space'
import { loadAt, type Supply, type Surface } from './surface'
import {
  turnsOf,
  shapeFor,
  type Layout,
  type NestRules,
  type NestPart,
  type Placement,
  type Unplaced,
} from './types'

/** A part turned one way, with everything about it that placing asks for again and again. */
export interface Pose {
  turn: Turn
  width: number
  height: number
  /** Rectangles that cover it, from its lower left corner: what its corners leave free others may take. */
  cover: Bounds[]
  /** Edges as they are, for others that slide onto it. */
  fixed: { x: Facing; y: Facing }
  /** Edges grown by the gap, for its own sliding. */
  moving: { x: Facing; y: Facing }
}

export interface Candidate {
  part: NestPart
  poses: Pose[]
  area: number
}

/** How one try goes about it. */
export interface Strategy {
  order: Candidate[]
  preference: Preference
  slide: boolean
  /** Offcuts of the supply that are left alone. */
  without?: ReadonlySet<number>
}

/** How far a turned shape must be moved so that its lower left corner is at (0, 0), mm. */
export function poseShift(shape: Region, turn: Turn): { dx: number; dy: number } {
  const { minX, minY } = bounds(turnPoints(shape.outline, turn))
  return { dx: -minX, dy: -minY }
}

/** A region turned and put with its lower left corner at (0, 0). */
export function poseShape(shape: Region, turn: Turn): Region {
  const { dx, dy } = poseShift(shape, turn)
  return shiftRegion(turnRegion(shape, turn), dx, dy)
}

export function makePose(part: Omit<NestPart, 'id'>, turn: Turn, gap: number): Pose {
  const posed = poseShape(shapeFor(part, turn), turn)
  const box = bounds(posed.outline)
  const grown = grownBy(posed, gap).map((region) => region.outline)
  return {
    turn,
    width: box.maxX,
    height: box.maxY,
    cover: coverOf(posed.outline),
    ...makeFacings(ringsOf(posed), grown),
  }
}

/**
 * A shape grown by the gap. Corners are square, and sharp ones would reach beyond what others look at: all
 * that is within the gap of a shape is within the gap of the rectangle round it.
 */
export function grownBy(shape: Region, gap: number): Region[] {
  if (gap === 0) return [shape]
  const { minX, minY, maxX, maxY } = bounds(shape.outline)
  const reach = rectangle(minX - gap, minY - gap, maxX + gap, maxY + gap)
  return offset(shape, gap).flatMap((region) => intersection(region, reach))
}

/** Every part in every way it may lie; copies of one shape share what was worked out for it. */
export function makeCandidates(parts: NestPart[], settings: NestRules): Candidate[] {
  const known = new Map<Region, { turns: string; poses: Pose[] }>()
  return parts.map((part) => {
    const own = turnsOf(part, settings)
    const turns = own.join()
    const same = known.get(part.shape)
    const poses = same?.turns === turns ? same.poses : own.map((turn) => makePose(part, turn, settings.gap))
    known.set(part.shape, { turns, poses })
    return { part, poses, area: poses[0].width * poses[0].height }
  })
}

interface Spot {
  room: LoadSpace
  pose: Pose
  x: number
  y: number
  score: number[]
}

const better = (a: number[], b: number[]): boolean => a[0] < b[0] || (a[0] === b[0] && a[1] < b[1])

/** One try at a layout: sheets are opened load by load as they are needed. */
class Packing {
  private readonly sheets = new Map<number, LoadSpace[]>()
  readonly placements: Placement[] = []

  constructor(
    private readonly settings: NestRules,
    private readonly supply: Supply,
  ) {}

  private sheet(number: number): LoadSpace[] {
    const rooms = this.sheets.get(number) ?? makeLoadSpaces(number, this.supply[number], this.settings)
    this.sheets.set(number, rooms)
    return rooms
  }

  private put({ load, free, placed }: LoadSpace, pose: Pose, x: number, y: number): void {
    const { margin, gap } = this.settings
    placed.push({ pose, x, y })
    const [left, low] = [x - load.x - margin, y - load.y - margin]
    for (const { minX, minY, maxX, maxY } of pose.cover)
      free.take({ minX: left + minX, minY: low + minY, maxX: left + maxX + gap, maxY: low + maxY + gap })
  }

  /** What is pinned lies already, even where grain or margin would have it otherwise. */
  pin(placement: Placement, pose: Pose): void {
    const { sheet, x, y } = placement
    const load = loadAt(this.supply[sheet], x + pose.width / 2, y + pose.height / 2)
    this.put(this.sheet(sheet)[load], pose, x, y)
    this.placements.push(placement)
  }

  /** Puts a part on the first sheet and load that take it. @returns false when none does */
  add({ part, poses }: Candidate, { preference, slide, without }: Strategy): boolean {
    const spot = this.find(poses, preference, without)
    if (!spot) return false
    const { margin, gap } = this.settings
    const { room, pose } = spot
    const start = { x: spot.x + room.load.x + margin, y: spot.y + room.load.y + margin }
    const { x, y } = slide && room.slides ? slideBottomLeft(pose, start, room, margin, gap) : start
    this.put(room, pose, x, y)
    const { sheet } = room
    this.placements.push({ part: part.id, sheet, x, y, turn: pose.turn, pinned: false })
    return true
  }

  /** The free space counts the gap on the upper and right side of every part. */
  private find(poses: Pose[], preference: Preference, without?: ReadonlySet<number>): Spot | null {
    const { gap } = this.settings
    let failed: Surface | null = null
    for (const [sheet, surface] of this.supply.entries()) {
      if (surface === failed || without?.has(sheet)) continue
      const rooms = this.sheet(sheet)
      for (const room of rooms) {
        let best: Spot | null = null
        for (const pose of poses) {
          const spot = room.free.find(pose.width + gap, pose.height + gap, preference)
          if (spot && (!best || better(spot.score, best.score))) best = { room, pose, ...spot }
        }
        if (best) return best
      }
      if (rooms.every(({ placed }) => placed.length === 0)) failed = surface
    }
    return null
  }
}

/**
 * Places the parts one after another, each on the first sheet that takes it; what is pinned lies already.
 */
export function pack(
  strategy: Strategy,
  settings: NestRules,
  supply: Supply,
  pinned: { placement: Placement; pose: Pose }[],
): Layout {
  const packing = new Packing(settings, supply)
  for (const { placement, pose } of pinned) packing.pin(placement, pose)
  const unplaced = strategy.order
    .filter((candidate) => !packing.add(candidate, strategy))
    .map((candidate) => whyNot(candidate, settings, supply))
  return { placements: packing.placements, unplaced }
}

/** The largest load of a supply, inside its margins. */
function largestRoom(supply: Supply, margin: number): [number, number] {
  const loads = [...new Set(supply)].flatMap((surface) => surface.loads)
  const inside = loads.map(({ width, height }): [number, number] => [
    Math.max(0, width - 2 * margin),
    Math.max(0, height - 2 * margin),
  ])
  return inside.reduce((most, each) => (each[0] * each[1] > most[0] * most[1] ? each : most))
}

function whyNot({ part, poses }: Candidate, settings: NestRules, supply: Supply): Unplaced {
  const room = largestRoom(supply, settings.margin)
  const goesIn = (w: number, h: number): boolean => w <= room[0] + 1e-6 && h <= room[1] + 1e-6
  const { width, height } = poses[0]
  const about = { part: part.id, size: [width, height] as [number, number], room }
  if (poses.some((pose) => goesIn(pose.width, pose.height))) return { ...about, why: 'full' }
  return { ...about, why: goesIn(height, width) && poses.length < 4 ? 'turned it would fit' : 'too large' }
}

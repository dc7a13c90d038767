import {
  bounds,
  offset,
  ringsOf,
  shiftRegion,
  turnPoints,
  turnRegion,
  type Bounds,
  type Region,
  type Turn,
} from '../geometry'
import { FreeSpace, type Preference } from './free-space'
import { facing, freeWay, type Facing } from './slide'
import {
  allowedTurns,
  type Layout,
  type LayoutSettings,
  type NestPart,
  type Placement,
  type Room,
} from './types'

/** A part turned one way, with everything about it that placing asks for again and again. */
interface Pose {
  turn: Turn
  width: number
  height: number
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

export function makePose(shape: Region, turn: Turn, gap: number): Pose {
  const posed = poseShape(shape, turn)
  const box = bounds(posed.outline)
  const grown = offset(posed, gap).map((region) => region.outline)
  return {
    turn,
    width: box.maxX,
    height: box.maxY,
    fixed: { x: facing(ringsOf(posed), 'x', 'back'), y: facing(ringsOf(posed), 'y', 'back') },
    moving: { x: facing(grown, 'x', 'front'), y: facing(grown, 'y', 'front') },
  }
}

/** Every part in every way it may lie; copies of one shape share what was worked out for it. */
export function makeCandidates(parts: NestPart[], settings: LayoutSettings): Candidate[] {
  const turns = allowedTurns(settings)
  const known = new Map<Region, Pose[]>()
  return parts.map((part) => {
    const poses = known.get(part.shape) ?? turns.map((turn) => makePose(part.shape, turn, settings.gap))
    known.set(part.shape, poses)
    return { part, poses, area: poses[0].width * poses[0].height }
  })
}

interface Placed {
  pose: Pose
  x: number
  y: number
}

/** Slides a part down and to the left against the true outlines of what lies there already. */
function settle(
  pose: Pose,
  x: number,
  y: number,
  placed: Placed[],
  margin: number,
  gap: number,
): { x: number; y: number } {
  // Only what lies below (or to the left) within the part's width (or height) can be in the way.
  const besideY = (other: Placed): boolean =>
    other.y < y + pose.height && other.x < x + pose.width + gap && x < other.x + other.pose.width + gap
  const besideX = (other: Placed): boolean =>
    other.x < x + pose.width && other.y < y + pose.height + gap && y < other.y + other.pose.height + gap
  for (let round = 0; round < 4; round++) {
    let down = y - margin
    let left = x - margin
    for (const other of placed)
      if (besideY(other))
        down = Math.min(down, freeWay(pose.moving.y, x - other.x, y - other.y, other.pose.fixed.y))
    y -= down
    for (const other of placed)
      if (besideX(other))
        left = Math.min(left, freeWay(pose.moving.x, y - other.y, x - other.x, other.pose.fixed.x))
    x -= left
    if (down + left < 1e-3) break
  }
  return { x, y }
}

/** Places the parts one after another, each on the first sheet that takes it; what is pinned lies already. */
export function pack(
  strategy: Strategy,
  settings: LayoutSettings,
  room: Room,
  pinned: { placement: Placement; pose: Pose }[],
): Layout {
  const { margin, gap } = settings
  const sheets: { free: FreeSpace; placed: Placed[] }[] = []
  const openSheet = (): void => {
    sheets.push({
      free: new FreeSpace(room.width - 2 * margin + gap, room.height - 2 * margin + gap),
      placed: [],
    })
  }
  const put = (sheet: number, pose: Pose, x: number, y: number): void => {
    while (sheets.length <= sheet) openSheet()
    sheets[sheet].placed.push({ pose, x, y })
    const box: Bounds = {
      minX: x - margin,
      minY: y - margin,
      maxX: x - margin + pose.width + gap,
      maxY: y - margin + pose.height + gap,
    }
    sheets[sheet].free.take(box)
  }
  for (const { placement, pose } of pinned) put(placement.sheet, pose, placement.x, placement.y)
  const placements = pinned.map(({ placement }) => placement)
  const unplaced: Layout['unplaced'] = []
  for (const candidate of strategy.order) {
    const spot = findSpot(candidate, strategy.preference, settings, sheets, openSheet)
    if (!spot) {
      unplaced.push({ part: candidate.part.id, reason: whyNot(candidate, settings, room) })
      continue
    }
    const start = { x: spot.x + margin, y: spot.y + margin }
    const { x, y } = strategy.slide
      ? settle(spot.pose, start.x, start.y, sheets[spot.sheet].placed, margin, gap)
      : start
    put(spot.sheet, spot.pose, x, y)
    placements.push({ part: candidate.part.id, sheet: spot.sheet, x, y, turn: spot.pose.turn, pinned: false })
  }
  return { placements, unplaced }
}

interface Spot {
  sheet: number
  pose: Pose
  x: number
  y: number
  score: number[]
}

const better = (a: number[], b: number[]): boolean => a[0] < b[0] || (a[0] === b[0] && a[1] < b[1])

/** The best place for a part on the first sheet that has one; the free space counts the gap on the upper and right side of every part. */
function findSpot(
  { poses }: Candidate,
  preference: Preference,
  settings: LayoutSettings,
  sheets: { free: FreeSpace; placed: Placed[] }[],
  openSheet: () => void,
): Spot | null {
  for (let sheet = 0; sheet < settings.sheets; sheet++) {
    if (sheet === sheets.length) openSheet()
    let best: Spot | null = null
    for (const pose of poses) {
      const spot = sheets[sheet].free.find(pose.width + settings.gap, pose.height + settings.gap, preference)
      if (spot && (!best || better(spot.score, best.score))) best = { sheet, pose, ...spot }
    }
    if (best) return best
    if (sheets[sheet].placed.length === 0) return null
  }
  return null
}

function whyNot({ poses }: Candidate, settings: LayoutSettings, room: Room): string {
  const [width, height] = [room.width - 2 * settings.margin, room.height - 2 * settings.margin]
  const fits = poses.some((pose) => pose.width <= width + 1e-6 && pose.height <= height + 1e-6)
  const { width: w, height: h } = poses[0]
  if (fits)
    return `No room left on ${settings.sheets === 1 ? 'the one sheet' : `${settings.sheets} sheets`}: add a sheet, or make gap or margin smaller.`
  const turnedFits = h <= width + 1e-6 && w <= height + 1e-6
  const size = `It is ${w.toFixed(1)} × ${h.toFixed(1)} mm, and inside the margins there are ${width.toFixed(1)} × ${height.toFixed(1)} mm.`
  return turnedFits && poses.length < 4
    ? `${size} Turned it would fit: allow turning or free the grain.`
    : `${size} Use a larger sheet and bed, or a smaller box.`
}

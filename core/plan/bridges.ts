import { bounds, type Point, type Ring } from '../geometry'
import { pathPoints, type CutPath } from './path'

/** Short stretches of an outline that are left uncut, so that a part does not fall out. Lengths in mm. */
export interface Bridges {
  count: number
  /** Of the wood that stays, when it is cut. */
  width: number
  /** Only parts whose shorter side is below this have them. */
  below: number
}

/** Kept clear between a bridge and a corner, mm. */
const CLEAR = 1.5

/** A place along a way, mm from its beginning. */
interface Stretch {
  from: number
  to: number
}

/** Straight sides on which a bridge has room, by the places that its middle may have. */
function roomFor(points: Point[], gap: number): { room: Stretch[]; length: number } {
  const room: Stretch[] = []
  let at = 0
  for (let i = 1; i < points.length; i++) {
    const side = Math.hypot(points[i].x - points[i - 1].x, points[i].y - points[i - 1].y)
    const edge = gap / 2 + CLEAR
    if (side >= 2 * edge) room.push({ from: at + edge, to: at + side - edge })
    at += side
  }
  return { room, length: at }
}

/** The place in the room that is nearest to the one that is wanted; null where there is none. */
function nearestIn(room: Stretch[], wanted: number, length: number): number | null {
  let best: number | null = null
  const apart = (a: number, b: number): number => Math.min(Math.abs(a - b), length - Math.abs(a - b))
  for (const { from, to } of room) {
    const inside = Math.max(from, Math.min(to, wanted))
    // Round the beginning of the way it may be nearer.
    for (const place of [inside, from, to])
      if (best === null || apart(place, wanted) < apart(best, wanted)) best = place
  }
  return best
}

/** The room that is left beside a bridge that was put somewhere. */
const without = (room: Stretch[], place: number, gap: number): Stretch[] =>
  room.flatMap(({ from, to }) => [
    ...(place - gap - CLEAR > from ? [{ from, to: Math.min(to, place - gap - CLEAR) }] : []),
    ...(place + gap + CLEAR < to ? [{ from: Math.max(from, place + gap + CLEAR), to }] : []),
  ])

/** A piece of a closed way, from one place to another one further on, round its beginning if need be. */
function piece(points: Point[], from: number, to: number, length: number): Point[] {
  const at = (place: number): Point => {
    let left = ((place % length) + length) % length
    for (let i = 1; i < points.length; i++) {
      const [a, b] = [points[i - 1], points[i]]
      const side = Math.hypot(b.x - a.x, b.y - a.y)
      if (left <= side) return { x: a.x + ((b.x - a.x) * left) / side, y: a.y + ((b.y - a.y) * left) / side }
      left -= side
    }
    return points[0]
  }
  const corners: { place: number; point: Point }[] = []
  for (let round = 0; round < 2; round++) {
    let along = round * length
    for (let i = 1; i < points.length; i++) {
      if (along > from && along < to) corners.push({ place: along, point: points[i - 1] })
      along += Math.hypot(points[i].x - points[i - 1].x, points[i].y - points[i - 1].y)
    }
  }
  return [at(from), ...corners.map(({ point }) => point), at(to)]
}

export const hasBridges = (outline: Ring, { count, below }: Bridges): boolean => {
  const { minX, minY, maxX, maxY } = bounds(outline)
  return count > 0 && Math.min(maxX - minX, maxY - minY) < below
}

/**
 * An outline with bridges as evenly spread as its straight sides allow: the stretches between them are cut.
 * @param beam full width of what the beam takes away, mm: so much longer are the gaps than the bridges
 * @returns the path itself where no side has room for one
 */
export function withBridges(path: CutPath, bridges: Bridges, beam: number): CutPath[] {
  const points = pathPoints(path)
  const gap = bridges.width + beam
  const { room: all, length } = roomFor(points, gap)
  let room = all
  const places: number[] = []
  for (let i = 0; i < bridges.count; i++) {
    const place = nearestIn(room, ((i + 0.5) * length) / bridges.count, length)
    if (place === null) break
    places.push(place)
    room = without(room, place, gap)
  }
  if (places.length === 0) return [path]
  places.sort((a, b) => a - b)
  return places.map((place, i) => {
    const next = i + 1 < places.length ? places[i + 1] : places[0] + length
    return { ...path, closed: false, points: piece(points, place + gap / 2, next - gap / 2, length) }
  })
}

import { bounds, isWithin, type Point, type Region, type Ring } from '../geometry'
import { HOLE } from '../plan'
import type { Load, Surface } from '../nest'

/** Left round a registration hole: to the border of the sheet, and to every part, mm. [FM] */
const EDGE = 2.5
const CLEAR = 1.5

/** Places that are looked at along the border, and anywhere, are this far apart, mm. */
const STEP = 4
const COARSE = 12

/** Whether a hole there would be on the sheet, whatever its outline. */
function isOnSheet({ outline, width, height }: Surface, { x, y }: Point): boolean {
  const reach = HOLE / 2 + EDGE
  const round = [0, 1, 2, 3, 4, 5, 6, 7].map((i) => ({
    x: x + reach * Math.cos((i * Math.PI) / 4),
    y: y + reach * Math.sin((i * Math.PI) / 4),
  }))
  const isInside = round.every((at) => at.x >= 0 && at.y >= 0 && at.x <= width && at.y <= height)
  return isInside && (!outline || round.every((at) => isWithin(at, outline)))
}

const gap = (a: Point, b: Point): number => Math.hypot(a.x - b.x, a.y - b.y)

/** How far a point is from the nearest side of a ring, mm. */
function distanceTo(ring: Ring, { x, y }: Point): number {
  const distances = ring.map((a, i) => {
    const b = ring[(i + 1) % ring.length]
    const [dx, dy] = [b.x - a.x, b.y - a.y]
    const along = ((x - a.x) * dx + (y - a.y) * dy) / (dx * dx + dy * dy || 1)
    const share = Math.max(0, Math.min(1, along))
    return Math.hypot(x - a.x - share * dx, y - a.y - share * dy)
  })
  return Math.min(...distances)
}

/** Holes that are nearer than that to where others would be are taken for those, mm. [FM] */
const TOLD_APART = 8

/**
 * Whether two holes lie otherwise for each way of laying the sheet: as it was, turned over either way, or
 * round by half. Holes in opposite corners would be met by a sheet that was turned the wrong way too.
 */
export function tellsEveryTurn([a, b]: [Point, Point], { x, y, width, height }: Load): boolean {
  const [wide, high] = [2 * x + width, 2 * y + height]
  const ways: ((point: Point) => Point)[] = [
    (point) => ({ x: wide - point.x, y: point.y }),
    (point) => ({ x: point.x, y: high - point.y }),
    (point) => ({ x: wide - point.x, y: high - point.y }),
  ]
  return ways.every((way) => {
    const [p, q] = [way(a), way(b)]
    const off = Math.min(Math.max(gap(a, p), gap(b, q)), Math.max(gap(a, q), gap(b, p)))
    return off >= TOLD_APART
  })
}

/**
 * Where two small holes go through a load, as far apart as there is room for beside its parts: a sheet that
 * was turned over is laid by them. None where there is no room for two.
 * @param placed the parts that lie there @returns mm from the lower left corner of the load
 */
export function registrationFor(surface: Surface, load: Load, placed: Region[]): Point[] {
  const reach = HOLE / 2 + CLEAR
  const taken = placed.map(({ outline }) => ({ outline, around: bounds(outline) }))
  const isFree = (at: Point): boolean =>
    taken.every(({ outline, around: { minX, maxX, minY, maxY } }) => {
      const isBeside =
        at.x < minX - reach || at.x > maxX + reach || at.y < minY - reach || at.y > maxY + reach
      // openings fall out: what is inside an outline is not free
      return isBeside || (!isWithin(at, outline) && distanceTo(outline, at) > reach)
    })
  const farthest = (places: Point[]): Point[] => {
    const free = places.filter((at) => isOnSheet(surface, at) && isFree(at))
    // One of a pair that is farthest apart is outermost somehow.
    const outermost = [...new Set(SLANTS.flatMap(([a, b]) => ends(free, ({ x, y }) => a * x + b * y)))]
    let best: Point[] = []
    let most = LEAST
    for (const a of outermost)
      for (const b of free)
        if (gap(a, b) > most && tellsEveryTurn([a, b], load)) {
          best = [a, b]
          most = gap(a, b)
        }
    return best
  }
  // Along the border first, where margins leave room; else anywhere between the parts.
  const border = farthest(placesIn(load, STEP, true))
  const found = border.length > 0 ? border : farthest(placesIn(load, COARSE, false))
  return found.map(({ x, y }) => ({ x: x - load.x, y: y - load.y }))
}

/** Places all over a load, or along its border only. */
function placesIn({ x, y, width, height }: Load, step: number, onBorder: boolean): Point[] {
  const inset = HOLE / 2 + EDGE
  const along = (from: number, length: number): number[] => {
    const room = length - 2 * inset
    const count = Math.max(1, Math.floor(room / step))
    return room <= 0 ? [] : Array.from({ length: count + 1 }, (_, i) => from + inset + (room * i) / count)
  }
  const [columns, rows] = [along(x, width), along(y, height)]
  const isEnd = (i: number, all: number[]): boolean => i === 0 || i === all.length - 1
  return rows.flatMap((atY, row) =>
    columns
      .filter((_, column) => !onBorder || isEnd(row, rows) || isEnd(column, columns))
      .map((atX) => ({ x: atX, y: atY })),
  )
}

/** Two holes nearer than that say nothing about how a sheet is turned, mm. [FM] */
const LEAST = 25

/** Directions in which the outermost free places are looked for. */
const SLANTS = Array.from({ length: 12 }, (_, i) => {
  const angle = (i * Math.PI) / 12
  return [Math.cos(angle), Math.sin(angle)]
})

function ends(free: Point[], along: (point: Point) => number): Point[] {
  if (free.length === 0) return []
  let [low, high] = [free[0], free[0]]
  for (const point of free) {
    if (along(point) < along(low)) low = point
    if (along(point) > along(high)) high = point
  }
  return [low, high]
}

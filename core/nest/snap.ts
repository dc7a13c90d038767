import {
  bounds,
  moveRegion,
  ringsOf,
  sharedArea,
  shiftRegion,
  type Bounds,
  type Point,
  type Region,
} from '../geometry'
import { grownBy } from './pack'
import { facing, freeWay, overlaps } from './bottom-left'

/** Shared area in mm² that rounding may leave between parts that keep the gap. */
const TOUCH = 1e-3

/** Moves that turn every direction into “to the left”, each its own inverse. */
const FLIPS: ((point: Point) => Point)[] = [
  ({ x, y }) => ({ x, y }),
  ({ x, y }) => ({ x: -x, y }),
  ({ x, y }) => ({ x: y, y: x }),
  ({ x, y }) => ({ x: -y, y: -x }),
]

const flipBounds = ({ minX, minY, maxX, maxY }: Bounds, flip: (point: Point) => Point): Bounds =>
  bounds([flip({ x: minX, y: minY }), flip({ x: maxX, y: maxY })])

/**
 * How far a shape has to go to the left until it keeps the gap to what is there, or touches the room's side.
 * @returns mm, negative to the right; null where there is nothing within reach
 */
function wayLeft(moving: Region, others: Region[], room: Bounds, gap: number, reach: number): number | null {
  const from = shiftRegion(moving, reach, 0)
  const front = facing(
    grownBy(from, gap).map(({ outline }) => outline),
    'x',
    'front',
  )
  const ways = others.map((other) => freeWay(front, 0, 0, facing(ringsOf(other), 'x', 'back')))
  const toSide = bounds(from.outline).minX - room.minX
  const way = Math.min(...ways, toSide < -1e-6 ? Infinity : toSide)
  return way <= 2 * reach ? way - reach : null
}

/**
 * Where a part that is put down by hand comes to lie when it is drawn to what is near: at the gap to the
 * true outlines of others, or on the margin. Across and along are looked at one after the other.
 * @param moving as it lies under the hand, mm on its sheet
 * @param others what else lies on that sheet
 * @param room what of the sheet parts may lie on
 * @returns how far it moves; nothing where that would bring it into another one
 */
export function snapTo(
  moving: Region,
  others: Region[],
  room: Bounds,
  gap: number,
  reach: number,
): { dx: number; dy: number } {
  const far = gap + reach
  const own = bounds(moving.outline)
  const around = { minX: own.minX - far, minY: own.minY - far, maxX: own.maxX + far, maxY: own.maxY + far }
  const near = others.filter(({ outline }) => overlaps(bounds(outline), around))
  const shift = { x: 0, y: 0 }
  const isFree = (at: Region): boolean =>
    grownBy(at, gap - 1e-3).every((grown) => near.every((other) => sharedArea(grown, other) <= TOUCH))
  for (const flips of [FLIPS.slice(0, 2), FLIPS.slice(2)]) {
    const here = shiftRegion(moving, shift.x, shift.y)
    const moves = flips.flatMap((flip) => {
      const flipped = near.map((other) => moveRegion(other, flip))
      const way = wayLeft(moveRegion(here, flip), flipped, flipBounds(room, flip), gap, reach)
      return way === null ? [] : [flip({ x: -way, y: 0 })]
    })
    const sorted = moves.sort((a, b) => Math.hypot(a.x, a.y) - Math.hypot(b.x, b.y))
    const found = sorted.find(({ x, y }) => isFree(shiftRegion(here, x, y)))
    if (!found) continue
    shift.x += found.x
    shift.y += found.y
  }
  return { dx: shift.x, dy: shift.y }
}

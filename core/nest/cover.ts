import { bounds, type Bounds, type Ring } from '../geometry'
import { placesOf } from './places'

/** A corner that is left free is worth it from so much of the rectangle round a part on. */
const LEAST_SHARE = 0.04

/** The largest rectangle at a ring's low x and low y that it keeps out of, as its size. */
function freeCorner(ring: Ring): { width: number; height: number } {
  const { minX, minY, maxX } = bounds(ring)
  const edges = ring.map((a, i) => [a, ring[(i + 1) % ring.length]] as const)
  let best = { width: 0, height: 0 }
  let height = Infinity
  const places = placesOf([ring], 'x')
  for (let i = 1; i < places.length; i++) {
    const [from, to] = [places[i - 1], places[i]]
    for (const [a, b] of edges) {
      const [left, right] = a.x < b.x ? [a, b] : [b, a]
      if (left.x >= to || right.x <= from) continue
      const at = (x: number): number => left.y + ((x - left.x) / (right.x - left.x)) * (right.y - left.y)
      height = Math.min(height, at(from) - minY, at(to) - minY)
    }
    if (height <= 0) break
    const width = Math.min(to, maxX) - minX
    if (width * height > best.width * best.height) best = { width, height }
  }
  return best
}

/**
 * Rectangles that cover a part: the one round it without what its outline leaves free in its corners.
 * @param outline its lower left corner at (0, 0), mm
 */
export function coverOf(outline: Ring): Bounds[] {
  const { maxX: width, maxY: height } = bounds(outline)
  const whole: Bounds = { minX: 0, minY: 0, maxX: width, maxY: height }
  const corners = [false, true].flatMap((isRight) =>
    [false, true].map((isUpper) => {
      const seen = outline.map(({ x, y }) => ({ x: isRight ? width - x : x, y: isUpper ? height - y : y }))
      return { isRight, isUpper, ...freeCorner(seen) }
    }),
  )
  const free = corners.filter((each) => each.width * each.height > LEAST_SHARE * width * height)
  return free.reduce<Bounds[]>(
    (covered, each) => {
      const minX = each.isRight ? width - each.width : 0
      const minY = each.isUpper ? height - each.height : 0
      const hole = { minX, minY, maxX: minX + each.width, maxY: minY + each.height }
      return covered.flatMap((rectangle) => without(rectangle, hole))
    },
    [whole],
  )
}

/** What is left of a rectangle, as rectangles beside, below and above what is taken out. */
function without(from: Bounds, hole: Bounds): Bounds[] {
  const [minX, minY] = [Math.max(from.minX, hole.minX), Math.max(from.minY, hole.minY)]
  const [maxX, maxY] = [Math.min(from.maxX, hole.maxX), Math.min(from.maxY, hole.maxY)]
  if (minX >= maxX || minY >= maxY) return [from]
  return [
    { ...from, maxX: minX },
    { ...from, minX: maxX },
    { minX, maxX, minY: from.minY, maxY: minY },
    { minX, maxX, minY: maxY, maxY: from.maxY },
  ].filter((each) => each.maxX > each.minX && each.maxY > each.minY)
}

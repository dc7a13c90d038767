import type { Bounds, Ring } from '../geometry'

/**
 * Ring edges that look one way, as [low, high, place at low, place at high] across and along the way of
 * sliding, sorted by `low`.
 */
export type Facing = [number, number, number, number][]

/** How far apart two coordinates are still the same, mm. */
const SAME = 1e-6

/**
 * The edges of a shape that can touch something in a slide along an axis.
 * @param side 'front' for those that go ahead in the negative direction, 'back' for those that something may
 * slide onto. Outlines run counter-clockwise: below the inside, an edge runs to +x, and left of it to −y.
 */
export function facing(rings: Ring[], along: 'x' | 'y', side: 'front' | 'back'): Facing {
  const across = along === 'y' ? 'x' : 'y'
  const ahead = (along === 'y') === (side === 'front') ? 1 : -1
  const edges: Facing = []
  for (const ring of rings) {
    for (let i = 0, j = ring.length - 1; i < ring.length; j = i++) {
      if ((ring[i][across] - ring[j][across]) * ahead <= SAME) continue
      const [p, q] = ahead === 1 ? [ring[j], ring[i]] : [ring[i], ring[j]]
      edges.push([p[across], q[across], p[along], q[along]])
    }
  }
  return edges.sort((a, b) => a[0] - b[0])
}

/** What slides onto a shape, and what of it, grown by the gap, slides itself. */
export const makeFacings = (
  rings: Ring[],
  grown: Ring[],
): Record<'fixed' | 'moving', { x: Facing; y: Facing }> => ({
  fixed: { x: facing(rings, 'x', 'back'), y: facing(rings, 'y', 'back') },
  moving: { x: facing(grown, 'x', 'front'), y: facing(grown, 'y', 'front') },
})

const placeAt = (edge: Facing[number], t: number): number =>
  edge[2] === edge[3] ? edge[2] : edge[2] + ((edge[3] - edge[2]) * (t - edge[0])) / (edge[1] - edge[0])

/**
 * How far a part can slide in the negative direction before it touches a fixed one.
 * @param moving its front edges, moved by the shifts
 * @param fixed back edges of what lies there
 * @returns mm; Infinity when nothing is in the way
 */
export function freeWay(moving: Facing, shiftAcross: number, shiftAlong: number, fixed: Facing): number {
  let free = Infinity
  let first = 0
  for (const edge of moving) {
    const from = edge[0] + shiftAcross
    const to = edge[1] + shiftAcross
    // both are sorted: what ends before this edge begins ends before all later ones, too
    while (first < fixed.length && fixed[first][1] <= from + SAME) first++
    for (let i = first; i < fixed.length; i++) {
      const other = fixed[i]
      if (other[0] >= to - SAME) break
      if (other[1] <= from + SAME) continue
      const low = Math.max(from, other[0])
      const high = Math.min(to, other[1])
      if (high - low <= SAME) continue
      const atLow = placeAt(edge, low - shiftAcross) + shiftAlong - placeAt(other, low)
      const atHigh = placeAt(edge, high - shiftAcross) + shiftAlong - placeAt(other, high)
      const distance = Math.min(atLow > -SAME ? atLow : Infinity, atHigh > -SAME ? atHigh : Infinity)
      if (distance < free) free = Math.max(0, distance)
    }
  }
  return free
}

export const overlaps = (a: Bounds, b: Bounds): boolean =>
  a.minX < b.maxX - SAME && b.minX < a.maxX - SAME && a.minY < b.maxY - SAME && b.minY < a.maxY - SAME

type Facings = Record<'x' | 'y', Facing>
/** What slides, grown by the gap, and what lies there. Lengths in mm. */
interface Moving {
  width: number
  height: number
  moving: Facings
}
interface Lying {
  x: number
  y: number
  pose: { width: number; height: number; fixed: Facings }
}

/**
 * Slides a part down and to the left, by turns, against the true outlines of what lies there already.
 * [PUB: Jakobs, On genetic algorithms for the packing of polygons, EJOR 88 (1996), his bottom-left rule]
 */
export function slideBottomLeft(
  pose: Moving,
  start: { x: number; y: number },
  { placed, load }: { placed: Lying[]; load: { x: number; y: number } },
  margin: number,
  gap: number,
) {
  let { x, y } = start
  // Only what lies below (or to the left) within the part's width (or height) can be in the way.
  const besideY = (other: Lying): boolean =>
    other.y < y + pose.height && other.x < x + pose.width + gap && x < other.x + other.pose.width + gap
  const besideX = (other: Lying): boolean =>
    other.x < x + pose.width && other.y < y + pose.height + gap && y < other.y + other.pose.height + gap
  for (let round = 0; round < 4; round++) {
    let down = y - load.y - margin
    let left = x - load.x - margin
    for (const other of placed) {
      if (!besideY(other) || y - gap - other.y - other.pose.height >= down) continue
      down = Math.min(down, freeWay(pose.moving.y, x - other.x, y - other.y, other.pose.fixed.y))
    }
    y -= down
    for (const other of placed) {
      if (!besideX(other) || x - gap - other.x - other.pose.width >= left) continue
      left = Math.min(left, freeWay(pose.moving.x, y - other.y, x - other.x, other.pose.fixed.x))
    }
    x -= left
    if (down + left < 1e-3) break
  }
  return { x, y }
}

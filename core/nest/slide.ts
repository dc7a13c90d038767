import type { Bounds, Point, Ring } from '../geometry'

/** Ring edges that are not parallel to the way of sliding, as [low, high, place at low, place at high] across and along it. */
export type Facing = [number, number, number, number][]

/** How far apart two coordinates are still the same, mm. */
const SAME = 1e-6

/** A ring's edges as they face a slide down (`along` y) or to the left (`along` x). */
export function facing(rings: Ring[], along: 'x' | 'y'): Facing {
  const across = along === 'y' ? 'x' : 'y'
  const edges: Facing = []
  for (const ring of rings) {
    for (let i = 0, j = ring.length - 1; i < ring.length; j = i++) {
      const [p, q]: [Point, Point] = ring[j][across] <= ring[i][across] ? [ring[j], ring[i]] : [ring[i], ring[j]]
      if (q[across] - p[across] > SAME) edges.push([p[across], q[across], p[along], q[along]])
    }
  }
  return edges
}

const placeAt = ([low, high, atLow, atHigh]: Facing[number], t: number): number =>
  atLow + ((atHigh - atLow) * (t - low)) / (high - low)

/**
 * How far a part can slide in the negative direction before it touches a fixed one.
 * @returns mm; Infinity when nothing is in the way
 */
export function freeWay(moving: Facing, shiftAcross: number, shiftAlong: number, fixed: Facing): number {
  let free = Infinity
  for (const edge of moving) {
    for (const other of fixed) {
      const low = Math.max(edge[0] + shiftAcross, other[0])
      const high = Math.min(edge[1] + shiftAcross, other[1])
      if (high - low <= SAME) continue
      for (const t of [low, high]) {
        const distance = placeAt(edge, t - shiftAcross) + shiftAlong - placeAt(other, t)
        if (distance > -SAME && distance < free) free = Math.max(0, distance)
      }
    }
  }
  return free
}

export const overlaps = (a: Bounds, b: Bounds): boolean =>
  a.minX < b.maxX - SAME && b.minX < a.maxX - SAME && a.minY < b.maxY - SAME && b.minY < a.maxY - SAME

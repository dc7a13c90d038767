import type { Ring } from '../geometry'

/** A slanted edge becomes so many steps for parts to be set against. */
const STEPS = 8

/** Lengths below this are rounding, mm. */
const TINY = 1e-6

/** Places along an axis at which an outline changes, slanted edges in steps. */
export function placesOf(rings: Ring[], axis: 'x' | 'y'): number[] {
  const across = axis === 'x' ? 'y' : 'x'
  const places = rings.flatMap((ring) =>
    ring.flatMap((from, i) => {
      const to = ring[(i + 1) % ring.length]
      const isSlanted = Math.abs(from.x - to.x) > TINY && Math.abs(from[across] - to[across]) > TINY
      const steps = isSlanted ? STEPS : 1
      return Array.from({ length: steps }, (_, k) => from[axis] + ((to[axis] - from[axis]) * k) / steps)
    }),
  )
  const sorted = places.sort((a, b) => a - b)
  return sorted.filter((place, i) => i === 0 || place - sorted[i - 1] > TINY)
}

import type { Ring } from '../geometry'
import { Refusal } from './raw-art'
import { intricate as words } from './words'

/** Edges passed at corners, and corners on level edges squared: a second or two of a slow machine. [FM] */
const MOST_PASSED = 40_000_000
const MOST_TOUCHED = 10_000_000

/** How many of a sorted list are smaller. */
function below(sorted: ArrayLike<number>, value: number): number {
  let [low, high] = [0, sorted.length]
  while (low < high) {
    const middle = (low + high) >> 1
    if (sorted[middle] < value) low = middle + 1
    else high = middle
  }
  return low
}

/**
 * Refuses areas whose filling would take too long, before that is begun. It sweeps upwards: at every corner
 * it passes all edges that go by, and corners that lie on one level edge are held against each other.
 */
export function refuseIntricate(rings: Ring[]): void {
  const heights = Float64Array.from(rings.flatMap((ring) => ring.map(({ y }) => y))).sort()
  const level = new Map<number, number[]>()
  for (const ring of rings)
    for (const { x, y } of ring) {
      const there = level.get(y)
      if (there) there.push(x)
      else level.set(y, [x])
    }
  for (const xs of level.values()) xs.sort((a, b) => a - b)
  let [passed, touched] = [0, 0]
  for (const ring of rings)
    for (let i = 0; i < ring.length; i++) {
      const [a, b] = [ring[i], ring[(i + 1) % ring.length]]
      passed += Math.abs(below(heights, a.y) - below(heights, b.y))
      if (a.y !== b.y) continue
      const xs = level.get(a.y)!
      touched += (below(xs, Math.max(a.x, b.x)) - below(xs, Math.min(a.x, b.x))) ** 2
    }
  if (passed > MOST_PASSED || touched > MOST_TOUCHED) throw new Refusal(words.areasDrawingToo)
}

import { bounds, isWithin, type Bounds } from '../geometry'
import type { CutPath } from './path'

const holds = (outer: Bounds, inner: Bounds): boolean =>
  outer.minX < inner.minX && outer.minY < inner.minY && outer.maxX > inner.maxX && outer.maxY > inner.maxY

/** In how many openings of other parts each part lies; those that lie in none are left out. */
export function depthsOf(paths: CutPath[]): Map<string, number> {
  const outlines = new Map<string, CutPath>()
  for (const path of paths)
    if (path.operation === 'outline' && !outlines.has(path.part)) outlines.set(path.part, path)
  const openings = paths
    .filter(({ operation, closed }) => operation === 'inside' && closed)
    .map((path) => ({ path, box: bounds(path.points) }))
  const depths = new Map<string, number>()
  for (const [part, { points }] of outlines) {
    const box = bounds(points)
    const around = openings.filter(
      ({ path, box: opening }) =>
        path.part !== part && holds(opening, box) && isWithin(points[0], path.points),
    )
    if (around.length > 0) depths.set(part, around.length)
  }
  return depths
}

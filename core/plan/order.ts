import type { Point } from '../geometry'
import { OPERATIONS } from '../machine'
import type { CutPath } from './path'

const apart = (a: Point, b: Point): number => Math.hypot(a.x - b.x, a.y - b.y)

/** Starts a closed path at its point nearest to where the beam is; an open one may be run backwards. */
function startNear(path: CutPath, from: Point): CutPath {
  const { points, closed } = path
  if (!closed) return apart(points[points.length - 1], from) < apart(points[0], from) ? { ...path, points: [...points].reverse() } : path
  let nearest = 0
  for (let i = 1; i < points.length; i++) if (apart(points[i], from) < apart(points[nearest], from)) nearest = i
  return nearest === 0 ? path : { ...path, points: [...points.slice(nearest), ...points.slice(0, nearest)] }
}

/** Distance from a point to where a path can be entered. */
function reach({ points, closed }: CutPath, from: Point): number {
  if (!closed) return Math.min(apart(points[0], from), apart(points[points.length - 1], from))
  return points.reduce((least, point) => Math.min(least, apart(point, from)), Infinity)
}

/**
 * Paths in cutting order: labels scored first, then inside cuts, outlines last; within each always the nearest next.
 * @param start where the beam waits, mm on the sheet
 */
export function orderPaths(paths: CutPath[], start: Point = { x: 0, y: 0 }): CutPath[] {
  const ordered: CutPath[] = []
  let at = start
  for (const operation of OPERATIONS) {
    const waiting = paths.filter((path) => path.operation === operation)
    while (waiting.length > 0) {
      let next = 0
      let least = Infinity
      for (const [i, path] of waiting.entries()) {
        const distance = reach(path, at)
        if (distance < least) [next, least] = [i, distance]
      }
      const path = startNear(waiting.splice(next, 1)[0], at)
      ordered.push(path)
      at = path.closed ? path.points[0] : path.points[path.points.length - 1]
    }
  }
  return ordered
}

import { liesOn, straightSides, type Side } from '../geometry'
import type { CutPath } from './path'

/** A shorter side is not worth leaving a path open for, mm. */
const SHORTEST = 5

/** A path without one of its sides, begun where that ends. */
function without(path: CutPath, { first, last }: Side, on: string): CutPath {
  const { points } = path
  const count = points.length
  const length = count - (last - first) + 1
  return {
    ...path,
    points: Array.from({ length }, (_, i) => points[(last + i) % count]),
    closed: false,
    beside: on,
  }
}

/**
 * Outlines whose straight sides lie on each other, with each such stretch in one of them only: the kerf is
 * between both parts once. A path leaves one side out at most, and only one that another
 * cuts from end to end.
 */
export function cutOnce(paths: CutPath[]): CutPath[] {
  const outlines = paths.filter(({ operation, closed }) => operation === 'outline' && closed)
  const sides = new Map(
    outlines.map((path) => [
      path,
      straightSides(path.points).filter(
        ({ from, to }) => Math.hypot(to.x - from.x, to.y - from.y) >= SHORTEST,
      ),
    ]),
  )
  const left = new Map<CutPath, { side: Side; on: string }>()
  for (const path of outlines)
    for (const host of outlines) {
      if (host.part === path.part || left.has(path)) continue
      for (const side of sides.get(path)!) {
        const on = sides.get(host)!.find((other) => other !== left.get(host)?.side && liesOn(side, other))
        if (on && !left.has(path)) left.set(path, { side, on: host.part })
      }
    }
  return paths.map((path) => {
    const found = left.get(path)
    return found ? without(path, found.side, found.on) : path
  })
}

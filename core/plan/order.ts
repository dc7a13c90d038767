import type { Point } from '../geometry'
import { cutsThrough, type Operation } from '../machine'
import type { CutPath } from './path'
import { stagesOf } from './stages'

/** Distance squared, mm²: it orders like the distance, and is much quicker to have. */
const apart = (a: Point, b: Point): number => (a.x - b.x) ** 2 + (a.y - b.y) ** 2

/** Starts a closed path at its point nearest to where the beam is; an open one may be run backwards. */
function startNear(path: CutPath, from: Point): CutPath {
  const { points, closed } = path
  if (!closed)
    return apart(points[points.length - 1], from) < apart(points[0], from)
      ? { ...path, points: [...points].reverse() }
      : path
  let nearest = 0
  for (let i = 1; i < points.length; i++)
    if (apart(points[i], from) < apart(points[nearest], from)) nearest = i
  return nearest === 0 ? path : { ...path, points: [...points.slice(nearest), ...points.slice(0, nearest)] }
}

/** A side shorter than this share of the longest is no place to begin on. */
const LONG_ENOUGH = 0.5

/**
 * Starts a closed cut in the middle of a long side, the nearest to where the beam is: where it burns in and
 * out no corner is rounded.
 */
function startOnSide(path: CutPath, from: Point): CutPath {
  const { points, closed, operation } = path
  if (!closed || !cutsThrough(operation)) return startNear(path, from)
  const sides = points.map((a, i) => {
    const b = points[(i + 1) % points.length]
    return { i, length: apart(a, b), middle: { x: (a.x + b.x) / 2, y: (a.y + b.y) / 2 } }
  })
  const longest = Math.max(...sides.map(({ length }) => length))
  const long = sides.filter(({ length }) => length >= longest * LONG_ENOUGH ** 2)
  const { i, middle } = long[nearest(long, (side) => apart(side.middle, from))]
  return { ...path, points: [middle, ...points.slice(i + 1), ...points.slice(0, i + 1)] }
}

/** Where a closed cut is begun. */
export type StartAt = 'corner' | 'side'

/** Distance squared from a point to where a path can be entered. */
function reach({ points, closed }: CutPath, from: Point): number {
  if (!closed) return Math.min(apart(points[0], from), apart(points[points.length - 1], from))
  let least = Infinity
  for (const point of points) least = Math.min(least, apart(point, from))
  return least
}

const nearest = <T>(items: T[], distance: (item: T) => number): number => {
  let [best, least] = [0, Infinity]
  for (const [i, item] of items.entries()) {
    const its = distance(item)
    if (its < least) [best, least] = [i, its]
  }
  return best
}

/** Always the nearest next, from where the beam is. */
function chain(paths: CutPath[], from: Point, startAt: StartAt): CutPath[] {
  const enter = startAt === 'side' ? startOnSide : startNear
  const waiting = [...paths]
  const chained: CutPath[] = []
  let at = from
  while (waiting.length > 0) {
    const path = enter(
      waiting.splice(
        nearest(waiting, (each) => reach(each, at)),
        1,
      )[0],
      at,
    )
    chained.push(path)
    at = endOf(path)
  }
  return chained
}

function byPart(paths: CutPath[]): Map<string, CutPath[]> {
  const groups = new Map<string, CutPath[]>()
  for (const path of paths) groups.set(path.part, [...(groups.get(path.part) ?? []), path])
  return groups
}

/** Rows that fill an area stay as they lie: to and fro. */
const areRows = (operation: Operation, paths: CutPath[]): boolean =>
  operation === 'engrave' || (operation === 'pocket' && paths.every(({ points }) => points.length === 2))

const endOf = ({ points, closed }: CutPath): Point => (closed ? points[0] : points[points.length - 1])

/**
 * Paths in cutting order: stage after stage, within each always the nearest part next, and all of a part's
 * paths together.
 * @param start where the beam waits, mm on the sheet
 * @param ownWays names of ways of their own, in the order in which they are cut
 */
export function orderPaths(
  paths: CutPath[],
  start: Point = { x: 0, y: 0 },
  startAt: StartAt = 'corner',
  ownWays: string[] = [],
): CutPath[] {
  const ordered: CutPath[] = []
  let at = start
  for (const { operation, paths: own } of stagesOf(paths, ownWays)) {
    const waiting = [...byPart(own).values()]
    while (waiting.length > 0) {
      const next = nearest(waiting, (group) =>
        group.reduce((least, path) => Math.min(least, reach(path, at)), Infinity),
      )
      const [group] = waiting.splice(next, 1)
      const chained = areRows(operation, group) ? group : chain(group, at, startAt)
      ordered.push(...chained)
      at = endOf(chained[chained.length - 1])
    }
  }
  return ordered
}

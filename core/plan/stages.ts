import { bounds, isWithin, type Bounds } from '../geometry'
import { cutsThrough, OPERATIONS, type Operation } from '../machine'
import type { CutPath } from './path'

const holds = (outer: Bounds, inner: Bounds): boolean =>
  outer.minX < inner.minX && outer.minY < inner.minY && outer.maxX > inner.maxX && outer.maxY > inner.maxY

/** In how many openings of other parts each part lies; those that lie in none are left out. */
function openingsRound(paths: CutPath[]): Map<string, number> {
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

/** Paths that are cut by one setting, before those of the next stage. */
export interface Stage {
  operation: Operation
  /** The way of its own that they are cut by. */
  own: string | undefined
  paths: CutPath[]
}

/** Whether any part lies in an opening of another one. */
export const liesNested = (paths: CutPath[]): boolean => openingsRound(paths).size > 0

/**
 * The stages of a cut, in the order in which they have to come: what is burnt into faces, then inside cuts,
 * outlines last; what has a way of its own after the rest of its operation. What lies in an opening is cut
 * whole before that opening: afterwards nothing would hold it.
 * @param order names of ways of their own, in the maker's order
 */
export function stagesOf(paths: CutPath[], order: string[] = []): Stage[] {
  const ways = [undefined, ...new Set([...order, ...paths.flatMap(({ own }) => own ?? [])])]
  const stagesIn = (some: CutPath[], operations: readonly Operation[]): Stage[] =>
    operations.flatMap((operation) =>
      ways.map((own) => ({
        operation,
        own,
        paths: some.filter((path) => path.operation === operation && path.own === own),
      })),
    )
  const round = openingsRound(paths)
  const depthOf = ({ part }: CutPath): number => round.get(part) ?? 0
  const deepest = Math.max(0, ...round.values())
  const levels = Array.from({ length: deepest + 1 }, (_, i) =>
    paths.filter((path) => depthOf(path) === deepest - i),
  )
  const stages = [
    ...stagesIn(
      paths,
      OPERATIONS.filter((operation) => !cutsThrough(operation)),
    ),
    ...levels.flatMap((level) => stagesIn(level, OPERATIONS.filter(cutsThrough))),
  ]
  return stages.filter((stage) => stage.paths.length > 0)
}

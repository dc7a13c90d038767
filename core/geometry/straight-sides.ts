import type { Point } from './types'

/** Lines this close are the same line, mm. */
const SAME = 0.02

/** A straight side of a ring. */
export interface Side {
  from: Point
  to: Point
  /** Where in the ring it begins and ends, by number; the end may lie beyond the last point. */
  first: number
  last: number
}

const apart = (a: Point, b: Point): number => Math.hypot(a.x - b.x, a.y - b.y)

/** How far a point lies beside a line, mm; on the left it counts as positive. */
function beside({ from, to }: Pick<Side, 'from' | 'to'>, { x, y }: Point): number {
  return ((to.x - from.x) * (y - from.y) - (to.y - from.y) * (x - from.x)) / apart(from, to)
}

/** Straight sides of a ring, corners within them left out. */
export function straightSides(points: Point[]): Side[] {
  const count = points.length
  const at = (i: number): Point => points[((i % count) + count) % count]
  const isCorner = (i: number): boolean => {
    const [a, b] = [at(i - 1), at(i + 1)]
    return apart(a, b) < 1e-9 || Math.abs(beside({ from: a, to: b }, at(i))) > 1e-6
  }
  const corners = points.flatMap((_, i) => (isCorner(i) ? [i] : []))
  return corners.map((first, i) => {
    const last = i + 1 < corners.length ? corners[i + 1] : corners[0] + count
    return { from: at(first), to: at(last), first, last }
  })
}

type Ends = Pick<Side, 'from' | 'to'>

/** Where a side begins and ends along another that runs the other way; null where it is not on its line. */
function alongOn(side: Ends, on: Ends): { from: number; to: number; length: number } | null {
  const length = apart(on.from, on.to)
  const along = ({ x, y }: Point): number =>
    ((x - on.from.x) * (on.to.x - on.from.x) + (y - on.from.y) * (on.to.y - on.from.y)) / length
  const [from, to] = [along(side.from), along(side.to)]
  const isOn = to < from && [side.from, side.to].every((end) => Math.abs(beside(on, end)) < SAME)
  return isOn ? { from, to, length } : null
}

/** Whether a side lies on another one that runs the other way, from end to end. */
export function liesOn(side: Ends, on: Ends): boolean {
  const there = alongOn(side, on)
  return there !== null && there.to > -SAME && there.from < there.length + SAME
}

/** How much of a side lies on another one that runs the other way, mm. */
export function lengthOn(side: Ends, on: Ends): number {
  const there = alongOn(side, on)
  return there ? Math.max(0, Math.min(there.from, there.length) - Math.max(there.to, 0)) : 0
}

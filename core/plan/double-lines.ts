import Flatbush from 'flatbush'
import type { Point } from '../geometry'
import { cutsThrough } from '../machine'
import { pathPoints, type CutPath } from './path'

/** Where two cut lines run on top of each other, with the length that is cut twice, mm. */
export interface DoubleLine {
  parts: [string, string]
  at: Point
  length: number
}

/** Lines this close are the same line, and shared stretches this short are crossings, mm. */
const SAME_LINE = 0.02
const SHORTEST = 0.1

interface Segment {
  part: string
  from: Point
  to: Point
  length: number
}

function segmentsOf(paths: CutPath[]): Segment[] {
  return paths
    .filter(({ operation }) => cutsThrough(operation))
    .flatMap((path) => {
      const points = pathPoints(path)
      return points.slice(1).map((to, i): Segment => {
        const from = points[i]
        return { part: path.part, from, to, length: Math.hypot(to.x - from.x, to.y - from.y) }
      })
    })
    .filter(({ length }) => length >= SHORTEST)
}

/** A point along and across a segment, mm from its beginning. */
function seenFrom({ from, to, length }: Segment, { x, y }: Point): { along: number; across: number } {
  const [ux, uy] = [(to.x - from.x) / length, (to.y - from.y) / length]
  const [dx, dy] = [x - from.x, y - from.y]
  return { along: dx * ux + dy * uy, across: dx * uy - dy * ux }
}

/**
 * The stretch that `other` runs on `line`, however little either leans: it is near at both ends of what they
 * share.
 */
function shared(line: Segment, other: Segment): { from: number; to: number } | null {
  const [a, b] = [seenFrom(line, other.from), seenFrom(line, other.to)]
  const [low, high] = a.along <= b.along ? [a, b] : [b, a]
  const from = Math.max(0, low.along)
  const to = Math.min(line.length, high.along)
  if (to - from < SHORTEST) return null
  const slope = (high.across - low.across) / (high.along - low.along)
  const across = (along: number): number => low.across + slope * (along - low.along)
  // Where the two part or meet, only the stretch within reach of each other counts.
  if (Math.abs(slope) < 1e-12) return Math.abs(low.across) <= SAME_LINE ? { from, to } : null
  const ends = [-SAME_LINE, SAME_LINE].map((reach) => low.along + (reach - low.across) / slope)
  const near = { from: Math.max(from, Math.min(...ends)), to: Math.min(to, Math.max(...ends)) }
  const whole = Math.abs(across(from)) <= SAME_LINE && Math.abs(across(to)) <= SAME_LINE
  const crossing = near.to - near.from < SHORTEST || Math.abs(slope) > 0.02
  return whole ? { from, to } : crossing ? null : near
}

/**
 * Every stretch that would be cut twice: it burns and widens. Passes over the same path are not meant, nor
 * scored labels.
 */
export function doubleLines(paths: CutPath[]): DoubleLine[] {
  const segments = segmentsOf(paths)
  if (segments.length === 0) return []
  const index = new Flatbush(segments.length)
  for (const { from, to } of segments) {
    index.add(Math.min(from.x, to.x), Math.min(from.y, to.y), Math.max(from.x, to.x), Math.max(from.y, to.y))
  }
  index.finish()
  return segments.flatMap((line, i) => {
    const [x, y] = [line.from.x, line.from.y]
    const reach = SAME_LINE * 2
    return index
      .search(
        Math.min(x, line.to.x) - reach,
        Math.min(y, line.to.y) - reach,
        Math.max(x, line.to.x) + reach,
        Math.max(y, line.to.y) + reach,
        (j) => j > i,
      )
      .sort((a, b) => a - b)
      .flatMap((j): DoubleLine[] => {
        const both = shared(line, segments[j])
        if (!both) return []
        const share = both.from / line.length
        const at = { x: x + (line.to.x - x) * share, y: y + (line.to.y - y) * share }
        return [{ parts: [line.part, segments[j].part], at, length: both.to - both.from }]
      })
  })
}

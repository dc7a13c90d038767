import type { Point } from '../geometry'
import { visited, type CutPath } from './path'

/** Where two cut lines run on top of each other, with the length that is cut twice, mm. */
export interface DoubleLine {
  parts: [string, string]
  at: Point
  length: number
}

/** Lines this close are the same line, and shared stretches this short are crossings, mm. */
const SAME_LINE = 0.02
const SHORTEST = 0.1

/** Lines are looked at in pieces this long, mm, so that parts in a row are not compared with the whole row. */
const PIECE = 40
/** More places across a line, and more pieces along it, than any sheet has: place, piece and direction make one number. */
const OFFSETS = 4e6
const PIECES = 4e3

interface Stretch {
  part: string
  from: number
  to: number
  direction: Point
  offset: number
}

/** A segment on its infinite line: direction in the upper half plane, distance from the origin, and where on it it lies. */
function onLine(part: string, a: Point, b: Point): Stretch | null {
  const length = Math.hypot(b.x - a.x, b.y - a.y)
  if (length < SHORTEST) return null
  const flip = b.y < a.y - 1e-9 || (Math.abs(b.y - a.y) <= 1e-9 && b.x < a.x) ? -1 : 1
  const direction = { x: (flip * (b.x - a.x)) / length, y: (flip * (b.y - a.y)) / length }
  const along = (p: Point): number => p.x * direction.x + p.y * direction.y
  return {
    part,
    direction,
    offset: a.x * -direction.y + a.y * direction.x,
    from: Math.min(along(a), along(b)),
    to: Math.max(along(a), along(b)),
  }
}

/** Every stretch that would be cut twice: it burns and widens. Passes over the same path are not meant, nor scored labels. */
export function doubleLines(paths: CutPath[]): DoubleLine[] {
  const known = new Map<number, Stretch[]>()
  const found: DoubleLine[] = []
  const compare = (stretch: Stretch, other: Stretch, piece: number): void => {
    const from = Math.max(other.from, stretch.from)
    const shared = Math.min(other.to, stretch.to) - from
    // Two that share several pieces are counted where what they share begins.
    if (
      shared < SHORTEST ||
      Math.floor(from / PIECE) !== piece ||
      Math.abs(other.offset - stretch.offset) > SAME_LINE
    )
      return
    const { direction: d, offset: n } = stretch
    found.push({
      parts: [other.part, stretch.part],
      at: { x: from * d.x - n * d.y, y: from * d.y + n * d.x },
      length: shared,
    })
  }
  for (const path of paths) {
    if (path.operation === 'score') continue
    const points = visited(path)
    for (let j = 1; j < points.length; j++) {
      const stretch = onLine(path.part, points[j - 1], points[j])
      if (!stretch) continue
      const line =
        Math.round(stretch.offset / SAME_LINE) +
        Math.round(Math.atan2(stretch.direction.y, stretch.direction.x) * 1e4) * PIECES * OFFSETS
      for (let piece = Math.floor(stretch.from / PIECE); piece <= Math.floor(stretch.to / PIECE); piece++) {
        const key = line + piece * OFFSETS
        for (let step = -1; step <= 1; step++)
          for (const other of known.get(key + step) ?? []) compare(stretch, other, piece)
        const home = known.get(key)
        if (home) home.push(stretch)
        else known.set(key, [stretch])
      }
    }
  }
  return found
}

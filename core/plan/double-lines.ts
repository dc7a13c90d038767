import type { Point } from '../geometry'
import { visited, type CutPath } from './path'

/** Where two cut lines run on top of each other, with the length that is cut twice, mm. */
export interface DoubleLine { parts: [string, string]; at: Point; length: number }

/** Lines this close are the same line, and shared stretches this short are crossings, mm. */
const SAME_LINE = 0.02
const SHORTEST = 0.1

/** More places across a line than any sheet has, to tell directions apart in one number. */
const OFFSETS = 1e7

interface Stretch { part: string; from: number; to: number; direction: Point; offset: number }

/** A segment on its infinite line: direction in the upper half plane, distance from the origin, and where on it it lies. */
function onLine(part: string, a: Point, b: Point): Stretch | null {
  const length = Math.hypot(b.x - a.x, b.y - a.y)
  if (length < SHORTEST) return null
  const flip = b.y < a.y - 1e-9 || (Math.abs(b.y - a.y) <= 1e-9 && b.x < a.x) ? -1 : 1
  const direction = { x: (flip * (b.x - a.x)) / length, y: (flip * (b.y - a.y)) / length }
  const along = (p: Point): number => p.x * direction.x + p.y * direction.y
  return { part, direction, offset: a.x * -direction.y + a.y * direction.x, from: Math.min(along(a), along(b)), to: Math.max(along(a), along(b)) }
}

/** Every stretch that would be cut twice: it burns and widens. Passes over the same path are not meant, nor scored labels. */
export function doubleLines(paths: CutPath[]): DoubleLine[] {
  const byLine = new Map<number, Stretch[]>()
  const found: DoubleLine[] = []
  for (const path of paths) {
    if (path.operation === 'score') continue
    const points = visited(path)
    for (let j = 1; j < points.length; j++) {
      const stretch = onLine(path.part, points[j - 1], points[j])
      if (!stretch) continue
      const bucket = Math.round(stretch.offset / SAME_LINE) + Math.round(Math.atan2(stretch.direction.y, stretch.direction.x) * 1e4) * OFFSETS
      const key = (step: number): number => bucket + step
      for (const other of [-1, 0, 1].flatMap((step) => byLine.get(key(step)) ?? [])) {
        const from = Math.max(other.from, stretch.from)
        const shared = Math.min(other.to, stretch.to) - from
        if (shared < SHORTEST || Math.abs(other.offset - stretch.offset) > SAME_LINE) continue
        const { direction: d, offset: n } = stretch
        found.push({ parts: [other.part, stretch.part], at: { x: from * d.x - n * d.y, y: from * d.y + n * d.x }, length: shared })
      }
      const home = byLine.get(key(0))
      if (home) home.push(stretch)
      else byLine.set(key(0), [stretch])
    }
  }
  return found
}

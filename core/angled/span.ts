import type { Point } from '../geometry'

/** A straight stretch as seen from above, mm. */
export type Span = [Point, Point]

/** How far a point is from a stretch. */
export function fromStretch(span: Span, { x, y }: Point): number {
  const [a, b] = span
  const along = ((x - a.x) * (b.x - a.x) + (y - a.y) * (b.y - a.y)) / Math.hypot(b.x - a.x, b.y - a.y) ** 2
  const share = Math.min(1, Math.max(0, along))
  return Math.hypot(x - a.x - share * (b.x - a.x), y - a.y - share * (b.y - a.y))
}

/** Where the middles of two dividers cross, if they do. */
export function crossingOf([a, b]: Span, [c, d]: Span): Point | null {
  const across = (b.x - a.x) * (d.y - c.y) - (b.y - a.y) * (d.x - c.x)
  if (Math.abs(across) < 1e-6) return null
  const s = ((c.x - a.x) * (d.y - c.y) - (c.y - a.y) * (d.x - c.x)) / across
  const r = ((c.x - a.x) * (b.y - a.y) - (c.y - a.y) * (b.x - a.x)) / across
  const isIn = (share: number): boolean => share > 0.01 && share < 0.99
  return isIn(s) && isIn(r) ? { x: a.x + s * (b.x - a.x), y: a.y + s * (b.y - a.y) } : null
}

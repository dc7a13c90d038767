import type { Bounds } from '../geometry'
import { overlaps } from './bottom-left'

/** Ways of choosing among the free rectangles a part fits into; lower is better. */
export const PREFERENCES = {
  'short side left over': (free: Bounds, w: number, h: number): number[] => {
    const [dx, dy] = [free.maxX - free.minX - w, free.maxY - free.minY - h]
    return [Math.min(dx, dy), Math.max(dx, dy)]
  },
  'area left over': (free: Bounds, w: number, h: number): number[] => [
    (free.maxX - free.minX) * (free.maxY - free.minY) - w * h,
    free.minY,
  ],
  'lowest then leftmost': (free: Bounds, _w: number, h: number): number[] => [free.minY + h, free.minX],
} as const
export type Preference = keyof typeof PREFERENCES

/** A thousandth of a micrometre: what rounding may take off a part that just fits. */
const SLACK = 1e-6

const contains = (outer: Bounds, inner: Bounds): boolean =>
  outer.minX <= inner.minX && outer.minY <= inner.minY && outer.maxX >= inner.maxX && outer.maxY >= inner.maxY

/**
 * What is still free on a sheet, as the largest rectangles that hold nothing; they may overlap each other.
 */
export class MaximalRectangles {
  private rectangles: Bounds[]

  constructor(width: number, height: number) {
    this.rectangles = [{ minX: 0, minY: 0, maxX: width, maxY: height }]
  }

  copy(): MaximalRectangles {
    const copy = new MaximalRectangles(0, 0)
    copy.rectangles = this.rectangles // replaced whenever something is taken, never changed
    return copy
  }

  /** The best lower left corner for a part of this size, with its score; null when it fits nowhere. */
  find(
    width: number,
    height: number,
    preference: Preference,
  ): { x: number; y: number; score: number[] } | null {
    let best: { x: number; y: number; score: number[] } | null = null
    for (const free of this.rectangles) {
      if (free.maxX - free.minX < width - SLACK || free.maxY - free.minY < height - SLACK) continue
      const score = PREFERENCES[preference](free, width, height)
      if (!best || score[0] < best.score[0] || (score[0] === best.score[0] && score[1] < best.score[1]))
        best = { x: free.minX, y: free.minY, score }
    }
    return best
  }

  /** The largest that is free, both sides at least so long; null when there is none. */
  largest(side: number): Bounds | null {
    const size = ({ minX, minY, maxX, maxY }: Bounds): number => (maxX - minX) * (maxY - minY)
    const wide = this.rectangles.filter(
      ({ minX, minY, maxX, maxY }) => Math.min(maxX - minX, maxY - minY) >= side,
    )
    return wide.reduce<Bounds | null>((most, each) => (!most || size(each) > size(most) ? each : most), null)
  }

  /** Takes a rectangle out of what is free. */
  take(used: Bounds): void {
    const next: Bounds[] = []
    const cut: Bounds[] = []
    for (const free of this.rectangles) {
      if (!overlaps(free, used)) {
        next.push(free)
        continue
      }
      if (used.minX > free.minX) cut.push({ ...free, maxX: used.minX })
      if (used.maxX < free.maxX) cut.push({ ...free, minX: used.maxX })
      if (used.minY > free.minY) cut.push({ ...free, maxY: used.minY })
      if (used.maxY < free.maxY) cut.push({ ...free, minY: used.maxY })
    }
    const kept = cut.filter(
      (piece, i) =>
        !next.some((free) => contains(free, piece)) &&
        !cut.some((other, j) => j !== i && contains(other, piece) && !(j > i && contains(piece, other))),
    )
    this.rectangles = [...next, ...kept]
  }
}

import type { Bounds, Point, Region, Ring } from './types'

/** Signed area of a ring in mm²; positive when it runs counter-clockwise. */
export function signedArea(ring: Ring): number {
  let twice = 0
  for (let i = 0, j = ring.length - 1; i < ring.length; j = i++)
    twice += ring[j].x * ring[i].y - ring[i].x * ring[j].y
  return twice / 2
}

/** Area of a region in mm², holes taken off. */
export const area = (region: Region): number =>
  Math.abs(signedArea(region.outline)) -
  region.holes.reduce((sum, hole) => sum + Math.abs(signedArea(hole)), 0)

/** Length of a line through the points in mm; of the closed ring when `closed`. */
export function lengthOf(points: Point[], closed: boolean): number {
  let length = 0
  for (let i = 1; i < points.length; i++)
    length += Math.hypot(points[i].x - points[i - 1].x, points[i].y - points[i - 1].y)
  const [first, last] = [points[0], points[points.length - 1]]
  return closed && points.length > 1 ? length + Math.hypot(first.x - last.x, first.y - last.y) : length
}

/** Smallest axis-aligned box around the points. Throws on none. */
export function bounds(points: Point[]): Bounds {
  if (points.length === 0) throw new Error('bounds: there are no points')
  const box = { minX: Infinity, minY: Infinity, maxX: -Infinity, maxY: -Infinity }
  for (const { x, y } of points) {
    if (x < box.minX) box.minX = x
    if (y < box.minY) box.minY = y
    if (x > box.maxX) box.maxX = x
    if (y > box.maxY) box.maxY = y
  }
  return box
}

/** Width and height of a region's outline in mm. */
export function sizeOf(region: Region): { width: number; height: number } {
  const box = bounds(region.outline)
  return { width: box.maxX - box.minX, height: box.maxY - box.minY }
}

/** The same ring run counter-clockwise, as outlines are. */
export const asOutline = (ring: Ring): Ring => (signedArea(ring) < 0 ? [...ring].reverse() : ring)

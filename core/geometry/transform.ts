import { signedArea } from './measure'
import type { Point, Region, Ring, Turn } from './types'

/** Quarter turns, without rounding. */
const QUARTERS: Partial<Record<Turn, (point: Point) => Point>> = {
  0: ({ x, y }) => ({ x, y }),
  90: ({ x, y }) => ({ x: -y, y: x }),
  180: ({ x, y }) => ({ x: -x, y: -y }),
  270: ({ x, y }) => ({ x: y, y: -x }),
}

/** Points turned about (0, 0). */
export function turnPoints(points: Point[], turn: Turn): Point[] {
  const quarter = QUARTERS[turn]
  if (quarter) return points.map(quarter)
  const [c, s] = [Math.cos((turn * Math.PI) / 180), Math.sin((turn * Math.PI) / 180)]
  return points.map(({ x, y }) => ({ x: c * x - s * y, y: s * x + c * y }))
}

export const shiftPoints = (points: Point[], dx: number, dy: number): Point[] =>
  points.map(({ x, y }) => ({ x: x + dx, y: y + dy }))

const mapRegion = (region: Region, change: (ring: Ring) => Ring): Region => ({
  outline: change(region.outline),
  holes: region.holes.map(change),
})

/** A region with every point moved; mirrored by that, it still runs counter-clockwise. */
export function moveRegion(region: Region, move: (point: Point) => Point): Region {
  const there = mapRegion(region, (ring) => ring.map(move))
  return signedArea(there.outline) < 0 ? mapRegion(there, (ring) => [...ring].reverse()) : there
}

export const turnRegion = (region: Region, turn: Turn): Region =>
  mapRegion(region, (ring) => turnPoints(ring, turn))

export const shiftRegion = (region: Region, dx: number, dy: number): Region =>
  mapRegion(region, (ring) => shiftPoints(ring, dx, dy))

/** A region seen from behind: x runs the other way. */
export const mirrorRegion = (region: Region): Region =>
  mapRegion(region, (ring) => ring.map(({ x, y }) => ({ x: -x, y })).reverse())

/** A rectangle as a counter-clockwise ring. */
export const rectangle = (minX: number, minY: number, maxX: number, maxY: number): Ring => [
  { x: minX, y: minY },
  { x: maxX, y: minY },
  { x: maxX, y: maxY },
  { x: minX, y: maxY },
]

/** A 4×4 matrix, row after row; multiplies a column (x, y, z, 1). */
export type Matrix4 = number[]

/** Where a matrix takes a point in space. */
export const transformPoint = (m: Matrix4, [x, y, z]: [number, number, number]): [number, number, number] => [
  m[0] * x + m[1] * y + m[2] * z + m[3],
  m[4] * x + m[5] * y + m[6] * z + m[7],
  m[8] * x + m[9] * y + m[10] * z + m[11],
]

/** One transformation after another: first `b`, then `a`. */
export const multiply = (a: Matrix4, b: Matrix4): Matrix4 =>
  Array.from({ length: 16 }, (_, i) => {
    const [row, column] = [Math.floor(i / 4), i % 4]
    return [0, 1, 2, 3].reduce((sum, k) => sum + a[4 * row + k] * b[4 * k + column], 0)
  })

/** What takes a rigid transformation back. */
export function rigidInverse(m: Matrix4): Matrix4 {
  const back = (row: number): number => -(m[row] * m[3] + m[4 + row] * m[7] + m[8 + row] * m[11])
  return [0, 1, 2].flatMap((row) => [m[row], m[4 + row], m[8 + row], back(row)]).concat([0, 0, 0, 1])
}

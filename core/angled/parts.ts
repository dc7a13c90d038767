import type { Part } from '../assembly'
import { cross, dot, type Vector } from '../geometry'
import type { Plane } from './planes'

export const less = (a: Vector, b: Vector): Vector => [a[0] - b[0], a[1] - b[1], a[2] - b[2]]

/** A part whose own (0, 0) lies under a point of its outside face. */
export function partOf(
  id: string,
  plane: Plane,
  thickest: number,
  [u, v]: [Vector, Vector],
  at: Vector,
): Part {
  const { normal: n, thickness } = plane
  const origin = less(at, [n[0] * thickness, n[1] * thickness, n[2] * thickness])
  const rows = [0, 1, 2].flatMap((i) => [u[i], v[i], n[i], origin[i]])
  const blank = { minX: 0, minY: 0, maxX: 0, maxY: 0 }
  return {
    id,
    label: id.replace('-', ' '),
    thickness,
    thickest,
    frame: [...rows, 0, 0, 0, 1],
    blank,
    features: [],
  }
}

/** Floor or top: its own x runs as near to the box's as it can, and its outline begins at its own (0, 0). */
export function flatPart(id: string, plane: Plane, thickest: number, corners: Vector[]): Part {
  const { normal } = plane
  const across = cross([0, 1, 0], [normal[0], normal[1], Math.abs(normal[2])])
  const length = Math.hypot(...across)
  const u: Vector = [across[0] / length, across[1] / length, across[2] / length]
  const v = cross(normal, u)
  const least = (way: Vector): number => Math.min(...corners.map((corner) => dot(way, corner)))
  const from = [u, v].map((way) => least(way) - dot(way, corners[0]))
  const at = [0, 1, 2].map((i) => corners[0][i] + from[0] * u[i] + from[1] * v[i]) as Vector
  return partOf(id, plane, thickest, [u, v], at)
}

/** A way along a face, across the height: what is up on it. */
export function upOn({ normal: n }: Plane): Vector {
  const length = Math.hypot(n[0], n[1])
  return [(-n[2] * n[0]) / length, (-n[2] * n[1]) / length, length]
}

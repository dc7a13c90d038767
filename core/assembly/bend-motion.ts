import { flatLength } from '../bend'
import {
  cross,
  dot,
  multiply,
  rectangle,
  rigidInverse,
  type Matrix4,
  type Region,
  type Vector,
} from '../geometry'
import type { Panel } from './resolve'

const QUARTER = Math.PI / 2
/** Flat pieces that a bend is drawn in. */
const FACETS = 8
const TINY = 1e-6

const column = (m: Matrix4, i: number): Vector => [m[i], m[4 + i], m[8 + i]]
const add = (a: Vector, b: Vector, by: number): Vector => [
  a[0] + b[0] * by,
  a[1] + b[1] * by,
  a[2] + b[2] * by,
]

/** A frame from the ways that its own axes run, and its origin. */
const matrixOf = (x: Vector, y: Vector, z: Vector, at: Vector): Matrix4 => [
  ...[0, 1, 2].flatMap((row) => [x[row], y[row], z[row], at[row]]),
  ...[0, 0, 0, 1],
]

/** Where a bend begins: at mid-thickness, with the way on, the way along it and the way out of the sheet. */
interface Start {
  at: Vector
  on: Vector
  side: Vector
  out: Vector
  /** From where to where it reaches along it. */
  low: number
  high: number
  thickness: number
}

/** @param from the panel before the bend @param to the one that it leads to */
function startOf(from: Panel, to: Panel): Start {
  const out = column(from.frame, 2)
  const on = column(to.frame, 2)
  const side = cross(out, on)
  const { minX, maxX, minY, maxY } = from.blank
  const [x, y, z, at] = [0, 1, 2, 3].map((i) => column(from.frame, i))
  const corners = [minX, maxX].flatMap((u) =>
    [minY, maxY].map((v) => add(add(add(at, x, u), y, v), z, from.thickness / 2)),
  )
  const far = Math.max(...corners.map((corner) => dot(corner, on)))
  const [low, high] = [
    Math.min(...corners.map((corner) => dot(corner, side))),
    Math.max(...corners.map((corner) => dot(corner, side))),
  ]
  const depth = dot(corners[0], out)
  const origin: Vector = [0, 0, 0]
  const begin = add(add(origin, on, far), out, depth)
  return { at: begin, on, side, out, low, high, thickness: from.thickness }
}

/**
 * The end of a bend, or a place in it.
 * @param angle that it turns by, radians
 * @param flat length of the arc so far, mm
 */
function along({ at, on, side, out }: Start, angle: number, flat: number): Matrix4 {
  const [sin, cos] = [Math.sin(angle), Math.cos(angle)]
  const [far, down] = angle < TINY ? [flat, 0] : [(sin * flat) / angle, ((1 - cos) * flat) / angle]
  const place = add(add(at, on, far), out, -down)
  const way = add([on[0] * cos, on[1] * cos, on[2] * cos], out, -sin)
  const up = add([out[0] * cos, out[1] * cos, out[2] * cos], on, sin)
  return matrixOf(way, side, up, place)
}

/** Where what lies beyond a bend goes when it opens. @param share of the quarter turn that is opened */
export function openedBy(from: Panel, to: Panel, radius: number, share: number): Matrix4 {
  const start = startOf(from, to)
  const flat = flatLength(QUARTER, radius, start.thickness)
  return multiply(along(start, QUARTER * (1 - share), flat), rigidInverse(along(start, QUARTER, flat)))
}

/** The bend itself as flat pieces, so that it can be drawn like any panel. */
export function facetsOf(from: Panel, to: Panel, radius: number, share: number, id: string): Panel[] {
  const start = startOf(from, to)
  const { low, high, thickness } = start
  const flat = flatLength(QUARTER, radius, thickness)
  const angle = QUARTER * (1 - share)
  return Array.from({ length: FACETS }, (_, i): Panel => {
    const [first, last] = [i / FACETS, (i + 1) / FACETS].map((part) =>
      along(start, angle * part, flat * part),
    )
    const [a, b] = [column(first, 3), column(last, 3)]
    const way = add(b, a, -1)
    const wide = Math.hypot(...way)
    const on: Vector = [way[0] / wide, way[1] / wide, way[2] / wide]
    const out = cross(on, start.side)
    const region: Region = { outline: rectangle(0, low, wide, high), holes: [] }
    return {
      id: `${id}-${i}`,
      label: 'bend',
      thickness,
      thickest: thickness,
      frame: matrixOf(on, start.side, out, add(a, out, -thickness / 2)),
      blank: { minX: 0, minY: low, maxX: wide, maxY: high },
      features: [],
      region,
      drawn: region,
      size: { width: wide, height: high - low },
      painted: null,
    }
  })
}

import {
  multiply,
  rectangle,
  rigidInverse,
  sharedArea,
  type Matrix4,
  type Region,
  type Ring,
} from '../geometry'
import { onOnePlane, projected } from './plane'
import type { Panel } from './resolve'
import { Solid } from './solid'
import { thirdAxis, type Axis, type BendGroup } from './types'

type Vector = [number, number, number]

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
const dot = (a: Vector, b: Vector): number => a[0] * b[0] + a[1] * b[1] + a[2] * b[2]
const cross = ([a, b, c]: Vector, [d, e, f]: Vector): Vector => [b * f - c * e, c * d - a * f, a * e - b * d]

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

/** The end of a bend, or a place in it. @param angle radians it turns by; @param flat length of the arc so far */
function along({ at, on, side, out }: Start, angle: number, flat: number): Matrix4 {
  const [sin, cos] = [Math.sin(angle), Math.cos(angle)]
  const [far, down] = angle < TINY ? [flat, 0] : [(sin * flat) / angle, ((1 - cos) * flat) / angle]
  const place = add(add(at, on, far), out, -down)
  const way = add([on[0] * cos, on[1] * cos, on[2] * cos], out, -sin)
  const up = add([out[0] * cos, out[1] * cos, out[2] * cos], on, sin)
  return matrixOf(way, side, up, place)
}

/** A quarter turn's developed length at mid-thickness, mm. [DEF] */
const flatOf = (radius: number, thickness: number): number => QUARTER * (radius + thickness / 2)

/** Where what lies beyond a bend goes when it opens. @param share of the quarter turn that is opened */
export function openedBy(from: Panel, to: Panel, radius: number, share: number): Matrix4 {
  const start = startOf(from, to)
  const flat = flatOf(radius, start.thickness)
  return multiply(along(start, QUARTER * (1 - share), flat), rigidInverse(along(start, QUARTER, flat)))
}

/** The bend itself as flat pieces, so that it can be drawn like any panel. */
export function facetsOf(from: Panel, to: Panel, radius: number, share: number, id: string): Panel[] {
  const start = startOf(from, to)
  const { low, high, thickness } = start
  const flat = flatOf(radius, thickness)
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

/** Shares of its way at which a flap is looked at. */
const PLACES = [0.002, 0.02, 0.1, 0.25, 0.5, 0.75, 1]
/** Less than this is a touch, mm². */
const TOUCH = 0.02

/** What a panel is across an axis that it lies along, or its own shape. */
function profile(panel: Panel, axis: Axis): Region {
  const solid = new Solid(panel)
  if (solid.normal === axis) return onOnePlane(panel, axis)
  const { min, max } = solid.block
  const corners = [min.x, max.x].flatMap((x) =>
    [min.y, max.y].flatMap((y) => [min.z, max.z].map((z) => projected([x, y, z], axis))),
  )
  const [us, vs] = [corners.map(({ x }) => x), corners.map(({ y }) => y)]
  return {
    outline: rectangle(Math.min(...us), Math.min(...vs), Math.max(...us), Math.max(...vs)),
    holes: [],
  }
}

/** Which panel a flap strikes when it opens; null when it opens. */
export function flapStrikes(group: BendGroup, panels: Panel[]): [string, string] | null {
  const byId = new Map(panels.map((panel) => [panel.id, panel]))
  const [from, to] = [byId.get(group.from)!, byId.get(group.to)!]
  const axis = thirdAxis(new Solid(from).normal, new Solid(to).normal)
  const still = panels.filter(({ id }) => !group.parts.includes(id))
  const profiles = still.map((panel) => ({ id: panel.id, region: profile(panel, axis) }))
  for (const share of PLACES) {
    const map = openedBy(from, to, group.radius, share)
    for (const id of group.parts) {
      const panel = byId.get(id)!
      const moved = movedProfile(panel, map, axis)
      const struck = profiles.find(({ region }) => sharedArea(moved, region) > TOUCH)
      if (struck) return [id, struck.id]
    }
  }
  return null
}

/** The rectangle that a panel is across an axis, taken along. */
function movedProfile(panel: Panel, map: Matrix4, axis: Axis): Region {
  const { min, max } = new Solid(panel).block
  const mean = (min[axis] + max[axis]) / 2
  const [u, v] = (['x', 'y', 'z'] as const).filter((each) => each !== axis)
  const corners = [
    [min[u], min[v]],
    [max[u], min[v]],
    [max[u], max[v]],
    [min[u], max[v]],
  ].map(([p, q]): Vector => {
    const at = { [axis]: mean, [u]: p, [v]: q } as Record<Axis, number>
    return [at.x, at.y, at.z]
  })
  const ring: Ring = corners.map(([x, y, z]) =>
    projected(
      [
        map[0] * x + map[1] * y + map[2] * z + map[3],
        map[4] * x + map[5] * y + map[6] * z + map[7],
        map[8] * x + map[9] * y + map[10] * z + map[11],
      ],
      axis,
    ),
  )
  return { outline: ring, holes: [] }
}

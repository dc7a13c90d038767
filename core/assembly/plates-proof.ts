import {
  area,
  cross,
  dot,
  intersection,
  ringsOf,
  sharedArea,
  signedArea,
  transformPoint,
  type Point,
  type Region,
  type Ring,
  type Vector,
} from '../geometry'
import { axesOf, onPlane, sideAt, stretchOn } from './plates'
import type { Fault } from './fault'
import type { Panel } from './resolve'
import type { Assembly, Joint } from './types'

/** Rounding of outlines, mm: what is less deep in each other only touches. */
const TOUCH = 1e-3
/** Where between two changes of the outlines it is looked, as shares. */
const LOOKED = [0.001, 0.25, 0.5, 0.75, 0.999]

const scaled = ([x, y, z]: Vector, by: number): Vector => [x * by, y * by, z * by]
const plus = (a: Vector, b: Vector): Vector => [a[0] + b[0], a[1] + b[1], a[2] + b[2]]

/** A piece of a panel's outline: along the line of meeting, and across it on its own plane, mm. */
interface Edge {
  s1: number
  w1: number
  s2: number
  w2: number
}

/** A panel as it is seen along a line on its plane. */
interface Seen {
  edges: Edge[]
  /** A point of the plane across that line at 0, on its inside face, and the way across. */
  base: Vector
  across: Vector
}

/** A panel as another one is held against it. */
export class Plate {
  readonly axes: [Vector, Vector, Vector]
  readonly origin: Vector
  readonly corners: Vector[]

  constructor(readonly panel: Panel) {
    this.axes = axesOf(panel)
    const { frame: m } = panel
    this.origin = [m[3], m[7], m[11]]
    this.corners = panel.region.outline.map(({ x, y }) => transformPoint(panel.frame, [x, y, 0]))
  }

  /** From where to where it reaches along a way, mm. */
  reach(way: Vector): [number, number] {
    const thick = dot(way, this.axes[2]) * this.panel.thickness
    const places = this.corners.map((corner) => dot(way, corner))
    return [Math.min(...places) + Math.min(0, thick), Math.max(...places) + Math.max(0, thick)]
  }

  seen(way: Vector): Seen {
    const [u, v] = this.axes
    const own: Point = { x: dot(way, u), y: dot(way, v) }
    const start = dot(way, this.origin)
    const edges = ringsOf(this.panel.region).flatMap((ring) => {
      const points = ring.map(({ x, y }) => [x * own.x + y * own.y + start, y * own.x - x * own.y])
      return points.map(([s1, w1], i): Edge => {
        const [s2, w2] = points[(i + 1) % points.length]
        return { s1, w1, s2, w2 }
      })
    })
    const across = plus(scaled(u, -own.y), scaled(v, own.x))
    return { edges, across, base: plus(this.origin, scaled(way, -start)) }
  }

  /** What it has across the line at a place, as rectangles. */
  slice({ edges, base, across }: Seen, way: Vector, at: number): Rectangle[] {
    const crossings: number[] = []
    for (const { s1, w1, s2, w2 } of edges)
      if (s1 < at !== s2 < at) crossings.push(w1 + ((at - s1) / (s2 - s1)) * (w2 - w1))
    crossings.sort((a, b) => a - b)
    const half = this.panel.thickness / 2
    const start = plus(plus(base, scaled(way, at)), scaled(this.axes[2], half))
    return Array.from({ length: crossings.length >> 1 }, (_, i) => {
      const [low, high] = [crossings[2 * i], crossings[2 * i + 1]]
      const middle = plus(start, scaled(across, (low + high) / 2))
      return { middle, ways: [across, this.axes[2]], halves: [(high - low) / 2, half] }
    })
  }

  /** Where what it has within the faces of another plate changes, along the line of both. */
  breaks({ edges, base, across }: Seen, other: Plate): number[] {
    const n = other.axes[2]
    const [start, slope] = [dot(n, base) - dot(n, other.origin), dot(n, across)]
    const thick = dot(n, this.axes[2]) * this.panel.thickness
    const low = -TOUCH - Math.max(0, thick)
    const high = other.panel.thickness + TOUCH - Math.min(0, thick)
    return edges.flatMap(({ s1, w1, s2, w2 }) => {
      const [d1, d2] = [start + slope * w1, start + slope * w2]
      if (Math.max(d1, d2) < low || Math.min(d1, d2) > high) return []
      const cut = (d: number): number => (d1 === d2 ? 0 : Math.min(1, Math.max(0, (d - d1) / (d2 - d1))))
      return [0, 1, cut(low), cut(high)].map((share) => s1 + share * (s2 - s1))
    })
  }
}

interface Rectangle {
  middle: Vector
  ways: [Vector, Vector]
  halves: [number, number]
}

/** How deep two rectangles of one plane are in each other, mm; less than nothing when they are apart. */
function depthOf(a: Rectangle, b: Rectangle): number {
  const between: Vector = plus(b.middle, scaled(a.middle, -1))
  const half = ({ ways, halves }: Rectangle, way: Vector): number =>
    halves[0] * Math.abs(dot(ways[0], way)) + halves[1] * Math.abs(dot(ways[1], way))
  return Math.min(
    ...[...a.ways, ...b.ways].map((way) => half(a, way) + half(b, way) - Math.abs(dot(between, way))),
  )
}

/** The middle of a place that two plates share; null where they only touch, or not even that. */
export function sharedPlace(a: Plate, b: Plate): Vector | null {
  const [na, nb] = [a.axes[2], b.axes[2]]
  const line = cross(na, nb)
  const length = Math.hypot(...line)
  if (length < 1e-6) return sharedOnOnePlane(a, b)
  const isApart = [na, nb].some((way) => {
    const [[low, high], [from, to]] = [a.reach(way), b.reach(way)]
    return high < from + TOUCH || to < low + TOUCH
  })
  if (isApart) return null
  const way = scaled(line, 1 / length)
  const [[low, high], [from, to]] = [a.reach(way), b.reach(way)]
  const [start, end] = [Math.max(low, from), Math.min(high, to)]
  const [ofA, ofB] = [a.seen(way), b.seen(way)]
  const breaks = [start, end, ...a.breaks(ofA, b), ...b.breaks(ofB, a)]
    .filter((at) => at >= start && at <= end)
    .sort((p, q) => p - q)
  for (let i = 1; i < breaks.length; i++) {
    const width = breaks[i] - breaks[i - 1]
    if (width < TOUCH) continue
    for (const share of LOOKED) {
      const at = breaks[i - 1] + share * width
      const others = b.slice(ofB, way, at)
      for (const own of a.slice(ofA, way, at))
        for (const other of others) if (depthOf(own, other) > TOUCH) return own.middle
    }
  }
  return null
}

function sharedOnOnePlane(a: Plate, b: Plate): Vector | null {
  const way = a.axes[2]
  const [[low, high], [from, to]] = [a.reach(way), b.reach(way)]
  if (Math.min(high, to) - Math.max(low, from) < TOUCH) return null
  const flat = (ring: Ring): Ring => {
    const moved = ring.map(({ x, y }) => onPlane(a.panel, transformPoint(b.panel.frame, [x, y, 0])))
    return moved
  }
  const outline = flat(b.panel.region.outline)
  const isTurned = signedArea(outline) < 0
  const put = (ring: Ring): Ring => (isTurned ? [...flat(ring)].reverse() : flat(ring))
  const other: Region = { outline: put(b.panel.region.outline), holes: b.panel.region.holes.map(put) }
  return sharedArea(a.panel.region, other) > TOUCH ? a.corners[0] : null
}

const sizeOfAt = ([x, y, z]: Vector): Fault['at'] => ({ x, y, z })

/** Claims that their owner does not fill, as far as no third part reaches. */
function missingAt(joint: Joint, panels: Map<string, Panel>): Fault[] {
  const [low, high] = joint.line!.clear
  return joint.claims.flatMap(({ owner, from, to }): Fault[] => {
    if (owner === null) return []
    const panel = panels.get(joint.parts[owner])!
    const side = sideAt(panel, joint.id)!
    const stretch: [number, number] = [Math.max(from, low) + TOUCH, Math.min(to, high) - TOUCH]
    if (stretch[1] <= stretch[0]) return []
    const wanted = stretchOn(side, stretch, [side.end + TOUCH, side.shoulder])
    const open = panel.features.filter(({ depth }) => depth === null)
    const region = { outline: wanted, holes: [] }
    const taken = open.reduce((sum, { shape }) => sum + sharedArea(region, { outline: shape, holes: [] }), 0)
    const has = intersection(panel.region, wanted).reduce((sum, piece) => sum + area(piece), 0)
    const whole = area(region)
    if (has + taken > whole - TOUCH * Math.max(1, whole)) return []
    const { x, y } = wanted[0]
    return [{ kind: 'missing', panels: [panel.id], at: sizeOfAt(transformPoint(panel.frame, [x, y, 0])) }]
  })
}

/**
 * What is wrong with plates at any angle: two in one place, or a claim that its owner does not fill. Looked
 * at across the line of each two, from outline to outline.
 */
export function platesFaults({ joints }: Pick<Assembly, 'joints'>, panels: Panel[]): Fault[] {
  const plates = panels.map((panel) => new Plate(panel))
  const byId = new Map(panels.map((panel) => [panel.id, panel]))
  const overlaps = plates.flatMap((a, i) =>
    plates.slice(i + 1).flatMap((b): Fault[] => {
      const at = sharedPlace(a, b)
      return at ? [{ kind: 'overlap', panels: [a.panel.id, b.panel.id], at: sizeOfAt(at) }] : []
    }),
  )
  return [...overlaps, ...joints.flatMap((joint) => missingAt(joint, byId))]
}

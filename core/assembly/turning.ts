import {
  rectangle,
  sharedArea,
  transformPoint,
  type Matrix4,
  type Point,
  type Region,
  type Vector,
} from '../geometry'
import { openedBy } from './bend-motion'
import { projected } from './plane'
import type { Panel } from './resolve'
import { Solid } from './solid'
import { inBox, ownAxis, slabOf } from './place'
import { thirdAxis, type Axis, type BendGroup, type Block, type HingeGroup } from './types'

/** Shares of its way at which a lid is looked at. */
const PLACES = [0.002, 0.02, 0.1, 0.25, 0.5, 0.75, 1]
/** Less than this is a touch, mm², and mm along the axis. */
const TOUCH = 0.02
const BESIDE = 1e-3

const DEGREE = Math.PI / 180

/** Where a lid on pins goes when it opens. @param share of its way */
export function turnedBy({ at, range }: HingeGroup, share: number): Matrix4 {
  const angle = -range * share * DEGREE
  const [sin, cos] = [Math.sin(angle), Math.cos(angle)]
  const y = at.y - cos * at.y + sin * at.z
  const z = at.z - sin * at.y - cos * at.z
  return [1, 0, 0, 0, 0, cos, -sin, y, 0, sin, cos, z, 0, 0, 0, 1]
}

/** What a panel is, seen along an axis: its own shape, or the rectangle of its slab; moved by a map. */
function profile(panel: Panel, axis: Axis, map: Matrix4 | null): Region {
  const solid = new Solid(panel)
  if (solid.normal === axis)
    return {
      outline: panel.region.outline.map(({ x, y }) =>
        seenAlong(transformPoint(panel.frame, [x, y, 0]), axis, map),
      ),
      holes: [],
    }
  return blockProfile(solid.block, axis, map)
}

const seenAlong = (point: Vector, axis: Axis, map: Matrix4 | null): Point =>
  projected(map ? transformPoint(map, point) : point, axis)

/** The section of a panel across an axis at one place. */
function sectionsOf(panel: Panel, axis: Axis, at: number, map: Matrix4 | null): Region[] {
  const solid = new Solid(panel)
  if (solid.normal === axis)
    return at > solid.slab[0] && at < solid.slab[1] ? [profile(panel, axis, map)] : []
  const across = thirdAxis(solid.normal, axis)
  return solid.cover(across, [at - NARROW / 4, at + NARROW / 4]).map(({ from, to }) => {
    const block: Block = { min: { ...solid.block.min }, max: { ...solid.block.max } }
    block.min[across] = from
    block.max[across] = to
    return blockProfile(block, axis, map)
  })
}

function blockProfile({ min, max }: Block, axis: Axis, map: Matrix4 | null): Region {
  const [u, v] = (['x', 'y', 'z'] as const).filter((each) => each !== axis)
  const outline = rectangle(min[u], min[v], max[u], max[v]).map(({ x, y }): Point => {
    const at: Record<Axis, number> = { x: 0, y: 0, z: 0 }
    ;[at[axis], at[u], at[v]] = [min[axis], x, y]
    return seenAlong([at.x, at.y, at.z], axis, map)
  })
  return { outline, holes: [] }
}

const isBeside = (a: Panel, b: Panel, axis: Axis): boolean => {
  const [one, other] = [new Solid(a).block, new Solid(b).block]
  return Math.min(one.max[axis], other.max[axis]) - Math.max(one.min[axis], other.min[axis]) < BESIDE
}

/** Places along an axis between which a panel's section stays the same, as far as it has corners. */
function cornersAlong(panel: Panel, axis: Axis): number[] {
  const own = ownAxis(panel.frame, axis)
  if (own === 'z') return slabOf(panel).ends
  const place = (point: Point): number => inBox(panel.frame, own, point[own], point[own]).ends[0]
  return panel.region.outline.map(place)
}

/** Less than this between two corners is no place of its own, mm. */
const NARROW = 1e-3

/**
 * Whether two panels share a place when one of them is moved, looked at slice by slice: what their whole
 * profiles hide is that one goes through a notch of the other.
 */
function slicesMeet(moving: Panel, map: Matrix4, standing: Panel, axis: Axis): boolean {
  const places = [...cornersAlong(moving, axis), ...cornersAlong(standing, axis)].sort((a, b) => a - b)
  return places.slice(1).some((to, i) => {
    const from = places[i]
    if (to - from < NARROW) return false
    const [a, b] = [
      sectionsOf(moving, axis, (from + to) / 2, map),
      sectionsOf(standing, axis, (from + to) / 2, null),
    ]
    return a.some((one) => b.some((other) => sharedArea(one, other) > TOUCH))
  })
}

/** Which panel a lid strikes when it opens about an axis; null when it opens. */
export function lidStrikes(group: BendGroup | HingeGroup, panels: Panel[]): [string, string] | null {
  const byId = new Map(panels.map((panel) => [panel.id, panel]))
  const ends = group.motion === 'bend' ? [byId.get(group.from)!, byId.get(group.to)!] : null
  const axis = ends ? thirdAxis(new Solid(ends[0]).normal, new Solid(ends[1]).normal) : 'x'
  const still = panels
    .filter(({ id }) => !group.parts.includes(id))
    .map((panel) => ({ panel, region: profile(panel, axis, null) }))
  for (const share of PLACES) {
    const map =
      group.motion === 'bend' ? openedBy(ends![0], ends![1], group.radius, share) : turnedBy(group, share)
    for (const id of group.parts) {
      const panel = byId.get(id)!
      const moved = profile(panel, axis, map)
      const struck = still.find(
        (other) =>
          !isBeside(panel, other.panel, axis) &&
          sharedArea(moved, other.region) > TOUCH &&
          slicesMeet(panel, map, other.panel, axis),
      )
      if (struck) return [id, struck.panel.id]
    }
  }
  return null
}

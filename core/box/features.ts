import {
  onPart,
  pointOnPart,
  prismOf,
  slabOf,
  slotSlack,
  wayOf,
  type Feature,
  type Joint,
  type Part,
  type PartsById,
  type Size,
} from '../assembly'
import { rectangle, type Bounds, type Ring } from '../geometry'
import { boltHole, boltPlaces, boltRoom, nutSlot, type Bolts } from '../joints'
import { raisedBy, slides, type BoxSpec } from './spec'
import type { Divider } from './dividers'
import type { Edge } from './edges'
import { WALLS, type Shell } from './shell'

const ringOf = ({ minX, minY, maxX, maxY }: Bounds): Ring => rectangle(minX, minY, maxX, maxY)

/** The pocket that the other part of a joint stands in: as wide as its thickest reading, and the play. */
export function grooveIn(joint: Joint, parts: PartsById, rim: number | null): Feature | null {
  if (joint.depth === null) return null
  const [part, mate] = joint.parts.map((id) => parts.get(id)!)
  const { claims } = joint
  const block = prismOf(joint, parts, claims[0].from, rim ?? claims[claims.length - 1].to)
  const by = slotSlack(joint, mate)
  const { axis } = slabOf(mate)
  block.min[axis] -= by
  block.max[axis] += by
  const depth = joint.depth + joint.play.bottom
  return { what: 'groove', depth, shape: ringOf(onPart(part.frame, block)), joint: joint.id }
}

/** Points of a quarter of an ellipse, from (1, 0) to (0, 1). */
const QUARTER = 12
const ROUND = 4 * QUARTER
const quarter = Array.from({ length: QUARTER + 1 }, (_, i) => (Math.PI * i) / 2 / QUARTER)

/** Half an ellipse hanging from a line, from left to right. */
const halfEllipse = (left: number, right: number, edge: number, reach: number): Ring => {
  const [middle, wide] = [(left + right) / 2, (right - left) / 2]
  const angles = [
    ...quarter,
    ...quarter
      .slice(0, -1)
      .reverse()
      .map((angle) => Math.PI - angle),
  ]
  return angles.map((angle) => ({ x: middle + wide * Math.cos(angle), y: edge + reach * Math.sin(angle) }))
}

/** A point of the box by what is said of it. */
const pointAt = (at: Partial<Size>): Size => ({ x: 0, y: 0, z: 0, ...at })

/** Share of a cell that its scoop takes, and of a wall that its arch leaves to either foot. [FM] */
const SCOOP_SHARE = 0.6
const FOOT_SHARE = 0.12

/** Scoops for fingers in the upper edge of a divider, one in each cell. */
export function scoopsOf({ spec, room }: Shell, divider: Divider, crossing: Divider[]): Feature[] {
  const { scoop } = spec.dividers
  if (scoop <= 0) return []
  const along = divider.direction === 'columns' ? 'y' : 'x'
  const borders = [room.min[along], ...crossing.flatMap(({ place }) => place), room.max[along]]
  const cells = borders.flatMap((from, i) => (i % 2 === 0 ? [[from, borders[i + 1]]] : []))
  return cells.map(([from, to]) => {
    const inset = ((to - from) * (1 - SCOOP_SHARE)) / 2
    const at = (value: number): number => pointOnPart(divider.part.frame, pointAt({ [along]: value })).x
    const [left, right] = [at(from + inset), at(to - inset)].sort((a, b) => a - b)
    const shape = halfEllipse(left, right, divider.part.blank.maxY, -scoop).reverse()
    return { what: 'scoop', depth: null, shape, joint: null }
  })
}

/** How far behind its front edge a lid has its finger hole, in diameters. [FM] */
const PULL_PLACE = 1.25

/** The hole that a sliding lid is drawn out by. */
export function pullOf({ spec }: Shell, part: Part): Feature[] {
  const { pull } = spec.lid
  if (part.id !== 'top' || !slides(spec) || pull <= 0) return []
  const { minX, maxX, minY } = part.blank
  const [x, y] = [(minX + maxX) / 2, minY + pull * PULL_PLACE]
  const shape = Array.from({ length: ROUND }, (_, i) => {
    const angle = (2 * Math.PI * i) / ROUND
    return { x: x + (pull / 2) * Math.cos(angle), y: y + (pull / 2) * Math.sin(angle) }
  })
  return [{ what: 'finger hole', depth: null, shape, joint: null }]
}

/** Arches along the lower edge of walls that reach below the floor: what is left are feet. */
export function archesOf({ spec }: Shell, part: Part): Feature[] {
  const high = Math.min(spec.floor.arch, raisedBy(spec))
  if (high <= 0 || !WALLS.some((name) => name === part.id)) return []
  const { minX, maxX, minY } = part.blank
  const foot = Math.max(part.thickness * 2, (maxX - minX) * FOOT_SHARE)
  const [left, right] = [minX + foot, maxX - foot]
  if (right - left < 2 * high) return []
  const corner = (at: number, sign: 1 | -1): Ring =>
    quarter.map((angle) => ({
      x: at - sign * high * (1 - Math.cos(angle)),
      y: minY + high * Math.sin(angle),
    }))
  return [
    {
      what: 'arch',
      depth: null,
      shape: [
        { x: left, y: minY - 1 },
        { x: right, y: minY - 1 },
        ...corner(right, 1),
        ...corner(left, -1).reverse(),
      ],
      joint: null,
    },
  ]
}

/** The bolts of an edge: holes in the panel that leads, cut-outs in the one that stands against it. */
export function boltsIn(edge: Edge, bolts: Bolts, parts: PartsById): { part: string; feature: Feature }[] {
  const [lead, mate] = edge.parts.map((id) => parts.get(id)!)
  const own = edge.claims.filter(({ owner }) => owner === 0)
  const { axis: leadAxis, ends } = slabOf(lead)
  const { axis: mateAxis, ends: mateEnds } = slabOf(mate)
  const outward = wayOf(lead.frame, 'z').sign
  const inside = outward === 1 ? ends[0] : ends[1]
  const middle = (mateEnds[0] + mateEnds[1]) / 2
  const point = (s: number, depth: number): Size =>
    pointAt({ [edge.along]: s, [leadAxis]: inside - outward * depth, [mateAxis]: middle })
  return boltPlaces(own, bolts.count, boltRoom(bolts.size)).flatMap((s) => {
    const hole = boltHole(bolts, pointOnPart(lead.frame, point(s, 0)))
    const slot = nutSlot(bolts, s, lead.thickness).map((at) => pointOnPart(mate.frame, point(at.s, at.depth)))
    const feature = (what: 'bolt hole' | 'nut slot', shape: Ring): Feature => ({
      what,
      depth: null,
      shape,
      joint: edge.id,
    })
    return [
      { part: lead.id, feature: feature('bolt hole', hole) },
      { part: mate.id, feature: feature('nut slot', slot) },
    ]
  })
}

/** Joints that can be bolted: one panel's end stands against the other one's face. */
export const BOLTED: string[] = ['fingers', 'butt', 'tenon']

/** The bolts wanted along an edge; only where one panel runs past the other can there be any. */
export function boltsOf({ bolts, edges }: BoxSpec, { id, group, kind }: Edge): Bolts | null {
  if (!BOLTED.includes(kind)) return null
  const own = edges[id as keyof typeof edges]
  return own ? own.bolts : bolts[group]
}

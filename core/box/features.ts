import {
  onPart,
  pointOnPart,
  prismOf,
  slabOf,
  slotSlack,
  wayOf,
  type Feature,
  type Joint,
  type PartsById,
  type Size,
} from '../assembly'
import { rectangle, type Bounds, type Ring } from '../geometry'
import { boltHole, boltPlaces, boltRoom, nutSlot, type Bolts } from '../joints'
import type { Edge } from './edges'
import { pointAt } from '../fittings'
import type { BoxSpec } from './spec'

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

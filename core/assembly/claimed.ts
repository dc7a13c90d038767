import type { Bounds, Stroke } from '../geometry'
import { onPart, outwardEnd, slabOf } from './place'
import { cornerAt, cornerBlock, partsById, prismOf, slotSlack, stretch, type PartsById } from './prism'
import type { Assembly, Axis, Block, Claim, Corner, Joint, Part } from './types'

/** What is wanted of the shapes, mm: how far tab ends stand out, and the overlap per glue line. */
export interface Wanted {
  proud: number
  interference: number
}

/** An assembly as its parts ask for it. */
export interface ClaimsContext {
  corners: Map<string, Corner[]>
  joints: Map<string, Joint>
  jointsOf: Map<string, Joint[]>
  parts: PartsById
  proud: number
  interference: number
}

/** What two parts share: the joint between them, by their ids in either order. */
const pairOf = (a: string, b: string): string => (a < b ? `${a}|${b}` : `${b}|${a}`)

export function claimsContext(
  { joints, corners, parts }: Assembly,
  { proud, interference }: Wanted,
): ClaimsContext {
  const byPart = new Map<string, Corner[]>(parts.map(({ id }) => [id, []]))
  for (const corner of corners) for (const id of corner.parts) byPart.get(id)!.push(corner)
  const jointsOf = new Map<string, Joint[]>(parts.map(({ id }) => [id, []]))
  for (const joint of joints) for (const id of joint.parts) jointsOf.get(id)!.push(joint)
  return {
    corners: byPart,
    joints: new Map(joints.map((joint) => [pairOf(...joint.parts), joint])),
    jointsOf,
    parts: partsById(parts),
    proud,
    interference,
  }
}

/** What is between a part and what lies beyond a side of it. */
export type SideKind = 'glue' | 'slide' | 'slot' | 'free'

/** What one side of a stroke is, and of which joint. */
interface Told {
  kind: SideKind
  joint: string
}

/** What the sides of a stroke are as borders, by the box's axes; free where nothing is told. */
export type Source = Partial<Record<Axis, Partial<Record<'low' | 'high', Told>>>>

/** A claim as a part sees it: the exact space, the one that is drawn, and what its sides are. */
interface Claimed {
  exact: Block
  drawn: Block
  source: Source
}

/** How far each side of a boundary between claims is moved in the drawn shape, mm. */
const movedAt = ({ between, play }: Joint, { interference }: ClaimsContext): number =>
  between === 'glue' ? interference / 2 : -play.ends / 2

/** Who lies beyond the end of a joint, where a corner decides it. */
function beyond(joint: Joint, end: 'low' | 'high', { corners, parts }: ClaimsContext): string | undefined {
  return cornerAt(joint, end, corners.get(joint.parts[0])!, parts)?.corner.owner
}

/** How much wider than its mate is thick a slot is drawn, on each side, mm; the exact shape has no play. */
const slack = (joint: Joint, own: 0 | 1, mate: Part): number =>
  joint.slots[own] ? slotSlack(joint, mate) : 0

const copyOf = ({ min, max }: Block): Block => ({ min: { ...min }, max: { ...max } })

/** What a part sees of a joint from one place to another: drawn wider by the slack of its slot. */
function claimed(joint: Joint, own: 0 | 1, from: number, to: number, { parts }: ClaimsContext): Claimed {
  const exact = prismOf(joint, parts, from, to)
  const mate = parts.get(joint.parts[1 - own])!
  const wide = slack(joint, own, mate)
  if (wide === 0) return { exact, drawn: exact, source: {} }
  const drawn = copyOf(exact)
  const { axis } = slabOf(mate)
  stretch(drawn, axis, 'low', wide)
  stretch(drawn, axis, 'high', wide)
  return { exact, drawn, source: {} }
}

/** Moves an end of what is claimed, in the drawn shape only. */
function stretchDrawn(block: Claimed, axis: Axis, end: 'low' | 'high', amount: number): void {
  if (amount === 0) return
  if (block.drawn === block.exact) block.drawn = copyOf(block.exact)
  stretch(block.drawn, axis, end, amount)
}

/** Says of one end of what is claimed that another part meets it, and moves it so far as it is drawn. */
function meet(block: Claimed, joint: Joint, end: 'low' | 'high', amount: number): void {
  const told = { kind: joint.between, joint: joint.id }
  block.source[joint.along] = { ...block.source[joint.along], [end]: told }
  stretchDrawn(block, joint.along, end, amount)
}

/** The side of another part that looks outward, where tab ends may stand proud. */
function standProud({ exact, drawn }: Claimed, mate: Part, proud: number): void {
  for (const block of new Set([exact, drawn])) stretch(block, slabOf(mate).axis, outwardEnd(mate), proud)
}

/** The claims of a part at one of its joints. */
function ownClaims(joint: Joint, part: Part, context: ClaimsContext): Claimed[] {
  const own = joint.parts[0] === part.id ? 0 : 1
  const mate = context.parts.get(joint.parts[1 - own])!
  const { claims } = joint
  const moved = movedAt(joint, context)
  const isMates = (i: number): boolean => {
    if (i < 0) return beyond(joint, 'low', context) === mate.id
    if (i === claims.length) return beyond(joint, 'high', context) === mate.id
    return claims[i].owner === 1 - own
  }
  return claims.flatMap(({ owner, from, to }, i) => {
    if (owner !== own) return []
    const block = claimed(joint, own, from, to, context)
    if (isMates(i - 1)) meet(block, joint, 'low', moved)
    if (isMates(i + 1)) meet(block, joint, 'high', moved)
    if (joint.proud) standProud(block, mate, context.proud)
    return [block]
  })
}

/** What a part must leave before it takes its own claims. */
function contested(joint: Joint, part: Part, context: ClaimsContext): Claimed | null {
  const own = joint.parts[0] === part.id ? 0 : 1
  if (joint.depth !== null && own === 0) return null // the other one only enters it
  const { parts } = context
  const { claims, between, slots } = joint
  const [first, last] = [claims[0], claims[claims.length - 1]]
  const block = claimed(joint, own, first.from, last.to, context)
  const told = (kind: SideKind): Told => ({ kind, joint: joint.id })
  const at = ({ owner }: Claim): Told => told(owner === 1 - own ? between : 'free')
  const across = told(slots[own] ? 'slot' : between)
  const { axis } = slabOf(parts.get(joint.parts[1 - own])!)
  const source: Source = {
    [joint.along]: { low: at(first), high: at(last) },
    [axis]: { low: across, high: across },
  }
  return { ...block, source }
}

/** The corner that belongs to a part, with proud ends and interference. */
function ownCorner(corner: Corner, part: Part, context: ClaimsContext): Claimed {
  const { joints, parts, proud } = context
  const exact = cornerBlock(corner, parts)
  const block: Claimed = { exact, drawn: exact, source: {} }
  for (const mateId of corner.parts.filter((id) => id !== part.id)) {
    const third = parts.get(corner.parts.find((id) => id !== part.id && id !== mateId)!)!
    const joint = joints.get(pairOf(part.id, mateId))!
    const end = outwardEnd(third)
    const beside = joint.claims[end === 'low' ? 0 : joint.claims.length - 1]
    if (joint.proud) standProud(block, parts.get(mateId)!, proud)
    if (beside.owner !== null && joint.parts[beside.owner] === mateId) {
      meet(block, joint, end === 'low' ? 'high' : 'low', movedAt(joint, context))
    }
  }
  return block
}

/** What a part is painted from. */
export interface Strokes {
  strokes: Stroke[]
  /** Where each stroke is drawn. */
  edges: Bounds[]
  /** What the sides of each stroke are. */
  sources: Source[]
}

/** A part as strokes: its blank, less what others claim, and what it claims itself. */
export function strokesOf(part: Part, context: ClaimsContext): Strokes {
  const made: Strokes = { strokes: [], edges: [], sources: [] }
  const add = (fill: boolean, { exact, drawn, source }: Claimed): void => {
    const area = onPart(part.frame, exact)
    made.strokes.push({ area, fill })
    made.edges.push(drawn === exact ? area : onPart(part.frame, drawn))
    made.sources.push(source)
  }
  made.strokes.push({ area: part.blank, fill: true })
  made.edges.push(part.blank)
  made.sources.push({})
  if (part.tongue) {
    made.strokes.push({ area: part.tongue, fill: true })
    made.edges.push(part.tongue)
    made.sources.push({})
  }
  const joints = context.jointsOf.get(part.id)!
  const corners = context.corners.get(part.id)!
  for (const joint of joints) {
    const block = contested(joint, part, context)
    if (block) add(false, block)
  }
  for (const corner of corners) {
    const exact = cornerBlock(corner, context.parts)
    add(false, { exact, drawn: exact, source: {} })
  }
  for (const joint of joints)
    if (joint.depth === null || joint.parts[1] === part.id)
      for (const block of ownClaims(joint, part, context)) add(true, block)
  for (const corner of corners) if (corner.owner === part.id) add(true, ownCorner(corner, part, context))
  return made
}

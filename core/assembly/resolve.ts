import {
  difference,
  moveEdges,
  paint,
  sizeOf,
  type Bounds,
  type Painting,
  type Point,
  type Region,
  type Ring,
  type Stroke,
} from '../geometry'
import { onPart, outwardEnd, slabOf } from './place'
import { cornerAt, cornerBlock, partsById, prismOf, slotSlack, stretch, type PartsById } from './prism'
import type { Assembly, Axis, Block, Corner, Joint, Part } from './types'

/** What is wanted of the shapes, mm: how far tab ends stand out, and the overlap per glue line. */
export interface Wanted {
  proud: number
  interference: number
}

/** A part as it comes out of its joints. Lengths in mm. */
export interface Panel extends Part {
  /** The exact shape. Proud tab ends reach beyond the outer size. */
  region: Region
  /** The shape that is drawn: with the wanted interference at glue lines, and play where things slide. */
  drawn: Region
  size: { width: number; height: number }
  /** What it was painted from; null where more than that was taken out of it. */
  painted: Painted | null
}

/** Rectangles painted over each other, and where each of them is drawn, mm. */
interface Painted {
  painting: Painting
  edges: Bounds[]
}

/** A part that would not come out in one piece. */
export interface BrokenPanel {
  name: string
  pieces: number
}

interface Context {
  corners: Map<string, Corner[]>
  joints: Map<string, Joint>
  parts: PartsById
  proud: number
  interference: number
  /** Shapes by what they are painted from: dividers that are alike are one shape. */
  shapes: Map<string, Shape>
}

/** What two parts share: the joint between them, by their ids in either order. */
const pairOf = (a: string, b: string): string => (a < b ? `${a}|${b}` : `${b}|${a}`)

function contextOf({ joints, corners, parts }: Assembly, { proud, interference }: Wanted): Context {
  const byPart = new Map<string, Corner[]>(parts.map(({ id }) => [id, []]))
  for (const corner of corners) for (const id of corner.parts) byPart.get(id)!.push(corner)
  return {
    corners: byPart,
    joints: new Map(joints.map((joint) => [pairOf(...joint.parts), joint])),
    parts: partsById(parts),
    proud,
    interference,
    shapes: new Map(),
  }
}

/** A claim as a part sees it: the exact space, and the one that is drawn. */
interface Claimed {
  exact: Block
  drawn: Block
}

/** How far each side of a boundary between claims is moved in the drawn shape, mm. */
const movedAt = ({ between, play }: Joint, { interference }: Context): number =>
  between === 'glue' ? interference / 2 : -play.ends / 2

/** Who lies beyond the end of a joint, where a corner decides it. */
function beyond(joint: Joint, end: 'low' | 'high', { corners, parts }: Context): string | undefined {
  return cornerAt(joint, end, corners.get(joint.parts[0])!, parts)?.corner.owner
}

/** How much wider than its mate is thick a slot is drawn, on each side, mm; the exact shape has no play. */
const slack = (joint: Joint, own: 0 | 1, mate: Part): number =>
  joint.slots[own] ? slotSlack(joint, mate) : 0

const copyOf = ({ min, max }: Block): Block => ({ min: { ...min }, max: { ...max } })

/** What a part sees of a joint from one place to another: drawn wider by the slack of its slot. */
function claimed(joint: Joint, own: 0 | 1, from: number, to: number, { parts }: Context): Claimed {
  const exact = prismOf(joint, parts, from, to)
  const mate = parts.get(joint.parts[1 - own])!
  const wide = slack(joint, own, mate)
  if (wide === 0) return { exact, drawn: exact }
  const drawn = copyOf(exact)
  const { axis } = slabOf(mate)
  stretch(drawn, axis, 'low', wide)
  stretch(drawn, axis, 'high', wide)
  return { exact, drawn }
}

/** Moves an end of what is claimed, in the drawn shape only. */
function stretchDrawn(block: Claimed, axis: Axis, end: 'low' | 'high', amount: number): void {
  if (amount === 0) return
  if (block.drawn === block.exact) block.drawn = copyOf(block.exact)
  stretch(block.drawn, axis, end, amount)
}

/** The side of another part that looks outward, where tab ends may stand proud. */
function standProud({ exact, drawn }: Claimed, mate: Part, proud: number): void {
  for (const block of new Set([exact, drawn])) stretch(block, slabOf(mate).axis, outwardEnd(mate), proud)
}

/** The claims of a part at one of its joints. */
function ownClaims(joint: Joint, part: Part, context: Context): Claimed[] {
  const own = joint.parts[0] === part.id ? 0 : 1
  const mate = context.parts.get(joint.parts[1 - own])!
  const { claims } = joint
  const moved = movedAt(joint, context)
  const isMates = (i: number): boolean => {
    if (moved === 0) return false // nothing is stretched
    if (i < 0) return beyond(joint, 'low', context) === mate.id
    if (i === claims.length) return beyond(joint, 'high', context) === mate.id
    return claims[i].owner === 1 - own
  }
  return claims.flatMap(({ owner, from, to }, i) => {
    if (owner !== own) return []
    const block = claimed(joint, own, from, to, context)
    if (isMates(i - 1)) stretchDrawn(block, joint.along, 'low', moved)
    if (isMates(i + 1)) stretchDrawn(block, joint.along, 'high', moved)
    if (joint.proud) standProud(block, mate, context.proud)
    return [block]
  })
}

/** What a part must leave before it takes its own claims. */
function contested(joint: Joint, part: Part, context: Context): Claimed | null {
  const own = joint.parts[0] === part.id ? 0 : 1
  if (joint.depth !== null && own === 0) return null // the other one only enters it
  const { claims } = joint
  return claimed(joint, own, claims[0].from, claims[claims.length - 1].to, context)
}

/** The corner that belongs to a part, with proud ends and interference. */
function ownCorner(corner: Corner, part: Part, context: Context): Claimed {
  const { joints, parts, proud } = context
  const exact = cornerBlock(corner, parts)
  const block: Claimed = { exact, drawn: exact }
  for (const mateId of corner.parts.filter((id) => id !== part.id)) {
    const third = parts.get(corner.parts.find((id) => id !== part.id && id !== mateId)!)!
    const joint = joints.get(pairOf(part.id, mateId))!
    const end = outwardEnd(third)
    const beside = joint.claims[end === 'low' ? 0 : joint.claims.length - 1]
    if (joint.proud) standProud(block, parts.get(mateId)!, proud)
    if (beside.owner !== null && joint.parts[beside.owner] === mateId) {
      const inward = end === 'low' ? 'high' : 'low'
      stretchDrawn(block, slabOf(third).axis, inward, movedAt(joint, context))
    }
  }
  return block
}

/** The exact shape of a part in regions, the drawn one, and what that was painted from. */
interface Shape {
  exact: Region[]
  drawn: Region[]
  painted: Painted | null
}

/** A part's shape: its blank, less what others claim, and what it claims itself. */
function shapeOf(part: Part, joints: Joint[], context: Context): Shape {
  const corners = context.corners.get(part.id)!
  const strokes: Stroke[] = [{ area: part.blank, fill: true }]
  const edges: Bounds[] = [part.blank]
  const paintOn = ({ exact, drawn }: Claimed, fill: boolean): void => {
    const area = onPart(part.frame, exact)
    strokes.push({ area, fill })
    edges.push(drawn === exact ? area : onPart(part.frame, drawn))
  }
  for (const joint of joints) {
    const block = contested(joint, part, context)
    if (block) paintOn(block, false)
  }
  for (const corner of corners) {
    const exact = cornerBlock(corner, context.parts)
    paintOn({ exact, drawn: exact }, false)
  }
  for (const joint of joints)
    if (joint.depth === null || joint.parts[1] === part.id)
      for (const block of ownClaims(joint, part, context)) paintOn(block, true)
  for (const corner of corners) if (corner.owner === part.id) paintOn(ownCorner(corner, part, context), true)
  const openings = part.features.filter(({ depth }) => depth === null).map(({ shape }) => shape)
  const key = keyOf(strokes, edges, openings)
  const known = context.shapes.get(key)
  if (known) return known
  const made = paintShape(strokes, edges, openings)
  context.shapes.set(key, made)
  return made
}

const NOWHERE = { x: 0, y: 0 }

function paintShape(strokes: Stroke[], edges: Bounds[], openings: Ring[]): Shape {
  const painting = paint(strokes)
  const open = (regions: Region[]): Region[] =>
    openings.length > 0 ? regions.flatMap((region) => difference(region, openings)) : regions
  const exact = open(painting.regions)
  const isExact = strokes.every(({ area }, i) => area === edges[i])
  const moved = isExact ? painting.regions : moveEdges(painting, edges, NOWHERE)
  // Where an edge is moved past another one, only painting tells what comes of it.
  const drawn = moved ?? paint(edges.map((area, i) => ({ area, fill: strokes[i].fill }))).regions
  const isWhole = openings.length === 0 && moved !== null
  return {
    exact,
    drawn: isExact ? exact : open(drawn),
    painted: isWhole ? { painting, edges } : null,
  }
}

/**
 * Two running sums over figures, to tell shapes apart by: to a hundredth of a micrometre, 64 bits in all.
 */
class Key {
  private a = 0x811c9dc5
  private b = 0x9747b28c

  add(value: number): void {
    const figure = Math.round(value * 1e5)
    this.a = Math.imul(this.a ^ figure, 0x01000193)
    this.b = Math.imul(this.b ^ (figure + 0x5bd1), 0x85ebca6b)
    this.b ^= this.b >>> 15
  }

  text(): string {
    return `${this.a} ${this.b}`
  }
}

/** What a shape is made from, as a key. */
function keyOf(strokes: Stroke[], edges: Bounds[], openings: Ring[]): string {
  const key = new Key()
  const addBounds = ({ minX, minY, maxX, maxY }: Bounds): void => {
    key.add(minX)
    key.add(minY)
    key.add(maxX)
    key.add(maxY)
  }
  for (const [i, { area, fill }] of strokes.entries()) {
    key.add(fill ? 1 : 0)
    addBounds(area)
    if (edges[i] !== area) addBounds(edges[i])
  }
  for (const ring of openings) {
    key.add(ring.length)
    for (const { x, y } of ring) {
      key.add(x)
      key.add(y)
    }
  }
  return `${strokes.length} ${key.text()}`
}

/**
 * The panels of an assembly: outline of a part = blank + own claims − others' claims − through features.
 * @returns the panels, and those that would fall apart: where there are any, it cannot be made
 */
export function resolve(assembly: Assembly, wanted: Wanted): { panels: Panel[]; broken: BrokenPanel[] } {
  const context = contextOf(assembly, wanted)
  const joints = new Map<string, Joint[]>(assembly.parts.map(({ id }) => [id, []]))
  for (const joint of assembly.joints) for (const id of joint.parts) joints.get(id)!.push(joint)
  const broken: BrokenPanel[] = []
  const panels = assembly.parts.flatMap((part): Panel[] => {
    const { exact, drawn, painted } = shapeOf(part, joints.get(part.id)!, context)
    const pieces = Math.max(exact.length, drawn.length)
    if (pieces !== 1 || exact.length !== drawn.length) {
      broken.push({ name: part.id, pieces })
      return []
    }
    return [{ ...part, region: exact[0], drawn: drawn[0], size: sizeOf(exact[0]), painted }]
  })
  return { panels, broken }
}

/**
 * The drawn shape grown on every side, as the beam must run.
 * @param by outward, for sides across x and across y, mm
 * @returns null where only a general offset tells what comes of it
 */
export function grown({ painted }: Panel, by: Point): Region | null {
  const regions = painted && moveEdges(painted.painting, painted.edges, by)
  return regions?.length === 1 ? regions[0] : null
}

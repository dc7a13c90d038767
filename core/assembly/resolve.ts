import { difference, paint, sizeOf, type Region, type Stroke } from '../geometry'
import { onPart, outwardEnd, slabOf } from './place'
import { cornerAt, cornerBlock, partsById, prismOf, slotSlack, stretch, type PartsById } from './prism'
import type { Assembly, Block, Corner, Joint, Part } from './types'

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
}

/** A part that would not come out in one piece. */
export interface BrokenPanel {
  name: string
  pieces: number
}

interface Context {
  assembly: Assembly
  parts: PartsById
  proud: number
  /** Shapes by what they are painted from: dividers that are alike are one shape. */
  shapes: Map<string, Region[]>
}

/** How far each side of a boundary between claims is moved in the drawn shape, mm; none in the exact one. */
type Amount = (joint: Joint) => number

const NOTHING: Amount = () => 0
const drawnBy =
  (interference: number): Amount =>
  ({ between, play }) =>
    between === 'glue' ? interference / 2 : -play.ends / 2

/** Who lies beyond the end of a joint, where a corner decides it. */
function beyond(joint: Joint, end: 'low' | 'high', { assembly, parts }: Context): string | undefined {
  return cornerAt(joint, end, assembly.corners, parts)?.corner.owner
}

/** The side of another part that looks outward, where tab ends may stand proud. */
function standProud(block: Block, mate: Part, proud: number): void {
  stretch(block, slabOf(mate).axis, outwardEnd(mate), proud)
}

/** How much wider than its mate is thick a slot is drawn, on each side, mm; the exact shape has no play. */
const slack = (joint: Joint, own: 0 | 1, mate: Part, amount: Amount): number =>
  amount === NOTHING || !joint.slots[own] ? 0 : slotSlack(joint, mate)

/** Widens what a part sees of a joint by the slack of its slot. */
function widen(block: Block, mate: Part, by: number): Block {
  const { axis } = slabOf(mate)
  stretch(block, axis, 'low', by)
  stretch(block, axis, 'high', by)
  return block
}

/** The claims of a part at one of its joints, as blocks. */
function ownBlocks(joint: Joint, part: Part, context: Context, amount: Amount): Block[] {
  const own = joint.parts[0] === part.id ? 0 : 1
  const mate = context.parts.get(joint.parts[1 - own])!
  const { claims } = joint
  const wide = slack(joint, own, mate, amount)
  const moved = amount(joint)
  const isMates = (i: number): boolean => {
    if (moved === 0) return false // nothing is stretched
    if (i < 0) return beyond(joint, 'low', context) === mate.id
    if (i === claims.length) return beyond(joint, 'high', context) === mate.id
    return claims[i].owner === 1 - own
  }
  return claims.flatMap(({ owner, from, to }, i) => {
    if (owner !== own) return []
    const block = widen(prismOf(joint, context.parts, from, to), mate, wide)
    if (isMates(i - 1)) stretch(block, joint.along, 'low', moved)
    if (isMates(i + 1)) stretch(block, joint.along, 'high', moved)
    if (joint.proud) standProud(block, mate, context.proud)
    return [block]
  })
}

/** What a part must leave before it takes its own claims. */
function contested(joint: Joint, part: Part, { parts }: Context, amount: Amount): Block | null {
  const own = joint.parts[0] === part.id ? 0 : 1
  if (joint.depth !== null && own === 0) return null // the other one only enters it
  const { claims } = joint
  const mate = parts.get(joint.parts[1 - own])!
  const block = prismOf(joint, parts, claims[0].from, claims[claims.length - 1].to)
  return widen(block, mate, slack(joint, own, mate, amount))
}

/** The corner that belongs to a part, with proud ends and interference. */
function ownCorner(corner: Corner, part: Part, context: Context, amount: Amount): Block {
  const { assembly, parts, proud } = context
  const block = cornerBlock(corner, parts)
  for (const mateId of corner.parts.filter((id) => id !== part.id)) {
    const third = parts.get(corner.parts.find((id) => id !== part.id && id !== mateId)!)!
    const joint = assembly.joints.find((each) => each.parts.includes(part.id) && each.parts.includes(mateId))!
    const end = outwardEnd(third)
    const beside = joint.claims[end === 'low' ? 0 : joint.claims.length - 1]
    if (joint.proud) standProud(block, parts.get(mateId)!, proud)
    if (beside.owner !== null && joint.parts[beside.owner] === mateId)
      stretch(block, slabOf(third).axis, end === 'low' ? 'high' : 'low', amount(joint))
  }
  return block
}

/** A part's shape: its blank, less what others claim, and what it claims itself. */
function shapeOf(part: Part, joints: Joint[], context: Context, amount: Amount): Region[] {
  const { assembly, parts } = context
  const corners = assembly.corners.filter((corner) => corner.parts.includes(part.id))
  const clear = [
    ...joints.flatMap((joint) => contested(joint, part, context, amount) ?? []),
    ...corners.map((corner) => cornerBlock(corner, parts)),
  ]
  const fill = [
    ...joints
      .filter((joint) => joint.depth === null || joint.parts[1] === part.id)
      .flatMap((joint) => ownBlocks(joint, part, context, amount)),
    ...corners
      .filter(({ owner }) => owner === part.id)
      .map((corner) => ownCorner(corner, part, context, amount)),
  ]
  const stroke =
    (isFilled: boolean) =>
    (block: Block): Stroke => ({ area: onPart(part.frame, block), fill: isFilled })
  const strokes = [{ area: part.blank, fill: true }, ...clear.map(stroke(false)), ...fill.map(stroke(true))]
  const openings = part.features.filter(({ depth }) => depth === null).map(({ shape }) => shape)
  const key = keyOf(strokes, openings)
  const known = context.shapes.get(key)
  if (known) return known
  const whole = paint(strokes)
  const made = openings.length > 0 ? whole.flatMap((region) => difference(region, openings)) : whole
  context.shapes.set(key, made)
  return made
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
function keyOf(strokes: Stroke[], openings: Region['outline'][]): string {
  const key = new Key()
  for (const { area, fill } of strokes) {
    key.add(fill ? 1 : 0)
    key.add(area.minX)
    key.add(area.minY)
    key.add(area.maxX)
    key.add(area.maxY)
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

const isStraight = ({ between, slots }: Joint): boolean => between === 'glue' && !slots.includes(true)

/**
 * The panels of an assembly: outline of a part = blank + own claims − others' claims − through features.
 * @returns the panels, and those that would fall apart: where there are any, it cannot be made
 */
export function resolve(
  assembly: Assembly,
  { proud, interference }: Wanted,
): { panels: Panel[]; broken: BrokenPanel[] } {
  const context: Context = { assembly, parts: partsById(assembly.parts), proud, shapes: new Map() }
  const broken: BrokenPanel[] = []
  const panels = assembly.parts.flatMap((part): Panel[] => {
    const joints = assembly.joints.filter(({ parts }) => parts.includes(part.id))
    const exact = shapeOf(part, joints, context, NOTHING)
    const isExact = interference === 0 && joints.every(isStraight)
    const drawn = isExact ? exact : shapeOf(part, joints, context, drawnBy(interference))
    const pieces = Math.max(exact.length, drawn.length)
    if (pieces !== 1 || exact.length !== drawn.length) {
      broken.push({ name: part.id, pieces })
      return []
    }
    return [{ ...part, region: exact[0], drawn: drawn[0], size: sizeOf(exact[0]) }]
  })
  return { panels, broken }
}

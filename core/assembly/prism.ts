import { outwardEnd, slabOf, wayOf } from './place'
import type { Axis, Block, Corner, Joint, Part } from './types'

export type PartsById = ReadonlyMap<string, Part>

export const partsById = (parts: Part[]): PartsById => new Map(parts.map((part) => [part.id, part]))

const emptyBlock = (): Block => ({ min: { x: 0, y: 0, z: 0 }, max: { x: 0, y: 0, z: 0 } })

/** Moves one end of a block by `amount` mm outward (inward when negative). */
export function stretch(block: Block, axis: Axis, end: 'low' | 'high', amount: number): void {
  if (end === 'low') block.min[axis] -= amount
  else block.max[axis] += amount
}

/** Between the two faces of a part, or as deep as another one enters it from its inside face. */
function slabDown(part: Part, depth: number | null): { axis: Axis; ends: [number, number] } {
  const { axis, ends } = slabOf(part)
  if (depth === null) return { axis, ends }
  const [low, high] = ends
  return { axis, ends: wayOf(part.frame, 'z').sign === 1 ? [low, low + depth] : [high - depth, high] }
}

/** The space that two parts share over a stretch of the line where they meet. */
export function prismOf(joint: Joint, parts: PartsById, from: number, to: number): Block {
  const [first, second] = joint.parts.map((id) => parts.get(id)!)
  const block = emptyBlock()
  for (const { axis, ends } of [slabDown(first, joint.depth), slabOf(second)])
    [block.min[axis], block.max[axis]] = ends
  block.min[joint.along] = from
  block.max[joint.along] = to
  return block
}

/** The space that the slabs of three parts share. */
export function cornerBlock({ parts: ids }: Corner, parts: PartsById): Block {
  const block = emptyBlock()
  for (const id of ids) {
    const { axis, ends } = slabOf(parts.get(id)!)
    ;[block.min[axis], block.max[axis]] = ends
  }
  return block
}

/**
 * Half of what a slot is wider than the thing that enters it is thick: its thickest reading, and the play.
 */
export const slotSlack = ({ play }: Pick<Joint, 'play'>, mate: Part): number =>
  (mate.thickest + play.walls - mate.thickness) / 2

/** The corner at one end of a joint, if three slabs meet there. */
export const cornerAt = (
  { parts: [a, b], along }: Joint,
  end: 'low' | 'high',
  corners: Corner[],
  parts: PartsById,
): { corner: Corner; third: string } | null => {
  for (const corner of corners) {
    if (!corner.parts.includes(a) || !corner.parts.includes(b)) continue
    const third = corner.parts.find((id) => id !== a && id !== b)!
    const part = parts.get(third)!
    if (slabOf(part).axis === along && outwardEnd(part) === end) return { corner, third }
  }
  return null
}

import { coveredBetween } from './coverage'
import { plateTouching } from './plates-touching'
import { cornerBlock, partsById, prismOf, type PartsById } from './prism'
import type { Panel } from './resolve'
import { Solid } from './solid'
import { AXES, thirdAxis, type Assembly, type Axis, type Block, type Joint } from './types'

/** How far beside a joint it is looked whether there is material to lean on, mm. */
const BESIDE = 0.01

/** Area of a block's faces across `axis` that another panel has material beside, mm². */
function leaning(block: Block, axis: Axis, mate: Solid): number {
  const along = thirdAxis(axis, mate.normal)
  const thick = block.max[mate.normal] - block.min[mate.normal]
  const bands: [number, number][] = [
    [block.min[axis] - BESIDE, block.min[axis]],
    [block.max[axis], block.max[axis] + BESIDE],
  ]
  return bands.reduce(
    (sum, band) =>
      sum + (coveredBetween(mate.cover(along, band), block.min[along], block.max[along]) / BESIDE) * thick,
    0,
  )
}

/** The blocks of a joint that one of its two parts owns, corners at its ends included. */
function blocksOf(
  joint: Joint,
  own: 0 | 1,
  { assembly, parts }: { assembly: Assembly; parts: PartsById },
): Block[] {
  const id = joint.parts[own]
  const claims = joint.claims
    .filter(({ owner }) => owner === own)
    .map(({ from, to }) => prismOf(joint, parts, from, to))
  const corners = assembly.corners.filter(
    (corner) => corner.owner === id && joint.parts.every((part) => corner.parts.includes(part)),
  )
  return [...claims, ...corners.map((corner) => cornerBlock(corner, parts))]
}

/**
 * Area in mm² where the two parts of a joint touch: sides of tabs, tabs against the bottoms of their
 * notches, slot walls, corners. Exact shapes; what stands proud is not counted.
 */
export function touchingArea(joint: Joint, assembly: Assembly, panels: Panel[]): number {
  const parts = partsById(assembly.parts)
  if (joint.line) return plateTouching(joint, parts)
  const solids = joint.parts.map((id) => new Solid(panels.find((panel) => panel.id === id)!))
  let area = 0
  for (const own of [0, 1] as const) {
    const mate = solids[1 - own]
    // Faces along the line are the same ones for both: they are counted from the first part only.
    const across = AXES.filter((axis) => axis !== mate.normal && (own === 0 || axis !== joint.along))
    for (const block of blocksOf(joint, own, { assembly, parts }))
      for (const axis of across) area += leaning(block, axis, mate)
  }
  return area
}

import {
  onPart,
  pointOnPart,
  type Block,
  type Claim,
  type Feature,
  type Part,
  type Size,
  type SlideGroup,
} from '../assembly'
import { rectangle } from '../geometry'
import { roundLength } from '../joints'
import { chainOf, loosePanels } from './bends'
import { OPPOSITE } from './opening'
import { LIES, partOf, SIDES, type AddedPart } from '../fittings'
import { slab, type Shell } from './shell'
import type { BoxSpec, PanelName } from './spec'

/**
 * A wedge through a tongue (a tusk tenon): a tongue of the wall stands up through a notch in the edge of the
 * loose panel, and a wedge through the tongue presses that panel down on the walls.
 */
export const hasLatch = (spec: BoxSpec): boolean => spec.bends.latch && loosePanels(spec).length === 1

/** Width of the tongue and of the wall it wants, in thicknesses; the tongue is at most so wide. [FM] */
const TONGUE = 8
const WALL = 14
const WIDEST = 40
/** Height of the wedge where it comes out of the tongue; wood above it, in thicknesses. [FM] */
const HIGH = 2
const ABOVE = 2
/** The hole reaches down into the loose panel by this, so that the wedge bears on it; play round both, mm. */
const DRAW = 0.4
const PLAY = 0.3
/** The wedge rises one in so many, stands out by this and reaches in by that, in thicknesses. [FM] */
const RISE = 8
const OUT = 5
const IN = 7

/** Where a latch is. Lengths in mm, in the box. */
interface Latch {
  /** The wall with the tongue, and the panel that it holds. */
  wall: PanelName
  loose: PanelName
  along: 'x' | 'y'
  /** From where to where the tongue is wide, and where it ends above. */
  from: number
  to: number
  tip: number
  /** Height of its hole above the box. */
  high: number
}

/** The wall that carries the tongue, across from the bend. */
export const latchWall = (spec: BoxSpec): PanelName => {
  const chain = chainOf(spec)
  return OPPOSITE[chain[chain.length - 2]]
}

/** How wide a tongue is in stock of that thickness, mm. */
const tongueWidth = (thickness: number): number => Math.min(TONGUE * thickness, WIDEST)

/** The thickest wedge that leaves its tongue wood on both sides, as much as the wedge takes. [FM] */
export const thickestWedge = (wall: number): number => tongueWidth(wall) / 2

function latchOf(shell: Shell): Latch | null {
  const { spec, outer, room, materials } = shell
  if (!hasLatch(spec)) return null
  const wall = latchWall(spec)
  const along = SIDES[wall].axis === 'x' ? 'y' : 'x'
  const t = materials.mean[wall]
  const wide = tongueWidth(t)
  const middle = (room.min[along] + room.max[along]) / 2
  const high = roundLength(HIGH * t)
  return {
    wall,
    loose: loosePanels(spec)[0],
    along,
    from: roundLength(middle - wide / 2),
    to: roundLength(middle + wide / 2),
    tip: roundLength(outer.z + high + ABOVE * t),
    high,
  }
}

/** Least length inside of the wall that carries a latch, mm. */
export const latchRoom = (thickness: number): number => WALL * thickness

/** Who owns what of the edge between the wall and the loose panel: the tongue is the wall's. */
export function latchClaims(shell: Shell, names: PanelName[], claims: Claim[]): Claim[] {
  const latch = latchOf(shell)
  if (!latch || !names.includes(latch.wall) || !names.includes(latch.loose)) return claims
  const [{ owner, from }] = claims
  const { to } = claims[claims.length - 1]
  const other = owner === 0 ? 1 : 0
  return [
    { owner, from, to: latch.from },
    { owner: other, from: latch.from, to: latch.to },
    { owner, from: latch.to, to },
  ]
}

/** A wall with its tongue. */
export function withTongue(shell: Shell, part: Part): Part {
  const latch = latchOf(shell)
  if (latch?.wall !== part.id) return part
  const block: Block = { min: { ...shell.outer }, max: { ...shell.outer, z: latch.tip } }
  ;[block.min[latch.along], block.max[latch.along]] = [latch.from, latch.to]
  return { ...part, tongue: onPart(part.frame, block) }
}

/** The notch of the loose panel, the hole of the tongue, and what makes a wedge of a strip. */
export function latchFeatures(shell: Shell, part: Part): Feature[] {
  const latch = latchOf(shell)
  if (!latch) return []
  const { materials, outer } = shell
  const through = (what: Feature['what'], block: Block): Feature => {
    const { minX, minY, maxX, maxY } = onPart(part.frame, block)
    return { what, depth: null, shape: rectangle(minX, minY, maxX, maxY), joint: null }
  }
  const { axis, end } = SIDES[latch.wall]
  const [low, high] = slab(shell, latch.wall)
  const block = (across: [number, number], along: [number, number], z: [number, number]): Block => {
    const made: Block = { min: { x: 0, y: 0, z: z[0] }, max: { x: 0, y: 0, z: z[1] } }
    ;[made.min[axis], made.max[axis]] = across
    ;[made.min[latch.along], made.max[latch.along]] = along
    return made
  }
  const middle = (latch.from + latch.to) / 2
  if (part.id === latch.loose) {
    // The bend lies below this panel: opening, its edge moves away from the tongue, past the outside.
    const across: [number, number] = end === 'high' ? [low - PLAY, high + 1] : [low - 1, high + PLAY]
    return [through('notch', block(across, [latch.from - PLAY, latch.to + PLAY], [0, outer.z]))]
  }
  if (part.id === latch.wall) {
    const half = (materials.thickest.dividers + PLAY) / 2
    const z: [number, number] = [roundLength(outer.z - DRAW), roundLength(outer.z + latch.high)]
    return [through('hole', block([low, high], [roundLength(middle - half), roundLength(middle + half)], z))]
  }
  if (part.id !== 'wedge') return []
  // Above its slope there is nothing: it touches the hole's upper edge where it leaves the wall.
  const t = materials.mean[latch.wall]
  const [face, out] = end === 'high' ? [high, 1] : [low, -1]
  const slope = (from: number): number => outer.z + latch.high + from / RISE
  const corners: [number, number][] = [
    [face + out * (OUT * t + 1), slope(OUT * t + 1)],
    [face + out * (OUT * t + 1), slope(OUT * t) + t],
    [face - out * ((1 + IN) * t + 1), slope(OUT * t) + t],
    [face - out * ((1 + IN) * t + 1), slope(-(1 + IN) * t - 1)],
  ]
  const own = corners.map(([across, z]) => {
    const at: Size = { x: 0, y: 0, z }
    at[axis] = across
    return pointOnPart(part.frame, at)
  })
  return [{ what: 'corner', depth: null, shape: own, joint: null }]
}

/** The wedge, as it stands when it is home. */
export function wedgeOf(shell: Shell): AddedPart[] {
  const latch = latchOf(shell)
  if (!latch) return []
  const { materials, outer } = shell
  const t = materials.mean[latch.wall]
  const { axis, end } = SIDES[latch.wall]
  const [low, high] = slab(shell, latch.wall)
  const middle = (latch.from + latch.to) / 2
  const block: Block = {
    min: { ...outer },
    max: { ...outer, z: roundLength(outer.z + latch.high + (OUT * t) / RISE) },
  }
  const [face, out] = end === 'high' ? [high, 1] : [low, -1]
  const ends = [roundLength(face + out * OUT * t), roundLength(face - out * (1 + IN) * t)]
  ;[block.min[axis], block.max[axis]] = [Math.min(...ends), Math.max(...ends)]
  const thickness = materials.mean.dividers
  const [left, right] = [roundLength(middle - thickness / 2), roundLength(middle + thickness / 2)]
  ;[block.min[latch.along], block.max[latch.along]] = [left, right]
  const about = { id: 'wedge', label: 'wedge', thickness, thickest: materials.thickest.dividers }
  return [{ part: partOf(about, LIES[latch.along === 'y' ? 'front' : 'right'], block, outer), contact: null }]
}

/** How the wedge comes out: outward, all of it. */
export function wedgeGroup(shell: Shell): SlideGroup[] {
  const latch = latchOf(shell)
  if (!latch) return []
  const { axis, end } = SIDES[latch.wall]
  const range = roundLength((1 + IN + 1) * shell.materials.mean[latch.wall])
  const way = { axis, sign: end === 'high' ? (1 as const) : (-1 as const) }
  return [{ id: 'wedge', motion: 'slide', parts: ['wedge'], way, range }]
}

import { slabOf, type Block, type Part, type Size } from '../assembly'
import { transformPoint } from '../geometry'
import { kindOfLid, lidOf, type FittingOf } from '../fittings'
import type { Box } from '../box'

/** How far something reaches into the room from one of its walls, mm. */
interface Reach {
  axis: 'x' | 'y'
  end: 'low' | 'high'
  by: number
}

/** As much of the room's width is closed all along, and not here and there. */
const ALL_ALONG = 0.9

/** How far a board that lies over the room closes it from one of its walls. */
function overhangOf(part: Part, { room }: Box): Reach | null {
  const { minX, minY, maxX, maxY } = part.blank
  const [one, other] = [
    [minX, minY],
    [maxX, maxY],
  ].map(([x, y]) => transformPoint(part.frame, [x, y, 0]))
  const [x, y, z] = [0, 1, 2].map((i) => [Math.min(one[i], other[i]), Math.max(one[i], other[i])])
  const block = { min: { x: x[0], y: y[0], z: z[0] }, max: { x: x[1], y: y[1], z: z[1] } }
  const over = (axis: 'x' | 'y'): number =>
    Math.min(block.max[axis], room.max[axis]) - Math.max(block.min[axis], room.min[axis])
  const isAlong = (axis: 'x' | 'y'): boolean => over(axis) > ALL_ALONG * (room.max[axis] - room.min[axis])
  if (block.min.z < (room.min.z + room.max.z) / 2 || isAlong('x') === isAlong('y')) return null
  const axis = isAlong('x') ? 'y' : 'x'
  if (over(axis) <= 0) return null
  const isLow = block.min[axis] - room.min[axis] < room.max[axis] - block.max[axis]
  return { axis, end: isLow ? 'low' : 'high', by: over(axis) }
}

/** How far a part that stands along a wall reaches into the room from there. */
function reachOf(part: Part, box: Box): Reach | null {
  const { room } = box
  const { axis, ends } = slabOf(part)
  if (axis === 'z') return overhangOf(part, box)
  if (ends[0] < room.min[axis] - 1e-6 || ends[1] > room.max[axis] + 1e-6) return null
  const isLow = ends[0] - room.min[axis] < room.max[axis] - ends[1]
  const by = isLow ? ends[1] - room.min[axis] : room.max[axis] - ends[0]
  return { axis, end: isLow ? 'low' : 'high', by }
}

/** The widest stretch between dividers, of those that a side of the room leaves. */
function widestOf({ dividers }: Box, axis: 'x' | 'y', [from, to]: [number, number]): [number, number] {
  const direction = axis === 'x' ? 'columns' : 'rows'
  const places = dividers.filter((divider) => divider.direction === direction).map(({ place }) => place)
  const ends = [from, ...places.flat().sort((a, b) => a - b), to]
  const cells = Array.from({ length: ends.length / 2 }, (_, i): [number, number] => [
    Math.max(from, ends[2 * i]),
    Math.min(to, ends[2 * i + 1]),
  ])
  return cells.reduce((widest, cell) => (cell[1] - cell[0] > widest[1] - widest[0] + 1e-9 ? cell : widest))
}

/**
 * The room of the largest block that can be put in down to the floor and taken out again, with the lid closed
 * over it, mm; where dividers share it out, that of the largest cell.
 */
export function freeRoom(box: Box): Block {
  const { spec, assembly, names, dividers, room, materials } = box
  const moving = new Set(assembly.groups.flatMap(({ parts }) => parts))
  const reached = { x: { low: 0, high: 0 }, y: { low: 0, high: 0 } }
  for (const part of assembly.parts) {
    if (moving.has(part.id) || names.some((name) => name === part.id)) continue
    if (dividers.some((divider) => divider.part.id === part.id)) continue
    const own = reachOf(part, box)
    if (own) reached[own.axis][own.end] = Math.max(reached[own.axis][own.end], own.by)
  }
  const lid = lidOf(spec)
  const hung = (lid && kindOfLid(lid).hangs?.(lid, materials.mean)) ?? 0
  const within = (axis: 'x' | 'y'): [number, number] =>
    widestOf(box, axis, [room.min[axis] + reached[axis].low, room.max[axis] - reached[axis].high])
  const [x, y] = [within('x'), within('y')]
  return {
    min: { x: x[0], y: y[0], z: room.min.z },
    max: { x: x[1], y: y[1], z: room.max.z - hung },
  }
}

/** How large that block is. */
export function largestContents(box: Box): Size {
  if (box.angled) return box.inner // of walls at any angle no block is told yet
  const { min, max } = freeRoom(box)
  return { x: max.x - min.x, y: max.y - min.y, z: max.z - min.z }
}

/** How much of a box a thing takes that has to go in: room on both sides of it, and above, mm. */
const taken = ({ width, depth, height, room }: FittingOf<'contents'>): Size => ({
  x: width + 2 * room,
  y: depth + 2 * room,
  z: height + room,
})

/** By how much it does not go in, in each direction: less than nothing where room is left, mm. */
export function shortOf(own: FittingOf<'contents'>, free: Size): Size {
  const { x, y, z } = taken(own)
  return { x: x - free.x, y: y - free.y, z: z - free.z }
}

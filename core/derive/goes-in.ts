import { slabOf, type Part, type Size } from '../assembly'
import { kindOfLid, lidOf } from '../fittings'
import type { Box } from '../box'

/** How far a part that stands along a wall reaches into the room from there, mm, at which end of its axis. */
function reachOf(part: Part, { room }: Box): { axis: 'x' | 'y'; end: 'low' | 'high'; by: number } | null {
  const { axis, ends } = slabOf(part)
  if (axis === 'z' || ends[0] < room.min[axis] - 1e-6 || ends[1] > room.max[axis] + 1e-6) return null
  const isLow = ends[0] - room.min[axis] < room.max[axis] - ends[1]
  const by = isLow ? ends[1] - room.min[axis] : room.max[axis] - ends[0]
  return { axis, end: isLow ? 'low' : 'high', by }
}

/**
 * The largest block that can be put in down to the floor and taken out again, with the lid closed over it,
 * mm; null where dividers share out the room.
 */
export function goesIn(box: Box): Size | null {
  const { spec, assembly, names, dividers, room, materials } = box
  if (dividers.length > 0) return null
  const moving = new Set(assembly.groups.flatMap(({ parts }) => parts))
  const reached = { x: { low: 0, high: 0 }, y: { low: 0, high: 0 } }
  for (const part of assembly.parts) {
    if (moving.has(part.id) || names.some((name) => name === part.id)) continue
    const own = reachOf(part, box)
    if (own) reached[own.axis][own.end] = Math.max(reached[own.axis][own.end], own.by)
  }
  const lid = lidOf(spec)
  const hung = (lid && kindOfLid(lid).hangs?.(lid, materials.mean)) ?? 0
  const along = (axis: 'x' | 'y'): number =>
    room.max[axis] - room.min[axis] - reached[axis].low - reached[axis].high
  return { x: along('x'), y: along('y'), z: room.max.z - room.min.z - hung }
}

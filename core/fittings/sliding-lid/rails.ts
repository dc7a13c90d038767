import type { Block } from '../../assembly'
import { roundLength } from '../../joints'
import { LIES, partOf, type AddedPart, type Shell, type Thicknesses } from '../shell'
import type { SlidingLid } from './schema'

/** Height of the strips that a lid slides on, in thicknesses; of a strip above it at least, mm. [FM] */
const RAIL = 2
export const LEAST_RAIL = 2

/** How far the strips that a lid slides on reach down from it, mm; 0 where there are none. */
export const railsBelow = ({ rails }: SlidingLid, t: Thicknesses): number => (rails ? RAIL * t.dividers : 0)

/** Strips on the side walls, below and above a lid that slides between them. */
export function railsOf(own: SlidingLid, { room, materials, outer, slabs }: Shell): AddedPart[] {
  if (!own.rails) return []
  const thick = materials.mean.dividers
  const [low, high] = slabs.top!
  const heights: Record<'low' | 'high', [number, number]> = {
    low: [roundLength(Math.max(room.min.z, low - railsBelow(own, materials.mean))), low],
    high: [roundLength(high + own.play), outer.z],
  }
  return (['left', 'right'] as const).flatMap((side) =>
    (['low', 'high'] as const).map((which): AddedPart => {
      const x: [number, number] =
        side === 'left'
          ? [room.min.x, roundLength(room.min.x + thick)]
          : [roundLength(room.max.x - thick), room.max.x]
      const [from, to] = heights[which]
      const block: Block = {
        min: { x: x[0], y: room.min.y, z: from },
        max: { x: x[1], y: room.max.y, z: to },
      }
      const id = `rail-${side}-${which}`
      const label = `rail ${side} ${which === 'low' ? 'below' : 'above'}`
      const about = { id, label, thickness: thick, thickest: materials.thickest.dividers }
      const area = (room.max.y - room.min.y) * (to - from)
      return { part: partOf(about, LIES[side], block, outer), contact: { parts: [side, id], area } }
    }),
  )
}

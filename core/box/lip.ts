import type { Block, Contact, Part } from '../assembly'
import { LIES, partOf, slab, type Shell } from './shell'
import { lifts } from './spec'

/** A sheet glued under a lid that lifts off: it reaches between the walls and keeps the lid in place. */
export function lipOf(shell: Shell): { part: Part; contact: Contact } | null {
  const { spec, room, materials, outer } = shell
  if (!lifts(spec)) return null
  const [under] = slab(shell, 'top')
  const { play } = spec.lid
  const block: Block = {
    min: { x: room.min.x + play, y: room.min.y + play, z: under - materials.mean.top },
    max: { x: room.max.x - play, y: room.max.y - play, z: under },
  }
  const about = {
    id: 'lip',
    label: 'lip',
    thickness: materials.mean.top,
    thickest: materials.thickest.top,
  }
  const area = (block.max.x - block.min.x) * (block.max.y - block.min.y)
  return { part: partOf(about, LIES.top, block, outer), contact: { parts: ['top', 'lip'], area } }
}

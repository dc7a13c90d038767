import type { Block, Contact, Part } from '../assembly'
import { onGrid } from '../joints'
import { stopBelow } from './rails'
import { LIES, partOf, slab, type Shell } from './shell'
import { isCaptive } from './spec'

/** Where that strip stands when the lid is closed: before the back wall, between the side walls. */
function blockOf(shell: Shell): Block {
  const { spec, room, materials } = shell
  const [under] = slab(shell, 'top')
  const { play } = spec.lid
  const beside = play + (spec.lid.rails ? materials.mean.dividers : 0)
  const back = onGrid(room.max.y - play)
  return {
    min: {
      x: onGrid(room.min.x + beside),
      y: onGrid(back - materials.mean.top),
      z: onGrid(under - stopBelow(shell)),
    },
    max: { x: onGrid(room.max.x - beside), y: back, z: under },
  }
}

/** A strip glued under the back edge of a sliding lid: it strikes the front wall before the lid is out. */
export function stopOf(shell: Shell): { part: Part; contact: Contact } | null {
  if (!isCaptive(shell.spec)) return null
  const { materials, outer } = shell
  const block = blockOf(shell)
  const about = {
    id: 'stop',
    label: 'stop strip',
    thickness: materials.mean.top,
    thickest: materials.thickest.top,
  }
  const area = (block.max.x - block.min.x) * materials.mean.top
  return { part: partOf(about, LIES.back, block, outer), contact: { parts: ['top', 'stop'], area } }
}

/** How far such a lid is drawn out before its strip strikes the front wall, mm. */
export const captiveRange = (shell: Shell): number => onGrid(blockOf(shell).min.y - shell.room.min.y)

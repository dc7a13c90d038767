import type { Block } from '../../assembly'
import { roundLength } from '../../joints'
import { LIES, partOf, type AddedPart, type Shell, type Thicknesses } from '../shell'
import type { SlidingLid } from './schema'

/** How far a strip that holds a lid back reaches down from it, in thicknesses. [FM] */
const STOP = 2

/** Height of the strip under a lid that cannot be drawn out altogether, mm; 0 where there is none. */
export const stopBelow = ({ captive }: SlidingLid, t: Thicknesses): number => (captive ? STOP * t.top : 0)

/** Where that strip stands when the lid is closed: before the back wall, between the side walls. */
function blockOf(own: SlidingLid, { room, materials, slabs }: Shell): Block {
  const [under] = slabs.top!
  const { play } = own
  const beside = play + (own.rails ? materials.mean.dividers : 0)
  const back = roundLength(room.max.y - play)
  return {
    min: {
      x: roundLength(room.min.x + beside),
      y: roundLength(back - materials.mean.top),
      z: roundLength(under - stopBelow(own, materials.mean)),
    },
    max: { x: roundLength(room.max.x - beside), y: back, z: under },
  }
}

/** A strip glued under the back edge of a sliding lid: it strikes the front wall before the lid is out. */
export function stopOf(own: SlidingLid, shell: Shell): AddedPart {
  const { materials, outer } = shell
  const block = blockOf(own, shell)
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
export const captiveRange = (own: SlidingLid, shell: Shell): number =>
  roundLength(blockOf(own, shell).min.y - shell.room.min.y)

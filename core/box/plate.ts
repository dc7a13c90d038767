import type { Block } from '../assembly'
import { onGrid } from '../joints'
import { LIES, partOf, type Shell } from './shell'
import type { Added } from './strips'

/** A sheet glued before the front wall, and the knob that is glued to it or to the front itself. */
export function plateOf(shell: Shell): Added[] {
  const { spec, outer, materials } = shell
  const { plate, pull } = spec.fittings
  const about = { thickness: materials.mean.front, thickest: materials.thickest.front }
  const added: Added[] = []
  let before = 0
  if (plate) {
    before = onGrid(-about.thickness)
    const block: Block = {
      min: { x: onGrid(-plate.left), y: before, z: onGrid(-plate.down) },
      max: { x: onGrid(outer.x + plate.right), y: 0, z: onGrid(outer.z + plate.up) },
    }
    const part = partOf({ ...about, id: 'plate', label: 'front plate' }, LIES.front, block, outer)
    added.push({ part, contact: { parts: ['front', 'plate'], area: outer.x * outer.z } })
  }
  if (pull.kind === 'knob') {
    const [x, z, radius] = [outer.x / 2, outer.z / 2, pull.size / 2]
    const block: Block = {
      min: { x: x - radius, y: onGrid(before - about.thickness), z: z - radius },
      max: { x: x + radius, y: before, z: z + radius },
    }
    const part = partOf({ ...about, id: 'knob', label: 'knob' }, LIES.front, block, outer)
    const area = Math.PI * radius * radius
    added.push({ part, contact: { parts: [plate ? 'plate' : 'front', 'knob'], area } })
  }
  return added
}

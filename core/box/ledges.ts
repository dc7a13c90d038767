import type { Block, Contact, Part } from '../assembly'
import { LIES, partOf, slab, type Shell } from './shell'
import type { PanelName } from './spec'

/** A strip glued to the inside of a wall, for the floor to lie on. */
export interface Ledge {
  part: Part
  contact: Contact
}

/** Ledges under a loose floor: whole ones at front and back, the others between them. */
export function ledgesOf(shell: Shell): Ledge[] {
  const { spec, room, materials, outer } = shell
  if (spec.floor.kind !== 'ledge') return []
  const top = slab(shell, 'floor')[0]
  const wide = Math.min(spec.floor.ledge, top)
  const thick = materials.mean.floor
  const ledge = (wall: PanelName, x: [number, number], y: [number, number]): Ledge => {
    const block: Block = {
      min: { x: x[0], y: y[0], z: top - wide },
      max: { x: x[1], y: y[1], z: top },
    }
    const about = {
      id: `ledge-${wall}`,
      label: `ledge ${wall}`,
      thickness: thick,
      thickest: materials.thickest.floor,
    }
    const length = wall === 'front' || wall === 'back' ? x[1] - x[0] : y[1] - y[0]
    return {
      part: partOf(about, LIES[wall], block, outer),
      contact: { parts: [wall, `ledge-${wall}`], area: length * wide },
    }
  }
  const { min, max } = room
  const between: [number, number] = [min.y + thick, max.y - thick]
  return [
    ledge('front', [min.x, max.x], [min.y, min.y + thick]),
    ledge('back', [min.x, max.x], [max.y - thick, max.y]),
    ledge('left', [min.x, min.x + thick], between),
    ledge('right', [max.x - thick, max.x], between),
  ]
}

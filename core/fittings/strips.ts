import type { Block, Contact } from '../assembly'
import { roundLength } from '../joints'
import type { PanelName } from './panel-names'
import { LIES, partOf, type AddedPart, type Shell } from './shell'

interface Ring {
  id: string
  /** From where to where it reaches upward. */
  from: number
  to: number
  /** What is left between it and each wall. */
  play: number
  stock: 'floor' | 'dividers'
  isGlued: boolean
}

/** Four strips round the inside of the walls: whole ones at front and back, the others between them. */
export function ringOf(shell: Shell, { id, from, to, play, stock, isGlued }: Ring): AddedPart[] {
  const { room, materials, outer } = shell
  const thick = materials.mean[stock]
  const strip = (wall: PanelName, x: [number, number], y: [number, number]): AddedPart => {
    const block: Block = { min: { x: x[0], y: y[0], z: from }, max: { x: x[1], y: y[1], z: to } }
    const about = {
      id: `${id}-${wall}`,
      label: `${id} ${wall}`,
      thickness: thick,
      thickest: materials.thickest[stock],
    }
    const length = wall === 'front' || wall === 'back' ? x[1] - x[0] : y[1] - y[0]
    const contact: Contact = { parts: [wall, about.id], area: length * (to - from) }
    return { part: partOf(about, LIES[wall], block, outer), contact: isGlued ? contact : null }
  }
  const [left, right] = [roundLength(room.min.x + play), roundLength(room.max.x - play)]
  const [front, back] = [roundLength(room.min.y + play), roundLength(room.max.y - play)]
  const between: [number, number] = [roundLength(front + thick), roundLength(back - thick)]
  return [
    strip('front', [left, right], [front, between[0]]),
    strip('back', [left, right], [between[1], back]),
    strip('left', [left, roundLength(left + thick)], between),
    strip('right', [roundLength(right - thick), right], between),
  ]
}

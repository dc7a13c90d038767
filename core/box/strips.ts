import type { Block, Contact, Part } from '../assembly'
import { onGrid } from '../joints'
import { cellsOf } from './dividers'
import { railsBelow } from './rails'
import { LIES, partOf, slab, type Shell } from './shell'
import { slides, type PanelName } from './spec'

/** A part that is glued to another one, or stands beside it: it shares no space with it. */
export interface Added {
  part: Part
  contact: Contact | null
}

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
function ringOf(shell: Shell, { id, from, to, play, stock, isGlued }: Ring): Added[] {
  const { room, materials, outer } = shell
  const thick = materials.mean[stock]
  const strip = (wall: PanelName, x: [number, number], y: [number, number]): Added => {
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
  const [left, right] = [onGrid(room.min.x + play), onGrid(room.max.x - play)]
  const [front, back] = [onGrid(room.min.y + play), onGrid(room.max.y - play)]
  const between: [number, number] = [onGrid(front + thick), onGrid(back - thick)]
  return [
    strip('front', [left, right], [front, between[0]]),
    strip('back', [left, right], [between[1], back]),
    strip('left', [left, onGrid(left + thick)], between),
    strip('right', [onGrid(right - thick), right], between),
  ]
}

/** Ledges under a loose floor. */
export function floorLedges(shell: Shell): Added[] {
  const { floor } = shell.spec
  if (floor.kind !== 'ledge') return []
  const to = slab(shell, 'floor')[0]
  const from = to - Math.min(floor.ledge, to)
  return ringOf(shell, { id: 'ledge', from, to, play: 0, stock: 'floor', isGlued: true })
}

/** Ledges that a tray stands on. */
export function trayLedges(shell: Shell): Added[] {
  const { ledge } = shell.spec.fittings
  if (!ledge) return []
  const to = onGrid(shell.room.min.z + ledge.at)
  const from = onGrid(to - Math.min(ledge.width, ledge.at))
  return ringOf(shell, { id: 'tray-ledge', from, to, play: 0, stock: 'dividers', isGlued: true })
}

/** A lining that stands on the floor and reaches above the rim. */
export function liningOf(shell: Shell): Added[] {
  const { lining } = shell.spec.fittings
  if (!lining) return []
  const { room, outer } = shell
  const reach = { from: room.min.z, to: onGrid(outer.z + lining.above), play: lining.play }
  return ringOf(shell, { id: 'lining', ...reach, stock: 'dividers', isGlued: false })
}

/** Strips for drawers to run on, at both sides of every column. */
export function runnersOf(shell: Shell): Added[] {
  const { spec, room, materials, outer } = shell
  const { runners } = spec.fittings
  if (!runners) return []
  const columns = cellsOf(shell, 'columns')
  if (!columns.ok) return []
  const thick = materials.mean.dividers
  let reached = room.min.y
  const heights = runners.rows.slice(0, -1).map((row): [number, number] => {
    const from = onGrid(reached + row)
    reached = onGrid(from + runners.high)
    return [from, reached]
  })
  let left = room.min.x
  return columns.widths.flatMap((width, column) => {
    const right = left + width
    const mates = [column === 0 ? 'left' : `column-${column}`, `column-${column + 1}`]
    if (column === columns.widths.length - 1) mates[1] = 'right'
    const places: [number, number][] = [
      [left, left + thick],
      [right - thick, right],
    ]
    left = right + thick
    return heights.flatMap(([from, to], row) =>
      places.map(([low, high], side): Added => {
        const block: Block = {
          min: { x: onGrid(low), y: from, z: room.min.z },
          max: { x: onGrid(high), y: to, z: onGrid(outer.z - runners.setBack) },
        }
        const name = `runner ${column + 1}-${row + 1} ${side === 0 ? 'left' : 'right'}`
        const about = {
          id: name.replaceAll(' ', '-'),
          label: name,
          thickness: thick,
          thickest: materials.thickest.dividers,
        }
        const area = (to - from) * (block.max.z - block.min.z)
        const lie = LIES[side === 0 ? 'left' : 'right']
        return { part: partOf(about, lie, block, outer), contact: { parts: [mates[side], about.id], area } }
      }),
    )
  })
}

/** Strips on the side walls, below and above a lid that slides between them. */
export function railsOf(shell: Shell): Added[] {
  const { spec, room, materials, outer } = shell
  if (!slides(spec) || !spec.lid.rails) return []
  const thick = materials.mean.dividers
  const [low, high] = slab(shell, 'top')
  const heights: Record<'low' | 'high', [number, number]> = {
    low: [onGrid(Math.max(room.min.z, low - railsBelow(shell))), low],
    high: [onGrid(high + spec.lid.play), outer.z],
  }
  return (['left', 'right'] as const).flatMap((side) =>
    (['low', 'high'] as const).map((which): Added => {
      const x: [number, number] =
        side === 'left' ? [room.min.x, onGrid(room.min.x + thick)] : [onGrid(room.max.x - thick), room.max.x]
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

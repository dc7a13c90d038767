import { ringOf, type AddedPart } from '../fittings'
import { slab, type Shell } from './shell'

/** Ledges under a loose floor. */
export function floorLedges(shell: Shell): AddedPart[] {
  const { floor } = shell.spec
  if (floor.kind !== 'ledge') return []
  const to = slab(shell, 'floor')[0]
  const from = to - Math.min(floor.ledge, to)
  return ringOf(shell, { id: 'ledge', from, to, play: 0, stock: 'floor', isGlued: true })
}

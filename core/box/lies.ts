import type { Group, Lie } from '../assembly'
import type { LiesHow } from './in-use'

/**
 * How a box's own axes run where it stands in use. On its back, what was its front is below; upside down, its
 * back comes to the front.
 */
export const LIES_IN_USE: Record<LiesHow, Lie> = {
  upright: { x: { axis: 'x', sign: 1 }, y: { axis: 'y', sign: 1 }, z: { axis: 'z', sign: 1 } },
  'on its back': { x: { axis: 'x', sign: 1 }, y: { axis: 'z', sign: 1 }, z: { axis: 'y', sign: -1 } },
  'upside down': { x: { axis: 'x', sign: 1 }, y: { axis: 'y', sign: -1 }, z: { axis: 'z', sign: -1 } },
}

/** Whether something that moves does so by its own weight where a box stands in use. */
export function fallsOpen(lies: LiesHow, group: Group): boolean {
  // What is wedged stays where it is.
  if (group.id === 'wedge') return false
  if (group.motion === 'bend' && group.after) return false
  if (group.motion !== 'slide') return lies === 'upside down'
  const { axis, sign } = LIES_IN_USE[lies][group.way.axis]
  return axis === 'z' && sign * group.way.sign === -1
}

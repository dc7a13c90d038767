import { difference, type Region } from '../geometry'
import type { Panel } from './resolve'
import type { Joint } from './types'

/**
 * A panel where the pockets of a joint are cut right through: what is left of it, in one piece or several.
 */
export function openedFor(panel: Panel, joint: Joint): Region[] {
  const pockets = panel.features.filter((feature) => feature.joint === joint.id && feature.depth !== null)
  return difference(
    panel.region,
    pockets.map(({ shape }) => shape),
  )
}

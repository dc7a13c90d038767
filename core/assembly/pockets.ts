import { difference, type Region } from '../geometry'
import type { Panel } from './resolve'
import type { Joint } from './types'

/** A panel where the pockets of a joint are cut right through; null when that would take it apart. */
export function openedFor(panel: Panel, joint: Joint): Region | null {
  const pockets = panel.features.filter((feature) => feature.joint === joint.id && feature.depth !== null)
  const open = difference(
    panel.region,
    pockets.map(({ shape }) => shape),
  )
  return open.length === 1 ? open[0] : null
}

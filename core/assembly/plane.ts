import { transformPoint, type Point, type Region } from '../geometry'
import type { Panel } from './resolve'
import type { Axis } from './types'

/** A point of the box seen along an axis. */
export const projected = ([x, y, z]: [number, number, number], axis: Axis): Point =>
  axis === 'x' ? { x: y, y: z } : axis === 'y' ? { x: z, y: x } : { x, y }

/** A panel's shape in a plane of the box that it lies along, so that parallel panels can be compared. */
export function onOnePlane(panel: Panel, axis: Axis): Region {
  const move = (ring: Region['outline']): Region['outline'] =>
    ring.map(({ x, y }) => projected(transformPoint(panel.frame, [x, y, 0]), axis))
  const { outline, holes } = panel.region
  return { outline: move(outline), holes: holes.map(move) }
}

import type { Feature, Part } from '../assembly'
import { archRing } from '../geometry'
import { throughFeature } from './fitting'

/** Share of a wall that its arch leaves to either foot. [FM] */
const FOOT_SHARE = 0.12

/** An arch along an edge of a wall. @param edge its y on the part @param high mm, negative downward */
export function archFeature(part: Part, edge: number, high: number): Feature[] {
  const { minX, maxX } = part.blank
  const foot = Math.max(part.thickness * 2, (maxX - minX) * FOOT_SHARE)
  const [left, right] = [minX + foot, maxX - foot]
  return high === 0 || right - left < 2 * Math.abs(high)
    ? []
    : [throughFeature('arch', archRing(left, right, edge, high))]
}

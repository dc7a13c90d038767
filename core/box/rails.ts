import type { Materials } from './shell'
import { slides, type BoxSpec } from './spec'

/** Height of the strips that a lid slides on, in thicknesses. [FM] */
const RAIL = 2

/** How far the strips that a lid slides on reach down from it, mm; 0 where there are none. */
export const railsBelow = ({
  spec,
  materials,
}: {
  spec: Pick<BoxSpec, 'top' | 'lid'>
  materials: Pick<Materials, 'mean'>
}): number => (slides(spec) && spec.lid.rails ? RAIL * materials.mean.dividers : 0)

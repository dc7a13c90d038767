import type { Materials } from './shell'
import { isCaptive, slides, type BoxSpec } from './spec'

/** Height of the strips that a lid slides on, in thicknesses. [FM] */
const RAIL = 2

/** How far a strip that holds a lid back reaches down from it, in thicknesses. [FM] */
const STOP = 2

interface Under {
  spec: Pick<BoxSpec, 'top' | 'lid'>
  materials: Pick<Materials, 'mean'>
}

/** How far the strips that a lid slides on reach down from it, mm; 0 where there are none. */
export const railsBelow = ({ spec, materials }: Under): number =>
  slides(spec) && spec.lid.rails ? RAIL * materials.mean.dividers : 0

/** Height of the strip under a lid that cannot be drawn out altogether, mm; 0 where there is none. */
export const stopBelow = ({ spec, materials }: Under): number =>
  isCaptive(spec) ? STOP * materials.mean.top : 0

/** How far anything reaches down from a lid, mm: dividers stay below. */
export const hangingBelow = (under: Under): number => Math.max(railsBelow(under), stopBelow(under))

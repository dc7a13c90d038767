import type { Axis } from '../assembly'
import type { PanelName } from './panel-names'

/** Which side of which axis each panel closes. */
export const SIDES: Record<PanelName, { axis: Axis; end: 'low' | 'high' }> = {
  left: { axis: 'x', end: 'low' },
  right: { axis: 'x', end: 'high' },
  front: { axis: 'y', end: 'low' },
  back: { axis: 'y', end: 'high' },
  floor: { axis: 'z', end: 'low' },
  top: { axis: 'z', end: 'high' },
}

export const WALLS: PanelName[] = ['front', 'back', 'left', 'right']

import type { Size } from '../assembly'
import type { PanelName } from '../fittings'

/** How a box stands in use: it is worked out with its open side up, however that is. */
export const LIES = ['upright', 'on its back', 'upside down'] as const
export type LiesHow = (typeof LIES)[number]

const SIDES_OF: Record<LiesHow, Partial<Record<PanelName, string>>> = {
  upright: {},
  'on its back': { floor: 'back', front: 'bottom', back: 'top' },
  'upside down': { floor: 'top', front: 'back', back: 'front', top: 'floor' },
}

/** What a panel is called where it stands in use. */
export const labelOf = (lies: LiesHow, name: PanelName): string => SIDES_OF[lies][name] ?? name

/** Width, depth and height of a box as it stands in use. */
export const sizeInUse = (lies: LiesHow, { x, y, z }: Size): [number, number, number] =>
  lies === 'on its back' ? [x, z, y] : [x, y, z]

export const PANEL_NAMES = ['floor', 'front', 'back', 'left', 'right', 'top'] as const
export type PanelName = (typeof PANEL_NAMES)[number]

/** Walls that stand at an angle, one after another. */
export const WALL_IDS = [
  ...(['wall-1', 'wall-2', 'wall-3', 'wall-4', 'wall-5', 'wall-6'] as const),
  ...(['wall-7', 'wall-8', 'wall-9', 'wall-10', 'wall-11', 'wall-12'] as const),
] as const

/** Every panel of a shell that something may be placed on; beyond a ridge there is a second top. */
export const FACE_PANELS = [...PANEL_NAMES, ...WALL_IDS, 'top-2'] as const
export type FacePanel = (typeof FACE_PANELS)[number]

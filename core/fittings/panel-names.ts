export const PANEL_NAMES = ['floor', 'front', 'back', 'left', 'right', 'top'] as const
export type PanelName = (typeof PANEL_NAMES)[number]

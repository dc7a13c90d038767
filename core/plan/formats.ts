/** What cut files are written as. */
export const FORMATS = ['svg', 'dxf', 'gcode', 'pdf', 'json'] as const
export type Format = (typeof FORMATS)[number]

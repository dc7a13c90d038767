import type { Motif } from '@core/art'

export const KIND_NAMES: Record<Motif['kind'], string> = {
  text: 'words',
  ruler: 'scale',
  code: 'square code',
  drawing: 'artwork',
  round: 'round area',
  rectangle: 'rectangle',
  picture: 'picture',
}
export const FIRST: Record<Exclude<Motif['kind'], 'drawing' | 'picture'>, Motif> = {
  text: { kind: 'text', text: '{job}', height: 8, letters: 'filled' },
  ruler: { kind: 'ruler', long: 100, high: 10, unit: 'mm' },
  code: { kind: 'code', text: '{job}, {revision}', size: 25 },
  round: { kind: 'round', diameter: 10 },
  rectangle: { kind: 'rectangle', width: 40, height: 20, radius: 2 },
}
const LABELS: Record<string, string> = {
  diameter: 'Diameter',
  long: 'Length',
  high: 'Height',
  size: 'Side',
  width: 'Width',
  height: 'Height',
  radius: 'Corner radius',
  dots: 'Dots apart',
  level: 'Black below, of 255',
}
export const labelOf = ({ kind }: Motif, key: string): string =>
  kind === 'text' && key === 'height' ? 'Height of capitals' : LABELS[key]

/** Whether a figure of a motif is one that is set. */
export const isSet = (motif: Motif, key: string): boolean =>
  key in LABELS && !(key === 'level' && motif.kind === 'picture' && motif.way === 'diffused')

import type { Motif } from '@core/art'
import { common } from '@web/words'
import { motifs as words } from './words'

export const KIND_NAMES: Record<Motif['kind'], string> = {
  text: 'words',
  ruler: 'scale',
  code: words.squareCode,
  drawing: 'artwork',
  round: words.roundArea,
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
  diameter: words.diameter,
  long: common.length,
  high: common.height,
  size: words.side,
  width: common.width,
  height: common.height,
  radius: words.cornerRadius,
  dots: words.dotsApart,
  level: words.blackBelow,
}
export const labelOf = ({ kind }: Motif, key: string): string =>
  kind === 'text' && key === 'height' ? words.heightCapitals : LABELS[key]

/** Whether a figure of a motif is one that is set. */
export const isSet = (motif: Motif, key: string): boolean =>
  key in LABELS && !(key === 'level' && motif.kind === 'picture' && motif.way === 'diffused')

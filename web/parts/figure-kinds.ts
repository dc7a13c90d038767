import { parseFigure, parseLength, parseSpeed, short, type Parsed, type Say } from '@core/length'

/** What a field holds: a length, a fine one such as a kerf, a speed, or a figure without unit. */
export type FigureKind = 'length' | 'fine' | 'speed' | 'figure'

const isLength = (kind: FigureKind): boolean => kind === 'length' || kind === 'fine'

/** Reads what was typed, in the maker's own unit where none is said. */
export function parseAs(kind: FigureKind, text: string, say: Say): Parsed {
  if (isLength(kind)) return parseLength(text, say.lengthUnit)
  return kind === 'speed' ? parseSpeed(text, say.speedUnit) : parseFigure(text)
}

/**
 * The figure as it stands in the field, to be typed over. @param digits decimals in millimetres, or of a
 * plain figure
 */
export function asTyped(kind: FigureKind, value: number | null, digits: number, say: Say): string {
  if (value === null) return ''
  const inches = isLength(kind) && say.lengthUnit === 'in'
  const plain = (): string => {
    if (inches && kind === 'length' && say.units.fractions) return say.shortPlain(value, digits)
    if (inches) return short(value / 25.4, kind === 'fine' ? 5 : 4)
    return kind === 'speed' ? say.speedPlain(value) : short(value, digits)
  }
  return plain().replace('−', '-')
}

export function unitOf(kind: FigureKind, say: Say): string {
  if (isLength(kind)) return say.lengthUnit
  return kind === 'speed' ? say.speedUnit : ''
}

/** The same figure in the units it was not typed in. */
export function inOtherUnits(kind: FigureKind, value: number, say: Say): string {
  if (isLength(kind)) return say.otherLength(value)
  return kind === 'speed' ? say.otherSpeeds(value) : ''
}

/** A limit, with its unit. */
export function limitText(kind: FigureKind, value: number, unit: string, say: Say): string {
  if (isLength(kind)) return say.short(value, 4)
  return kind === 'speed' ? say.speed(value) : `${short(value)}${unit && ` ${unit}`}`
}

/** Steps of a ruler in inches that come to about as much as a step in millimetres. */
const INCH_STEPS: [millimetres: number, inches: number][] = [
  [10, 1 / 2],
  [1, 1 / 16],
  [0.5, 1 / 32],
  [0.1, 0.005],
  [0, 0.0005],
]

/** What an arrow key adds: a sensible step in the unit that is shown, in mm or mm/s. */
export function stepOf(kind: FigureKind, step: number, say: Say): number {
  if (isLength(kind) && say.lengthUnit === 'in') return INCH_STEPS.find(([from]) => step >= from)![1] * 25.4
  if (kind === 'speed' && say.speedUnit === 'in/min') return ((step * 25.4) / 60) * 2
  return step
}

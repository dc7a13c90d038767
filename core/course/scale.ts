import type { LengthUnit } from '../length'

/**
 * What calipers are read by. [DEF] A vernier of `lines` lines is as long as one division of the main scale
 * less than so many of them: line `i` meets a mark where the zero stands `i` steps beyond one. Lengths in mm.
 */
export interface Scale {
  unit: LengthUnit
  /** From mark to mark of the main scale. */
  division: number
  lines: number
  /** Marks from one figure to the next, and what the figure counts by. */
  figureEvery: number
  figure: number
  /** Lines of the vernier from one number to the next. */
  numberEvery: number
  /** A turn of the dial's pointer, in a hundred marks. */
  turn: number
}

/** Read to 0.05 mm; the dial to 0.01 mm. */
export const METRIC_SCALE: Scale = {
  unit: 'mm',
  division: 1,
  lines: 20,
  figureEvery: 10,
  figure: 10,
  numberEvery: 10,
  turn: 1,
}
/** Read to 0.001 in: a fortieth of an inch, in twenty-five. The dial turns once in a tenth. */
export const INCH_SCALE: Scale = {
  unit: 'in',
  division: 25.4 / 40,
  lines: 25,
  figureEvery: 4,
  figure: 0.1,
  numberEvery: 5,
  turn: 2.54,
}
export const scaleIn = (unit: LengthUnit): Scale => (unit === 'in' ? INCH_SCALE : METRIC_SCALE)

/** The finest that the vernier tells, and the dial, mm. */
export const stepOf = ({ division, lines }: Scale): number => division / lines
export const dialStep = ({ turn }: Scale): number => turn / 100

/** Where a line of the vernier stands along the main scale, mm. */
export const lineAt = (scale: Scale, jaws: number, line: number): number =>
  jaws + (line * scale.division * (scale.lines - 1)) / scale.lines

/** How far a line of the vernier is from the nearest mark, mm. */
export function offMark(scale: Scale, jaws: number, line: number): number {
  const at = lineAt(scale, jaws, line) / scale.division
  return Math.abs(at - Math.round(at)) * scale.division
}

/** The line that meets a mark best; the last one is the first one of the next division. */
export function meetingLine(scale: Scale, jaws: number): number {
  let best = 0
  for (let line = 1; line < scale.lines; line++)
    if (offMark(scale, jaws, line) < offMark(scale, jaws, best) - 1e-9) best = line
  return best
}

/** What is read: whole marks before the vernier’s zero, and the steps that its line counts. mm */
export function readVernier(scale: Scale, jaws: number): number {
  const line = meetingLine(scale, jaws)
  const steps = Math.round((jaws - line * stepOf(scale)) / scale.division)
  return steps * scale.division + line * stepOf(scale)
}

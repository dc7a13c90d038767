import { counted, type Say } from '../length'
import type { TestPiece } from './piece'
import { combSteps, gaugeThickness, slotWidths, type TestMethod, type Trial } from './spec'

export const METHOD_NAMES: Record<TestMethod, string> = {
  squares: 'Squares, measured with calipers',
  strip: 'Slit strip',
  comb: 'Fit comb',
  slots: 'Slot gauge',
}

const NONE = 'No compensation is in the paths, and none must be set in the laser’s software.'

/** What is true of a test piece's file, in one or two sentences. */
export function pieceStatement(trial: Trial, thickness: { mean: number; sd: number }, say: Say): string {
  const { squares, strip } = trial
  const widths = slotWidths(trial, gaugeThickness(trial, thickness).mean)
  const steps = combSteps(trial)
  const range = (list: number[], plain: (mm: number) => string, whole: (mm: number) => string): string =>
    `${plain(list[0])} to ${whole(list[list.length - 1])}`
  const texts: Record<TestMethod, () => string> = {
    squares: () =>
      `${counted(squares.count, 'square')} of ${say.length(squares.side)}, arrows across the sheet. ` +
      `${NONE}`,
    strip: () =>
      `Strip of ${say.length(strip.length, 1)} cut by ${strip.lines} lines, both ends counted. ${NONE}`,
    comb: () =>
      `Comb pairs with compensation in the paths: ${range(steps, say.finePlain, say.fine)} per ` +
      'side. None must be set in the laser’s software.',
    slots: () => `Slots of ${range(widths, say.plain, say.length)}. ${NONE}`,
  }
  return texts[trial.method]()
}

/** Why a test piece cannot be cut from its offcut; empty when it can. */
export function pieceProblem({ missing, parts, width, height }: TestPiece, say: Say): string {
  if (missing === 0) return ''
  return (
    `${missing} of ${counted(parts, 'part')} ${missing === 1 ? 'does' : 'do'} not fit on this ` +
    `offcut of ${say.size([width, height], 0)}. Choose a larger one, or fewer or smaller parts.`
  )
}

export const doubt = {
  decimalPointSlipped: 'the decimal point slipped',
  decimalPointLeft: 'the decimal point was left out',
  readMillimetresConverted: 'read in millimetres, or converted twice',
  hardlyRightAbout: (reading: string, expected: string) =>
    `${reading} can hardly be right: about ${expected} is expected.`,
  rightCalipersZero: (odd: string, what: string) =>
    `${odd} Is it the right ${what}, with the calipers at zero? Measure it again.`,
  didMean: (odd: string, figure: string, slip: string) => `${odd} Did you mean ${figure} (${slip})?`,
}

import { shiftPoints, turnPoints, type Point } from '../geometry'
import { fixed } from '../length'
import { nest, poseShift, type LayoutSettings, type Placement } from '../nest'
import { orderPaths, type CutPath } from '../plan'
import { testParts, type TestPart } from './shapes'
import { combSteps, slotWidths, type TestMethod, type Trial } from './spec'

/** A test piece laid out on its offcut, ready to be written. mm */
export interface TestPiece {
  width: number
  height: number
  /** In cutting order. */
  paths: CutPath[]
  /** What is true of the file, in one sentence. */
  statement: string
  /** Why it cannot be cut from this offcut; empty when it can. */
  problem: string
}

export const METHOD_NAMES: Record<TestMethod, string> = {
  squares: 'Squares, measured both ways',
  strip: 'Slit strip',
  comb: 'Fit comb',
  slots: 'Slot gauge',
}

function statementFor(trial: Trial, thickness: number): string {
  const none = 'No compensation is in the paths, and none must be set in the laser’s software.'
  const widths = slotWidths(trial, thickness)
  const steps = combSteps(trial)
  const texts: Record<TestMethod, string> = {
    squares: `${trial.squares.count} squares of ${fixed(trial.squares.side, 2)} mm. ${none}`,
    strip: `Strip of ${fixed(trial.strip.length, 1)} mm cut by ${trial.strip.lines} lines, both ends counted. ${none}`,
    comb: `Comb pairs with compensation in the paths: ${fixed(steps[0], 3)} to ${fixed(steps[steps.length - 1], 3)} mm per side. None must be set in the laser’s software.`,
    slots: `Slots of ${fixed(widths[0], 2)} to ${fixed(widths[widths.length - 1], 2)} mm. ${none}`,
  }
  return texts[trial.method]
}

function pathsOf(
  { id, shape, crossCuts, marks }: TestPart,
  { x, y, turn }: Placement,
): { scored: CutPath[]; across: CutPath[]; inside: CutPath[]; outline: CutPath } {
  const { dx, dy } = poseShift(shape, turn)
  const place = (points: Point[]): Point[] => shiftPoints(turnPoints(points, turn), dx + x, dy + y)
  const open =
    (operation: CutPath['operation']) =>
    (points: Point[]): CutPath => ({ operation, part: id, points: place(points), closed: false })
  return {
    scored: marks.map(open('score')),
    across: crossCuts.map(open('inside')),
    inside: shape.holes.map((points): CutPath => ({
      operation: 'inside',
      part: id,
      points: place(points),
      closed: true,
    })),
    outline: { operation: 'outline', part: id, points: place(shape.outline), closed: true },
  }
}

/** Lines across go before the window that frees their pieces; everything else is ordered as any cut. */
function cuttingOrder(placed: ReturnType<typeof pathsOf>[]): CutPath[] {
  return [
    ...orderPaths(placed.flatMap(({ scored }) => scored)),
    ...placed.flatMap(({ across }) => across),
    ...orderPaths(placed.flatMap(({ inside }) => inside)),
    ...orderPaths(placed.map(({ outline }) => outline)),
  ]
}

/** Makes a test piece and lays it out on its offcut. @param thickness of the sheet, mm */
export function makeTestPiece(trial: Trial, thickness: number): TestPiece {
  const parts = testParts(trial, thickness)
  const { width, height } = trial.offcut
  const settings: LayoutSettings = {
    sheetWidth: width,
    sheetHeight: height,
    sheets: 1,
    margin: 3,
    gap: 3,
    grain: 'free',
    turning: true,
  }
  const { placements, unplaced } = nest(parts, settings, { width, height })
  const byId = new Map(parts.map((part) => [part.id, part]))
  const placed = placements.map((placement) => pathsOf(byId.get(placement.part)!, placement))
  return {
    width,
    height,
    paths: cuttingOrder(placed),
    statement: statementFor(trial, thickness),
    problem:
      unplaced.length > 0
        ? `${unplaced.length} of ${parts.length} parts do not fit on this offcut of ${fixed(width, 0)} × ${fixed(height, 0)} mm. Choose a larger one, or fewer or smaller parts.`
        : '',
  }
}

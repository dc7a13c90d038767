import { shiftPoints, turnPoints, type Point } from '../geometry'
import { nest, poseShift, surfaceOf, type NestRules, type Placement } from '../nest'
import { orderPaths, type CutPath } from '../plan'
import { testParts, type TestPart } from './shapes'
import { gaugeThickness, type Trial } from './spec'

/** A test piece laid out on its offcut, ready to be written. mm */
export interface TestPiece {
  width: number
  height: number
  /** In cutting order. */
  paths: CutPath[]
  parts: number
  /** Parts that do not fit on the offcut: it cannot be cut from it. */
  missing: number
}

interface Placed {
  scored: CutPath[]
  across: CutPath[]
  inside: CutPath[]
  outline: CutPath
}

function pathsOf({ id, shape, crossCuts, marks }: TestPart, { x, y, turn }: Placement): Placed {
  const { dx, dy } = poseShift(shape, turn)
  const place = (points: Point[]): Point[] => shiftPoints(turnPoints(points, turn), dx + x, dy + y)
  const path = (operation: CutPath['operation'], points: Point[], closed: boolean): CutPath => ({
    operation,
    part: id,
    points: place(points),
    closed,
  })
  return {
    scored: marks.map((points) => path('score', points, false)),
    across: crossCuts.map((points) => path('inside', points, false)),
    inside: shape.holes.map((points) => path('inside', points, true)),
    outline: path('outline', shape.outline, true),
  }
}

/** Lines across go before the window that frees their pieces; everything else is ordered as any cut. */
const cuttingOrder = (placed: Placed[]): CutPath[] => [
  ...orderPaths(placed.flatMap(({ scored }) => scored)),
  ...placed.flatMap(({ across }) => across),
  ...orderPaths(placed.flatMap(({ inside }) => inside)),
  ...orderPaths(placed.map(({ outline }) => outline)),
]

/** Squares lie as they are drawn: "across" and "along" are directions of the sheet. */
const settingsFor = ({ method }: Trial): NestRules => ({
  margin: 3,
  gap: 3,
  grain: 'free',
  turning: method !== 'squares',
})

/** Makes a test piece and lays it out on its offcut. @param thickness of the sheet now, mm */
export function makeTestPiece(trial: Trial, thickness: { mean: number; sd: number }): TestPiece {
  const parts = testParts(trial, gaugeThickness(trial, thickness).mean)
  const { width, height } = trial.offcut
  const flat = parts.map(({ id, shape }) => ({ id, shape, turnedShape: shape }))
  const { placements, unplaced } = nest(flat, settingsFor(trial), [surfaceOf({ width, height }, null)])
  const byId = new Map(parts.map((part) => [part.id, part]))
  const placed = placements.map((placement) => pathsOf(byId.get(placement.part)!, placement))
  return { width, height, paths: cuttingOrder(placed), parts: parts.length, missing: unplaced.length }
}

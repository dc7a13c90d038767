export {
  combNames,
  combSteps,
  fixGauge,
  gaugeThickness,
  newTrial,
  readingPrompts,
  reshaped,
  shiftedPiece,
  slotWidths,
  SQUARE_WAYS,
  startAnew,
  TEST_METHODS,
  trialSchema,
  type TestMethod,
  type Trial,
} from './spec'
export { testParts, type TestPart } from './shapes'
export { makeTestPiece, type TestPiece } from './piece'
export { doubtReading, expectedReading } from './doubt'
export { trialResult, type TrialResult } from './result'
export { METHOD_NAMES, pieceProblem, pieceStatement } from './words'
export { makeBendPiece, type BendPiece, type BendStrip } from './bend-piece'

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
  startAnew,
  TEST_METHODS,
  trialSchema,
  type TestMethod,
  type Trial,
} from './spec'

export { makeTestPiece, type TestPiece } from './piece'
export { doubtReading, expectedReading } from './doubt'
export { trialResult } from './result'
export { METHOD_NAMES, pieceProblem, pieceStatement } from './words'
export { makeBendPiece } from './bend-piece'

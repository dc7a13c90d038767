export {
  combNames,
  combSteps,
  newTrial,
  readingPrompts,
  slotWidths,
  TEST_METHODS,
  trialSchema,
  type TestMethod,
  type Trial,
} from './spec'
export { testParts, type TestPart } from './shapes'
export { makeTestPiece, METHOD_NAMES, type TestPiece } from './piece'
export { doubtReading, expectedReading } from './doubt'
export { trialResult, type TrialResult } from './result'

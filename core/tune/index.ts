export { resultsOfFree } from './came-free'
export {
  namesOtherSetting,
  settingSchema,
  settingWords,
  TEST_RESULTS,
  testRecordSchema,
  type Setting,
  type TestRecord,
  type TestResult,
} from './test-record'
export { cutEnergy } from './energy'
export { firstMark, type Mark } from './marks'
export { MOST_OWN, ownOperationSchema, type OwnOperation } from './own'
export { depthOf, POCKET_INTERVAL, pocketModel, speedForDepth } from './pocket'
export { speedFor, startingPoint, usualEnergy } from './rule'
export {
  cutSettings,
  engraveSettings,
  MOST_SQUARES,
  pocketSettings,
  testSheetSchema,
  type SheetKind,
  type TestSheet,
} from './sheet'
export { energyWorking } from './words'

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
export { chooseSetting, guess, startingPoint, usualEnergy, type Choice } from './choose'
export { energyFor, learn, modelOf, nextTest, speedFor, type CutModel } from './model'
export {
  cutSettings,
  engraveSettings,
  MOST_SQUARES,
  pocketSettings,
  testSheetSchema,
  type SheetKind,
  type TestSheet,
} from './sheet'
export { choiceReason, energyWorking } from './words'

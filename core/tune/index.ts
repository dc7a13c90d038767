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
export { MOST_OWN, ownOperationSchema, type OwnOperation } from './own'
export {
  depthOf,
  POCKET_INTERVAL,
  pocketEnergy,
  pocketModel,
  speedForDepth,
  type PocketModel,
} from './pocket'
export { chooseSetting, guess, startingPoint, usualEnergy, type Choice } from './choose'
export { energyFor, learn, modelOf, nextTest, speedFor, type CutModel, type CutOdds } from './model'
export {
  cutSettings,
  engraveSettings,
  MOST_SQUARES,
  pocketSettings,
  SHEET_KINDS,
  testSheetSchema,
  type SheetKind,
  type TestSheet,
} from './sheet'
export { choiceReason, energyWorking } from './words'

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
export { chooseSetting, guess, startingPoint, type Choice } from './choose'
export { choiceReason, energyWorking } from './words'

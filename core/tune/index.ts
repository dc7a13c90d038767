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
export { cutEnergy, energyWorking } from './energy'
export { chooseSetting, startingPoint, type Choice } from './choose'

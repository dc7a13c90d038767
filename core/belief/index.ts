export {
  believeBed,
  isLeaning,
  moreAt,
  placeSchema,
  tiltSchema,
  type BedBelief,
  type Place,
  type Tilt,
} from './bed'
export {
  fitPromises,
  fitScale,
  throughScale,
  gapPromises,
  keptByFirmness,
  promisedSchema,
  promiseRecordSchema,
  throughPromises,
  type Kept,
  type PromiseRecord,
} from './promises'
export { beliefOf } from './belief-of'
export { beliefsOf, believeFit } from './believe-fit'
export type { FitEvidence } from './fit-evidence'
export { oddsOfWord } from './odds-of-word'
export { checkRecordSchema, type CheckRecord } from './check-record'
export { nextSteps, type Next } from './next'
export { believeCut, cuttingOf, type CutBelief, type CutEvidence } from './learn'
export { energyFor, needOf, oddsOf } from './need'
export { nextTest } from './next-test'
export { chooseSetting, failedAt, guess, type Choice } from './choice'
export { choiceReason } from './choice-words'

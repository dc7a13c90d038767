export { arrangementSchema, emptyJob, jobSchema, MOST_PLACED, type Arrangement, type Job } from './schema'
export {
  markSchema,
  measuredSchema,
  OTHERWISE,
  revisionSchema,
  THROUGH,
  NO_RESULT,
  type Measured,
  type Otherwise,
  type Revision,
  type Used,
} from './revision'
export { migrateJob, migrateRecord, type RecordKind } from './migrate'
export {
  copiesSchema,
  FIRST_THING,
  MOST_THINGS,
  nextThingId,
  partPrefix,
  thingsOf,
  withThing,
  withThings,
  type Thing,
} from './things'
export { batchOf, batchRefusal } from './batch'
export { FOLLOWING, type Follow, type Following } from './follow'
export { currentTrial, withCurrentTrial, trialBy } from './trials'
export { checksOf, promiseOf, runOfRevision, runsOf, tasteOfVerdict, testOfRevision } from './verdicts'
export { totalsRefusal } from './totals'
export { JOB_FORMAT, JOB_VERSION } from './version'

export { JOB_FILE_LIMIT, readJobValue, repairJob, writeJob } from './job-file'
export {
  EVERYTHING_LIMIT,
  isEverything,
  readEverything,
  RECORD_SCHEMAS,
  writeEverything,
  type Everything,
} from './everything'
export { fileStem } from './file-stem'
export { MOST_RECORDS, readCutRecord, readJob, writeJobFile, type CutRecord } from './cut-record'
export { derivedOf, recordOf } from './record-of'
export { recutOf, type Recut } from './recut'

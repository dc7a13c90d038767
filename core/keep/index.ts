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
export {
  derivedOf,
  MOST_RECORDS,
  readCutRecord,
  readJob,
  recordOf,
  writeJobFile,
  type CutRecord,
} from './cut-record'

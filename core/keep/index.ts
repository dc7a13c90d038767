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
export { MOST_RECORDS, readCutRecord, type CutRecord } from './cut-record'
export { MOST_PHOTO, MOST_PHOTOS, PHOTO_SIDE, photoId, photoOfJob, readPhoto, type Photo } from './photo'
export { readJob, writeJobFile, type Attachments } from './whole-file'
export { derivedOf, recordOf } from './record-of'
export { recutOf, type Recut } from './recut'

/**
 * What reads and writes whole files, fetched when one is first chosen or wanted: `import()` of a room of the
 * core would make every page that takes one thing of that room take all of it.
 */
export {
  EVERYTHING_LIMIT,
  fileStem,
  isEverything,
  JOB_FILE_LIMIT,
  readEverything,
  readJob,
  writeEverything,
  writeJob,
} from '@core/keep'

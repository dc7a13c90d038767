export { exportJob, fileStem, FORMATS, writeFiles } from './export'
export type { Exported, Format, OutputFile } from './export'
export { JOB_FILE_LIMIT, readJob, readJobValue, repairJob, writeJob, type JobRead } from './job-file'
export {
  EVERYTHING_LIMIT,
  isEverything,
  readEverything,
  RECORD_SCHEMAS,
  writeEverything,
  type Everything,
} from './everything'
export { writeDxf } from './dxf'
export { writeSvg } from './svg'
export type { SheetFile } from './sheet-file'

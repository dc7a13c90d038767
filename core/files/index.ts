export {
  exportJob,
  fileStem,
  FORMATS,
  writeFiles,
  type Exported,
  type Format,
  type OutputFile,
} from './export'
export { kerfFromVersion1, stockFromVersion1 } from './migrate'
export { JOB_FILE_LIMIT, readJob, writeJob, type JobRead } from './job-file'
export { writeDxf } from './dxf'
export { writeSvg } from './svg'
export type { SheetFile } from './sheet-file'

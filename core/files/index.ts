export { exportAll, exportJob, writeAgain, writeFiles, writeProgram, writePapers } from './export'
export type { OutputFile } from './export'
export { writeDxf } from './dxf'
export { compareFiles, type Compared, type Differences } from './read-back'
export { PAPER_NAMES, type Paper } from './paper'
export { writeSvg } from './svg'
export { writeTestSheet, type TestSheetFormat } from './test-sheet-file'

export { readTests, writeTests, writeTestsJson, type TableTest } from './tests-table'

/** What writes drawings, programs, papers and test sheets, fetched when something is first written. */
export {
  readTests,
  writeAgain,
  writeDxf,
  writeFiles,
  writePapers,
  writeProgram,
  writeSvg,
  writeTests,
  writeTestSheet,
  writeTestsJson,
} from '@core/files'

export { checksOf, readyToCut, STATION_NAMES, STATIONS, stationStatuses } from './status'
export type { Station, StationStatus } from './status'
export { kerfOfOtherSetting, preflight } from './preflight'
export {
  compensationStatement,
  faceStatement,
  madeForStatement,
  nestedStatement,
  placeStatement,
} from './statements'
export { cutFigures, movedBy, ruleWords, stripFigures, type StripFigure } from './figures'
export { helpSentence } from './helps'
export { scoreWords, sheetWords, wholeWords } from './sheet-words'
export { sizeWorking, tabAdvice } from './sizes'
export { GLOSSARY, type Term } from './glossary'
export { proofLine, warningSentence } from './warnings'
export { standingLine, strikeSentence, tightest } from './whole'
export { clockWorking, expectedOf, timeWords } from './time'
export { bendLine, bendWorking, forceWord } from './bend'

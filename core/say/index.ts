export { checksOf, readyToCut, STATION_NAMES, STATIONS, stationStatuses } from './status'
export type { Station, StationStatus } from './status'
export { kerfOfOtherSetting } from './preflight'
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
export { GLOSSARY } from './glossary'
export { proofLine, warningSentence } from './warnings'
export { standingLine, strikeSentence } from './whole'
export { clockWorking, timeWords } from './time'
export { bendLine, bendWorking, forceWord } from './bend'

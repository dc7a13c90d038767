export { checksOf, readyToCut, STATION_NAMES, STATIONS, stationStatuses } from './status'
export type { Station, StationStatus } from './status'
export { kerfOfOtherSetting } from './measure-checks'
export { openQuestions, sureKey, type OpenQuestion } from './questions'
export { NO_FACTS, type MachineFacts } from './check-input'
export {
  bedStatement,
  compensationStatement,
  faceStatement,
  madeForStatement,
  nestedStatement,
  placeStatement,
  unsaidStatement,
} from './statements'
export { cutSummary } from './cut-summary'
export { unsaidOf, type Unsaid } from './unsaid'
export { labelWords } from './label-words'
export { revisionOf } from './revision'
export {
  cutFigures,
  MACHINE_FIGURE,
  movedBy,
  ruleWords,
  STOCK_FIGURE,
  stripFigures,
  type StripFigure,
} from './figures'
export { helpGains, helpSentence } from './helps'
export { scoreWords, sheetWords, wholeWords } from './sheet-words'
export { sizeWorking, tabAdvice } from './sizes'
export { GLOSSARY } from './glossary'
export { proofLine, seamSentence, warningSentence } from './warnings'
export { standingLine, strikeSentence } from './whole'
export { clockWorking, timeWords } from './time'
export { bendLine, bendWorking, forceWord } from './bend'
export { believed } from './believed'
export {
  BEND_NAMES,
  CORNER_NAMES,
  FLOOR_NAMES,
  INTO_NAMES,
  madeOf,
  thingOfPart,
  wantedWord,
  type BoxThing,
} from './made-of'
export { whyItWillNotGo } from './wont-go'
export { billLines, leftOut, money, savingsOf, type Priced } from './price'

export { WANTED_FITS, WORD_LIMITS, wordFor, type FitWord } from './words'
export { gapFor, predictFit, wantedWord, type FitPrediction } from './predict'
export { bestCompensation, jointOdds, oddsFor, slotOdds, tabOdds, type JointOdds, type Odds } from './odds'
export {
  NO_TASTE,
  rangeOf,
  tasteFor,
  tasteFromVerdict,
  tasteRecordSchema,
  type Taste,
  type TasteRecord,
} from './taste'

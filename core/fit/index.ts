export { WANTED_FITS, WORD_LIMITS, wordFor, type FitWord } from './words'
export { compensationIn, predictFit, wantedWord, type FitInput, type FitPrediction } from './predict'
export { gapFor, jointOdds, pairOdds, slotOdds, tabOdds } from './odds'
export type { Boundary, Compensations, Cutting, JointOdds, Odds, SlotJoint } from './odds'
export {
  interferenceSchema,
  NO_TASTE,
  rangeOf,
  tasteFor,
  tasteFromVerdict,
  tasteRecordSchema,
  tasteSchema,
  tasteSd,
  type Taste,
  type TasteRecord,
} from './taste'
export { fitCautions, fitWorking } from './working'

export { FIT_WORDS, WANTED_FITS, WORD_LIMITS, wordFor, type FitWord } from './words'
export { compensationIn, predictFit, wantedWord, type FitInput, type FitPrediction } from './predict'
export { gapFor, jointOdds, ownWay, pairOdds, slotOdds, tabOdds } from './odds'
export type { Boundary, Compensations, Cutting, JointOdds, Odds, SlotJoint } from './odds'
export {
  belowOf,
  feltOf,
  fitBeliefSchema,
  half95,
  kerfFigure,
  kerfShift,
  meanOf,
  MOST_CASES,
  plainBelief,
  widenedBy,
  sdOf,
  tasteOf,
  type Figure,
  type FitBelief,
  type Taste,
} from './believed'
export { interferenceSchema, rangeOf, slotSchema, tasteFromVerdict, tasteRecordSchema } from './taste'
export type { SaidOfSlot, TasteRecord } from './taste'
export { fitCautions, fitWorking } from './working'

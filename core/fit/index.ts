export { WANTED_FITS, WORD_LIMITS, wordFor, type FitWord } from './words'
export { gapFor, normalBelow, predictFit, type FitPrediction } from './predict'

export {
  CALIPER_SD,
  caliperFloor,
  CALIPERS,
  halfWithFloor,
  INSTRUMENT_NAMES,
  INSTRUMENTS,
  READING_SD,
  shownBy,
  type Calipers,
  type Instrument,
} from './caliper'
export { evenPlusNormal95, NORMAL_95, normalBelow, solveRising } from './normal'
export { standardNormal, randomFrom } from './random'
export { widthScale } from './score'
export { studentBelow, studentQuantile } from './student'
export { halfWidthFor, meanOf, outliers, summarise, sumOf } from './summary'

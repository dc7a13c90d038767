export {
  CALIPER_SD,
  caliperFloor,
  CALIPERS,
  halfWithFloor,
  READING_SD,
  shownBy,
  type Calipers,
} from './caliper'
export { evenPlusNormal95, NORMAL_95, normalBelow, solveRising } from './normal'
export { bell, randomFrom } from './random'
export { studentBelow, studentQuantile } from './student'
export { halfWidthFor, outliers, summarise } from './summary'

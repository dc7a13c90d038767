export { CALIPER_SD, caliperFloor, halfWithFloor, READING_SD } from './caliper'
export { evenPlusNormal95, NORMAL_95, normalBelow, solveRising } from './normal'
export { studentBelow, studentQuantile } from './student'
export { halfWidthFor, outliers, summarise, type Summary } from './summary'

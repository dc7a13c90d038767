export { evenPlusNormal95, NORMAL_95, normalBelow, solveRising } from './normal'
export { studentBelow, studentQuantile } from './student'
export { halfWidthFor, outliers, summarise, type Summary } from './summary'

export { groundOf, stepFor, type Ground } from './ground'
export { packOutlines, type Lying, type OutlinePart, type OutlineSheets } from './pack'
export { outlineSteps, type Held, type OutlineFound } from './search'
export { poseOf, type OutlinePose } from './shape'

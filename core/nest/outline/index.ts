export { groundOf, stepFor } from './ground'
export { packOutlines, type OutlinePart } from './pack'
export { outlineSteps, type Held, type OutlineFound } from './search'
export { poseOf, type OutlinePose } from './shape'

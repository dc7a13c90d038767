export { groundOf, stepFor, type Ground } from './ground'
export { packOutlines, type Lying, type OutlinePart, type OutlineSheets, type OutlineStrategy } from './pack'
export { eachRun, type Raster } from './raster'
export { poseOf, type OutlinePose } from './shape'

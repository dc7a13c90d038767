export {
  clockOf,
  clockPromises,
  expectedTime,
  plannedOf,
  runSchema,
  type Clock,
  type Expected,
  type Planned,
  type Run,
} from './clock'
export {
  ownWayOf,
  packPaths,
  unpackPaths,
  pathPoints,
  type CutPath,
  type OwnWay,
  type PackedPaths,
} from './path'
export { hasBridges, withBridges } from './bridges'
export { liesNested, stagesOf } from './stages'
export { orderPaths } from './order'
export { reachOf, rowMotion, tripsOf, type Reach, type Trip } from './rows'
export { beamMoves, stretchTime, timeSheet, type Move, type SheetTime } from './time'
export { FILES_PER, TURNS } from './choices'
export { dividePaths, type PathsOfFile } from './divide'
export { cutOnce } from './shared-edges'
export { doubleLines, type DoubleLine } from './double-lines'
export { HOLE, holeAt, pathsTurned, turnOver } from './turn'
export { mayExport, type Check } from './check'
export { FORMATS, type Format } from './formats'

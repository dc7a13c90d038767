export {
  clockOf,
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
  visited,
  type CutPath,
  type OwnWay,
  type PackedPaths,
} from './path'
export { hasBridges, withBridges, type Bridges } from './bridges'
export { liesNested, stagesOf, type Stage } from './stages'
export { orderPaths, type StartAt } from './order'
export { beamMoves, stretchTime, timeSheet, type CutWith, type Move, type SheetTime } from './time'
export { FILES_PER, TURNS, type FilesPer, type TurnedHow } from './choices'
export { dividePaths, type PathsOfFile } from './divide'
export { cutOnce } from './shared-edges'
export { doubleLines, type DoubleLine } from './double-lines'
export { HOLE, holeAt, pathsTurned, turnOver } from './turn'
export { mayExport, type Check } from './check'

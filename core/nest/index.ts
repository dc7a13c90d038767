export {
  allowedTurns,
  isFree,
  mayLie,
  turnsOf,
  layoutSettingsSchema,
  PIECES_FIRST,
  placementSchema,
  shapeFor,
  MOST_SHEETS,
  sheetsAllowed,
  unplacedSchema,
  type Layout,
  type LayoutSettings,
  type NestPart,
  type NestRules,
  type Placement,
} from './types'
export { loadAt, sheetsOf, surfaceOf, type Load, type Supply, type Surface } from './surface'
export { nestParts } from './nest-parts'
export { nestInOpenings } from './in-openings'
export { lastOf, nest, nestSteps, type NestProgress } from './nest'
export { LEAST_SIDE, remnantsOf, type Remnant } from './remnant'
export { isForbidden, LayoutChecker, placedShape, sheetUse, violations } from './check'
export type { SheetUse, SurfaceAt, Violation } from './check'
export { sharedLength } from './shares-edge'
export { snapTo } from './snap'
export { wholeBoxes } from './boxes'
export { poseShift } from './pack'
export { byName, piecesWords, unplacedSentence, violationSentence } from './words'
export { layoutTask, readTask, type Task, type TaskLayout } from './task'

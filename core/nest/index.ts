export {
  allowedTurns,
  layoutSettingsSchema,
  placementSchema,
  shapeFor,
  unplacedSchema,
  type Layout,
  type LayoutSettings,
  type NestPart,
  type Placement,
  type Unplaced,
} from './types'
export { loadAt, surfaceOf, type Load, type Surface } from './surface'
export { lastOf, nest, nestSteps, type NestProgress } from './nest'
export { randomFrom } from './random'
export { isForbidden, LayoutChecker, placedShape, sheetUse, violations } from './check'
export type { SheetUse, Violation } from './check'
export { poseShape, poseShift } from './pack'
export { unplacedSentence, violationSentence } from './words'
export { layoutTask, readTask, taskSchema, type Task, type TaskLayout } from './task'

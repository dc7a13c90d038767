export {
  allowedTurns,
  layoutSettingsSchema,
  placementSchema,
  roomOf,
  type Layout,
  type LayoutSettings,
  type NestPart,
  type Placement,
  type Room,
  type Unplaced,
} from './types'
export { lastOf, nest, nestSteps, type NestProgress } from './nest'
export { isForbidden, placedShape, sheetUse, violations, type SheetUse, type Violation } from './check'
export { poseShape, poseShift } from './pack'

export {
  AXES,
  thirdAxis,
  type Assembly,
  type Axis,
  type Block,
  type Claim,
  type Contact,
  type Corner,
  type Feature,
  type Group,
  type HingeGroup,
  type Joint,
  type Line,
  type Part,
  type PlateSide,
  type Size,
  type Strip,
  type SlideGroup,
} from './types'
export { frameOf, onPart, pointOnPart, slabOf, wayOf, type Lie, type Way } from './place'
export { cornerAt, partsById, prismOf, slotSlack, type PartsById } from './prism'
export { plateOrder, type PlateArrival } from './plates-order'
export { grown, resolve, type BrokenPanel, type Panel } from './resolve'
export { angleBetween, END_KINDS, leaves, meeting, type EndKind, type Leaves } from './meeting'
export { axesOf, onPlane, outlineOf, reachAlong } from './plates'
export { type SideKind } from './claimed'
export type { PanelSide } from './panel-side'
export { sidesOf } from './sides'
export { alongOn, besideSlant, claimedRing } from './claimed-on'
export { coverage, coveredBetween, sharedLength } from './coverage'
export type { Fault, Proof } from './fault'
export { prove, SMALL } from './prove'
export { touchingArea } from './touching'
export { buildOrder, Motions, type Arrival } from './motion'
export { blockOf } from './solid'
export { posed, type Pose } from './pose'
export { standingOf, type Body, type Clearance, type Stand } from './standing'
export { facetsOf, openedBy } from './bend-motion'
export { turnedBy } from './turning'

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
  type Part,
  type Size,
  type Strip,
  type SlideGroup,
} from './types'
export { frameOf, onPart, ownAxis, pointOnPart, slabOf, wayOf, type Lie, type Way } from './place'
export { cornerAt, partsById, prismOf, slotSlack, type PartsById } from './prism'
export { grown, resolve, type BrokenPanel, type Panel } from './resolve'
export { type SideKind } from './claimed'
export { sidesOf, type PanelSide } from './sides'
export { coverage, coveredBetween, sharedLength } from './coverage'
export { prove, SMALL, type Fault, type Proof } from './prove'
export { touchingArea } from './touching'
export { buildOrder, Motions, type Arrival } from './motion'
export { blockOf } from './solid'
export { posed, type Pose } from './pose'
export { standingOf, type Body, type Clearance, type Stand } from './standing'
export { facetsOf, openedBy } from './bend-motion'
export { turnedBy } from './turning'

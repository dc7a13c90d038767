export { ringsOf, type Bounds, type Point, type Region, type Ring, type Turn } from './types'
export { area, bounds, lengthOf, signedArea, sizeOf } from './measure'
export { offset, offsetBy, sharedArea, union } from './clip'
export {
  rectangle,
  shiftPoints,
  shiftRegion,
  transformPoint,
  turnPoints,
  turnRegion,
  type Matrix4,
} from './transform'

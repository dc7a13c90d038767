export { ringsOf, type Bounds, type Point, type Region, type Ring, type Turn } from './types'
export { area, asOutline, bounds, lengthOf, signedArea, sizeOf } from './measure'
export {
  alongLines,
  difference,
  filled,
  intersection,
  isWithin,
  linesBeyond,
  linesInside,
  linesWithin,
  offset,
  offsetBy,
  piecesOutside,
  sharedArea,
  union,
  within,
} from './clip'
export { paint, type Painting, type Stroke } from './paint'
export { moveEdges, sideOf } from './move-edges'
export {
  moveRegion,
  mirrorRegion,
  multiply,
  rectangle,
  rigidInverse,
  shiftPoints,
  shiftRegion,
  transformPoint,
  turnPoints,
  turnRegion,
  type Matrix4,
} from './transform'
export {
  archRing,
  arcOf,
  cornerCut,
  cornersOf,
  disc,
  ellipseArc,
  halfEllipse,
  quarterOf,
  roundedRectangle,
  slotRing,
} from './curves'
export { cross, dot, type Vector } from './vector'
export { curvePieces, pathLines, type DrawnLine } from './path-lines'
export { isNarrow } from './narrow'
export { lengthOn, liesOn, straightSides, type Side } from './straight-sides'

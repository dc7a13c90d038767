export {
  anglesOf,
  closingOf,
  cornersOf,
  crossing,
  leanOf,
  LEAST_ANGLE,
  MOST_ANGLE,
  MOST_LEAN,
  MOST_WALLS,
  planSchema,
  shapeAs,
  wallCount,
  wallLengths,
  type Plan,
  type PlanShape,
} from './plan'
export { readAngles, readLengths } from './lists'
export { facesOf, type AngledSpec, type Faces, type Plane, type Sheets } from './planes'
export {
  isUpright,
  makeAngled,
  outsideOf,
  roomOf,
  wallId,
  type Angled,
  type AngledGroup,
  type AngledTabs,
} from './make'
export { planOn, sizesOf } from './sizes'
export { isPlan, planProblems, planSentence, type PlanProblem } from './problems'
export { leavesOf, slantedEdges, type SlantedEdge } from './leaves'

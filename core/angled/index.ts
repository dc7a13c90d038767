export {
  closingOf,
  cornersOf,
  MOST_WALLS,
  planSchema,
  shapeAs,
  wallCount,
  type Plan,
  type PlanShape,
} from './plan'
export { readAngles, readLengths } from './lists'
export { facesOf, type AngledSpec, type Sheets } from './planes'
export { makeAngled, outsideOf, roomOf, wallId, type Angled, type AngledTabs } from './make'
export { planOn, sizesOf } from './sizes'
export { isPlan, planProblems, planSentence, type PlanProblem } from './problems'
export { leavesOf, slantedEdges } from './leaves'

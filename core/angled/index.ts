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
export { partitionsText, readAngles, readLengths, readPartitions } from './lists'
export { facesOf, type AngledSpec, type Sheets } from './planes'
export { makeAngled, wallId, type Angled, type AngledTabs } from './make'
export { outsideOf, planOn, roomOf, sizesOf } from './sizes'

export { isPlan, planProblems, planSentence, type PlanProblem } from './problems'
export { leavesOf, slantedEdges } from './leaves'

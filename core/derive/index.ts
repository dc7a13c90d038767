export { deriveBox, leastShare, type DerivedBox } from './box'
export { betterWay, boundariesOf, deriveFit, turnedOf, type BetterWay, type Turned } from './fit'
export { settingFor } from './setting'
export {
  layoutRules,
  layoutSignature,
  makeParts,
  ontoSheet,
  pathsOf,
  sheetOf,
  surfaceFor,
  type Part,
} from './parts'
export { arrangeSteps, keepLayout } from './arrange'
export { planCut, waitingAt } from './cut-plan'
export type { CutPlan, LoadPlan, PlanTotal } from './plan-types'
export {
  arrange,
  deriveAll,
  needsLayout,
  planOf,
  prepare,
  useOf,
  withLayout,
  type Derived,
  type Prepared,
} from './pipeline'
export { pictureOf, type Facet, type Picture } from './picture'
export { signatureOf } from './signature'

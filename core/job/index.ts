export {
  emptyJob,
  JOB_FORMAT,
  JOB_VERSION,
  jobSchema,
  revisionSchema,
  VERDICTS,
  type Job,
  type Revision,
} from './schema'
export { deriveBox, sizeWorking, tabAdvice, type DerivedBox } from './box'
export { layoutRules, layoutSignature, makeParts, ontoSheet, pathsOf, roomFor, type Part } from './parts'
export { arrange, arrangeSteps, keepLayout, type Arrangement } from './arrange'
export { planCut, settingFor } from './cut-plan'
export type { CutPlan, SheetPlan } from './plan-types'
export { compensationStatement, kerfOfOtherSetting } from './preflight'
export {
  readyToCut,
  STATION_NAMES,
  STATIONS,
  stationStatuses,
  useOf,
  type Derived,
  type Station,
  type StationStatus,
} from './status'
export { cutFigures, movedBy, stripFigures, type StripFigure } from './figures'
export { currentTrial, takeInHand, trialBy } from './trials'
export { tasteOfVerdict } from './verdicts'
export { signatureOf } from './signature'

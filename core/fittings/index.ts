export { PANEL_NAMES, type PanelName } from './panel-names'
export { SIDES, WALLS } from './sides'
export { LIES, partOf, pointAt } from './shell'
export type { Added, Base, Materials, Shell, Thicknesses } from './shell'
export { LEAST_SKIN, NOTHING, roundUp, through, toHalf, WEB } from './fitting'
export type { Field, FittingKind, FittingProblem, LidKind, Made, Site, TopEdge } from './fitting'
export { FITTINGS, isLid, kindOfFitting, kindOfLid, lidNamed, LID_NAMES } from './registry'
export type { Fitting, FittingOf, FittingType, Lid } from './registry'
export {
  begun,
  fittingOf,
  fittingProblems,
  fittingSentence,
  fittingsSchema,
  lidBegun,
  lidOf,
  withFitting,
  withoutFitting,
} from './list'
export { archFeature } from './arch'
export { ringOf } from './strips'
export { crowdedRows, holeRowSchema, type HoleRow } from './holes'
export { frontDrop, frontTop, RIM_SHAPES, type RimShape } from './rim'
export { PULL_KINDS, type Pull } from './pull'
export type { Plate } from './plate'

export { FACE_PANELS, PANEL_NAMES, WALL_IDS, type FacePanel, type PanelName } from './panel-names'
export { SIDES, WALLS } from './sides'
export { LIES, partOf, pointAt } from './shell'
export type { AddedPart, Materials, Shell, Thicknesses } from './shell'
export { LEAST_SKIN, NOTHING, roundUp, throughFeature, toHalf, WEB } from './fitting'
export type { Bought, Field, FittingProblem, LidKind, FittingParts, TopEdge } from './fitting'
export { closes, FITTINGS, isLid, kindOfFitting, kindOfLid, lidNamed, LID_NAMES } from './registry'
export type { Fitting, FittingOf, FittingType, Lid } from './registry'
export {
  defaultFitting,
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
export { crowdedRows, holeRunSchema, type HoleRun } from './holes'
export { frontDrop, frontTop, RIM_SHAPES, type RimShape } from './rim'
export { PULL_KINDS } from './pull'
export type { Plate } from './plate'

export {
  boxSizes,
  boxSpecSchema,
  CORNER_KINDS,
  EDGE_GROUPS,
  EDGE_IDS,
  edgeGroups,
  canDiffer,
  kindOf,
  FLOOR_KINDS,
  PANEL_NAMES,
  panelNames,
  PLAIN_BOX,
  sameTabs,
  sameThickness,
  STOCK_USES,
  TOP_KINDS,
  WALL_PAIRS,
  type BoxSpec,
  type CornerKind,
  type EdgeGroup,
  type EdgeId,
  type EdgeOwn,
  type FloorKind,
  type PanelName,
  type StockUse,
  type Thicknesses,
  type TopKind,
} from './spec'
export { cellsSchema, INTO_KINDS, shareCells, type Cells, type Dividers, type IntoKind } from './cells'
export { jointProblems, specProblems, type SpecProblem } from './problems'
export { makeBox, type Box } from './assemble'
export type { Edge } from './edges'
export { boltsOf } from './features'
export { makeShell, type Materials } from './shell'
export {
  fittingsSchema,
  holeRowSchema,
  labelOf,
  LIES,
  NO_FITTINGS,
  PULL_KINDS,
  RIM_SHAPES,
  type RimShape,
  sizeInUse,
  type Fittings,
  type HoleRow,
  type LiesHow,
  type PullKind,
} from './fittings'
export { crowdedRows } from './fitting-problems'
export { GROUP_NAMES, OWNER_NAMES, problemSentence, sharesLine, shareWorking } from './words'
export { cellsText, readCells, type CellsRead } from './cells-text'
export { withBends, withCorners, withFloor, withInto, withLid, without, withTop } from './choose'
export {
  bendsSchema,
  BEND_KINDS,
  bendReach,
  chainOf,
  loosePanels,
  seamedPanel,
  NO_BENDS,
  type BendKind,
  type Bends,
} from './bends'
export { SIDES } from './sides'
export {
  MOST_OPENINGS,
  OPENING_KINDS,
  openingSchema,
  openingShapeSchema,
  repeatSchema,
  type Opening,
  type OpeningShape,
  type Repeat,
} from './opening-record'
export { baseOf, ringsOfOpening } from './opening'
export {
  engravingSchema,
  HOW_KINDS,
  howSchema,
  MOST_ENGRAVINGS,
  type Engraving,
  type How,
} from './engraving-record'
export { engravingsOn, NO_WORDS, type Engraved } from './engraving'
export { fallsOpen, LIES_IN_USE } from './lies'

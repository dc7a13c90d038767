export { groupsAlike, withRule } from './alike'
export {
  boxSizes,
  boxSpecSchema,
  facePanels,
  MOST_SEAMS,
  seamsSchema,
  CORNER_KINDS,
  edgeGroups,
  canDiffer,
  kindOf,
  FLOOR_KINDS,
  opens,
  panelNames,
  PLAIN_BOX,
  sameTabs,
  sameThickness,
  WALL_PAIRS,
  type BoxSpec,
  type CornerKind,
  type EdgeGroup,
  type EdgeId,
  type EdgeOwn,
  type FloorKind,
  type StockUse,
} from './spec'
export { cellsSchema, INTO_KINDS, shareCells, type Cells, type Dividers, type IntoKind } from './cells'
export { jointProblems, specProblems, type SpecProblem } from './problems'
export { makeBox, type Box } from './assemble'
export type { Edge } from './edges'
export { boltsOf } from './features'
export { makeShell } from './shell'
export { labelOf, LIES, sizeInUse } from './in-use'
export { OWNER_NAMES, problemSentence, sharesLine, shareWorking } from './words'
export { cellsText, readCells } from './cells-text'
export { withBends, withCorners, withFloor, withInto, withLid, without } from './choose'
export {
  bendsSchema,
  BEND_KINDS,
  chainOf,
  loosePanels,
  seamedPanel,
  type BendKind,
  type Bends,
} from './bends'
export {
  MOST_OPENINGS,
  OPENING_KINDS,
  openingShapeSchema,
  repeatSchema,
  type Opening,
  type OpeningShape,
  type Repeat,
} from './opening-record'
export { baseOf, ringsOfOpening } from './opening'
export { HOW_KINDS, howSchema, MOST_ENGRAVINGS, type Engraving, type How } from './engraving-record'
export { engravingsOn, type Engraved } from './engraving'
export { fallsOpen, LIES_IN_USE } from './lies'

export {
  boxSizes,
  boxSpecSchema,
  PANEL_NAMES,
  panelNames,
  sameThickness,
  specProblems,
  TAB_RULES,
  type BoxSpec,
  type PanelName,
  type Size,
  type SpecProblem,
  type TabRule,
  type Thicknesses,
} from './spec'
export { share, shareByCount, shareEvenly, shareFixed, shareWorking, type Shares } from './share'
export { makeShell, type Cell, type Corner, type Edge, type Shell } from './edges'
export { makePanels, type Panel } from './panels'
export { glueArea } from './glue'

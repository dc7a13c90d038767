export {
  boxSizes,
  boxSpecSchema,
  EDGE_GROUPS,
  edgeGroups,
  PANEL_NAMES,
  panelNames,
  sameTabs,
  sameThickness,
  type BoxSpec,
  type EdgeGroup,
  type PanelName,
  type Size,
  type Thicknesses,
} from './spec'
export {
  edgeRuleSchema,
  RULE_NAMES,
  ruleLike,
  shareCountSchema,
  TAB_OWNERS,
  tabCountSchema,
  tabWidthSchema,
} from './rule'
export type { EdgeRule, RuleName, TabOwner } from './rule'
export { centred, share, shareByCount, shareEvenly, shareFixed, type Shares } from './share'
export { specProblems, type SpecProblem } from './problems'
export { makeShell, type Cell, type Corner, type Edge, type Shell } from './edges'
export { localAxis, makePanels, type BrokenPanel, type Panel } from './panels'
export { glueArea } from './glue'
export { GROUP_NAMES, OWNER_NAMES, problemSentence, sharesLine, shareWorking } from './words'

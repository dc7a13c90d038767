export { deriveBox, type DerivedBox } from './box'
export { whyNot } from './why-not'
export { betterWay, boundariesOf, deriveFit, turnedOf, type Turned } from './fit'
export { markSettings, settingFor } from './setting'
export { layoutRules, layoutSignature, makeParts, partsByMaterial, type Part } from './parts'

export { arrangeSteps, keepLayout, type Arranged } from './arrange'
export { asOffcut, lyingSignature, restsOf, stockAfter, type Rest } from './rest'
export { sheetFacts, type SheetFact } from './sheet-facts'
export { isBetterLayout, scoreOf, type LayoutScore } from './score'
export { countOff } from './count-off'
export { fromTemplate, questionsOf } from './template'
export { readVariants, variantColumns, variantExample } from './variant-table'
export { variantSteps } from './variants'
export { runCostSteps, setsOf, spoilChances, withBoxes, workOf } from './run-cost'
export { otherStocks, withChange, type Change, type StockKnown } from './changes'
export { whatHelps, type Helpful } from './what-helps'
export { depthsOf } from './own-ways'
export { cutOf } from './cut-of'
export { OTHERWISE_FIGURES, type OtherwiseFigure } from './otherwise'
export { usedOf } from './used'
export { measurablesOf, type Measurable } from './measurable'
export { markOf } from './mark'
export { makePocketPiece } from './pocket-piece'
export { offcutFor, sheetDrawing, type TestSheetDrawing } from './test-sheet'
export { cutSquares } from './test-squares'
export { sheetOf, supplyFor, surfaceFor, surfacesOf } from './supply'
export { planCut, waitingAt } from './cut-plan'
export { materialFor, materialsOf, jobForStock, thicknessesOf, type Material } from './materials'
export type { CutPlan, LoadPlan, PlanTotal, StockCut } from './plan-types'
export { planInputs } from './inputs'
export {
  arrange,
  canBeMade,
  deriveAll,
  isLayoutOf,
  boxOf,
  deriveThings,
  partsOfThings,
  wordsOf,
  needsLayout,
  planOf,
  deriveParts,
  useOf,
  withLayout,
  type Derived,
  type DerivedThing,
  type JobUse,
} from './pipeline'
export { batchShares, type BatchShare } from './batch'
export { panelChanges, pictureOf, type Facet, type PanelChange, type Picture } from './picture'
export { facing } from './magnets'
export { saidOn } from './faces'
export { largestContents, shortOf } from './largest-contents'
export { sizedFor } from './size-for'
export { roomFor } from './label-place'
export { isUntouched, slitsOf } from './lying'

export { signatureOf } from './signature'
export type { BurntAstray } from './burnt-astray'
export { openingsAstray } from './opening-warnings'
export { warningsOf, type Spot, type Warning } from './warnings'
export { seamPlaces, type Divided, type SeamFault } from './seams'
export type { Useless } from './use'
export { namesFor, slugOf } from './follow'
export { settleJob } from './settle'
export { panelsDrawn, panelsShown, sceneOf, standsOf, type Scene } from './whole'
export { lessonsOf, mockUpOf, withLessons, type Lesson } from './mock-up'
export { bentAsBuilt, drawnPanels } from './drawn'

export { bendReport, stripReport, type BendReport } from './bend-report'

export { arrangeWhole, decidesSize } from './arrange'
export {
  FRONT_KINDS,
  RUN_KINDS,
  wholeSchema,
  type Cabinet,
  type FrontKind,
  type Whole,
  type WholeKind,
} from './schema'
export type { Arranged, Given, Member, Place, WholeContext, WholeProblem } from './types'
export { WHOLE_NAMES, wholeSentence } from './words'

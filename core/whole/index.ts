export { arrangeWhole, decidesSize } from './arrange'
export {
  DRAWER_PULLS,
  FRONT_KINDS,
  HALVES_INSIDE,
  RUN_KINDS,
  wholeSchema,
  type Whole,
  type WholeKind,
} from './schema'
export type { Arranged, Member, Place, WholeProblem } from './types'
export { WHOLE_NAMES, wholeSentence } from './words'

import type { Machine } from '../machine'
import type { CutPath } from '../plan'

/** What a cut file of one sheet is written from. Lengths in mm, y up. */
export interface SheetFile {
  title: string
  /** Where compensation is and how much, in one sentence. */
  statement: string
  width: number
  height: number
  paths: CutPath[]
  colours?: Machine['colours']
}

import type { Machine } from '../machine'
import type { CutPath } from '../plan'

/**
 * What a cut file of one load is written from. Lengths in mm, y up, from the lower left corner of what lies
 * on the bed.
 */
export interface SheetFile {
  title: string
  /** What is true of the file, one sentence each: compensation, unit, stock, where the sheet goes. */
  statement: string
  width: number
  height: number
  paths: CutPath[]
  colours?: Machine['colours']
}

import { arrangeCabinet } from './cabinet'
import { arrangeCap, arrangeHalves, arrangeNested } from './pairs'
import type { Whole } from './schema'
import { arrangeSet } from './set'
import type { Result, WholeContext } from './types'

/**
 * The boxes of a whole: what it decides of each, and where each stands. All lengths in mm.
 * @param context the first of the boxes as it is now, and one that the others are like
 */
export function arrangeWhole(whole: Whole, context: WholeContext): Result {
  switch (whole.kind) {
    case 'cabinet':
      return arrangeCabinet(whole, context)
    case 'set':
      return arrangeSet(whole)
    case 'nested':
      return arrangeNested(whole, context)
    case 'cap':
      return arrangeCap(whole, context)
    case 'halves':
      return arrangeHalves(whole, context)
  }
}

/** Whether a whole decides the size of a box, and how many there are of it. @param isFirst of the boxes */
export const decidesSize = ({ kind, byHand }: Whole, isFirst: boolean): boolean =>
  !byHand && (kind === 'cabinet' || kind === 'set' || kind === 'halves' || !isFirst)

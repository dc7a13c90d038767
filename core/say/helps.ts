import type { Change, Helpful } from '../derive'
import { counted, type Say } from '../length'

function done(change: Change, say: Say): string {
  switch (change.kind) {
    case 'grain':
      return 'With panels that lie any way to the grain'
    case 'turning':
      return 'With parts that may be turned'
    case 'offcuts':
      return 'With offcuts taken first'
    case 'sheets':
      return 'With as many sheets as it takes'
    case 'shared edges':
      return 'With straight edges of two parts cut once'
    case 'openings':
      return 'With parts in the openings of others'
    case 'any angle':
      return 'With parts that may lie at any angle'
    default:
      return `With a ${change.kind} of ${say.short(change.value)}`
  }
}

/** What a change would come to. @param left parts that lie nowhere now */
export function helpSentence({ change, placed, sheets }: Helpful, left: number, say: Say): string {
  const how = done(change, say)
  if (placed > 0) {
    const all =
      placed >= left ? 'all parts fit' : `${counted(placed, 'part')} more ${placed === 1 ? 'fits' : 'fit'}`
    return `${how} ${all}.`
  }
  return `${how} it takes ${counted(sheets, 'sheet')} less.`
}

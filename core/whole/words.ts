import type { Say } from '../length'
import type { Whole } from './schema'
import type { WholeProblem } from './types'

/** What a whole is called. */
export const WHOLE_NAMES: Record<Whole['kind'], string> = {
  cabinet: 'cabinet with drawers',
  set: 'boxes that fill a space',
  nested: 'tray in a box',
  cap: 'box with a cap over it',
  halves: 'box in two halves',
}

/** Why the boxes cannot stand in each other, and what would mend it. */
export function wholeSentence({ what }: WholeProblem, say: Say): string {
  switch (what.kind) {
    case 'cells':
      return (
        `The ${what.cells} are ${say.short(what.over, 2)} too wide together: there are ` +
        `${say.short(what.room, 2)} inside. Make some smaller, or one of them “rest”.`
      )
    case 'no room':
      return (
        `Only ${say.short(Math.max(0, what.left), 2)} would be left of the ${what.size} of one of ` +
        'the boxes. Make the whole larger, or divide it less.'
      )
    case 'too many':
      return (
        `These are ${what.members} different boxes; ${what.most} may stand in each other. Make more of the ` +
        'columns or rows equal.'
      )
    case 'split':
      return `The lower half is from ${say.short(what.least)} to ${say.short(what.most)} high inside.`
    case 'reach':
      return `That is too much here: make it at most ${say.short(Math.max(0, what.most), 2)}.`
  }
}

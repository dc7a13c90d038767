import { counted, type Say } from '../length'
import type { LayoutSettings, Unplaced } from './types'
import type { Violation } from './check'

/** What is wrong with where a part lies, and what would mend it. */
export function violationSentence(
  { kind, parts: [a, b], out, over }: Violation,
  { gap, grain }: Pick<LayoutSettings, 'gap' | 'grain'>,
  say: Say,
): string {
  switch (kind) {
    case 'edge':
      return over === 'bed'
        ? `${a} reaches ${say.length(out)} over the edge of the bed into another load. Move it inward.`
        : `${a} reaches ${say.length(out)} over the ${over}. Move it inward.`
    case 'grain':
      return grain === 'free'
        ? `${a} is turned, and parts may not be.`
        : `${a} does not lie to the grain as it should. Turn it.`
    case 'overlap':
      return `${a} and ${b} overlap. Move one of them.`
    case 'gap':
      return `${a} and ${b} are closer than the gap of ${say.short(gap)}.`
  }
}

/** Why a part lies nowhere, and what would mend it. */
export function unplacedSentence({ why, size, room }: Unplaced, sheets: number, say: Say): string {
  if (why === 'full') {
    return (
      `No room left on ${sheets === 1 ? 'the one sheet' : counted(sheets, 'sheet')}: add a ` +
      'sheet, or make gap or margin smaller.'
    )
  }
  const sizes = `It is ${say.size(size, 1)}, and inside the margins there are ${say.size(room, 1)}.`
  return why === 'turned it would fit'
    ? `${sizes} Turned it would fit: allow turning or free the grain.`
    : `${sizes} Use a larger sheet and bed, or a smaller box.`
}

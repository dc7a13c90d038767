import { counted, type Say } from '../length'
import type { LayoutSettings, Unplaced } from './types'
import type { SheetUse, Violation } from './check'

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

/** The same with parts as they are called, for sentences. @param names by id */
export const byName = (found: Violation[], names: Map<string, string>): Violation[] =>
  found.map((each) => ({ ...each, parts: each.parts.map((id) => names.get(id) ?? id) }))

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

/** Whole sheets, and offcuts where there are any: “2 sheets”, “1 sheet and 2 offcuts”. */
export function piecesWords({ sheets, offcuts }: Pick<SheetUse, 'sheets' | 'offcuts'>): string {
  const pieces = counted(offcuts, 'offcut')
  if (offcuts === 0) return counted(sheets, 'sheet')
  return sheets === 0 ? pieces : `${counted(sheets, 'sheet')} and ${pieces}`
}

import type { LayoutScore, SheetFact } from '../derive'
import { counted, formatDuration, percent, type Say } from '../length'
import { piecesWords } from '../nest'

function restWords(rest: SheetFact['rest'], say: Say): string {
  if (!rest) return ''
  const { kind, width, height, area } = rest
  return kind === 'all' ? `${say.area(area)} left in one piece` : `${say.size([width, height], 0)} left`
}

/** What there is to say of a sheet, in a few words; money has no currency. */
export const sheetWords = ({ use, price, seconds, rest }: SheetFact, say: Say): string =>
  [
    `${percent(use)} used`,
    seconds === null ? '' : formatDuration(seconds),
    price === null ? '' : `costs ${price.toFixed(2)}`,
    restWords(rest, say),
  ]
    .filter(Boolean)
    .join(' · ')

/** What a layout comes to: sheets, what is left out, the largest piece left, what is cut once for two. */
export function scoreWords(score: LayoutScore, say: Say): string {
  const { whole, unplaced, rest, shared } = score
  const missing = unplaced > 0 ? `, ${counted(whole, 'whole box', 'whole boxes')}, ${unplaced} left out` : ''
  const left = rest > 0 ? `, a piece of ${say.area(rest)} left` : ''
  const once = shared > 0 ? `, ${say.length(shared, 0)} of edges cut once` : ''
  return `${piecesWords(score)}${missing}${left}${once}`
}

/** How many boxes are whole, where not all parts fit; empty where there is one box, or all are whole. */
export const wholeWords = ({ whole, of }: { whole: number; of: number }): string =>
  of < 2 || whole === of
    ? ''
    : `Whole boxes come first: ${whole} of ${of} have all their parts on the sheets.`

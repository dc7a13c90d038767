import type { Change, Helpful } from '../derive'
import { capitalised, counted, formatDuration, type Say } from '../length'
import { stockTitle } from '../stock'

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
    case 'stock':
      return `Cut from ${stockTitle(change.known.stock)}`
    default:
      return `With a ${change.kind} of ${say.short(change.value)}`
  }
}

/** Sheets of another stock have another size: what it takes of them is said, not how many fewer. */
function takesWords({ change, sheets, takes }: Helpful, say: Say): string {
  if (change.kind !== 'stock') return `it takes ${counted(sheets, 'sheet')} less`
  const { sheetWidth, sheetHeight, sheetsAtHand } = change.known.stock
  const size = say.size([sheetWidth, sheetHeight], 0)
  return `it takes ${counted(takes, 'sheet')} of ${size}, ${sheetsAtHand} at hand`
}

/** What a change would come to. @param left parts that lie nowhere now */
export function helpSentence(help: Helpful, left: number, say: Say): string {
  const { change, placed } = help
  const how = done(change, say)
  const all =
    placed >= left ? 'all parts fit' : `${counted(placed, 'part')} more ${placed === 1 ? 'fits' : 'fit'}`
  const what = `${how} ${placed > 0 ? all : takesWords(help, say)}.`
  return change.kind === 'stock' && !change.known.kerf
    ? `${what} Its kerf is not measured on this machine.`
    : what
}

/** Seconds that nobody would wait for. */
const AS_LONG = 10

/** What it spares in money and minutes; money has no currency. */
export function helpGains({ price, seconds }: Pick<Helpful, 'price' | 'seconds'>): string {
  const money =
    price === null || Math.abs(price) < 0.005
      ? []
      : [`costs ${Math.abs(price).toFixed(2)} ${price > 0 ? 'less' : 'more'}`]
  const time =
    Math.abs(seconds) < AS_LONG
      ? 'cut in the same time'
      : `cut ${formatDuration(Math.abs(seconds))} ${seconds > 0 ? 'sooner' : 'later'}`
  return capitalised([...money, time].join(' · '))
}

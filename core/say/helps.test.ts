import { expect, test } from '@jest/globals'
import { IN_METRIC, sayIn } from '../length'
import { newStock } from '../stock'
import { helpGains, helpSentence, scoreWords } from './index'

const GAIN = { takes: 1, price: null, seconds: 0 }
const inInches = sayIn({ length: 'in', fractions: false, speed: 'in/min' })

test.each([
  [{ kind: 'gap', value: 2.4 }, 3, 0, 3, 'With a gap of 2.4 mm all parts fit.'],
  [{ kind: 'gap', value: 2.4 }, 2, 0, 3, 'With a gap of 2.4 mm 2 parts more fit.'],
  [{ kind: 'margin', value: 4 }, 1, 0, 3, 'With a margin of 4 mm 1 part more fits.'],
  [{ kind: 'height', value: 49 }, 0, 1, 0, 'With a height of 49 mm it takes 1 sheet less.'],
  [{ kind: 'offcuts' }, 0, 1, 0, 'With offcuts taken first it takes 1 sheet less.'],
  [{ kind: 'grain' }, 0, 2, 0, 'With panels that lie any way to the grain it takes 2 sheets less.'],
  [{ kind: 'sheets' }, 3, 0, 3, 'With as many sheets as it takes all parts fit.'],
  [{ kind: 'shared edges' }, 0, 1, 0, 'With straight edges of two parts cut once it takes 1 sheet less.'],
  [{ kind: 'turning' }, 0, 2, 0, 'With parts that may be turned it takes 2 sheets less.'],
] as const)('%p is said in one sentence', (change, placed, sheets, left, sentence) =>
  expect(helpSentence({ ...GAIN, change, placed, sheets }, left, IN_METRIC)).toBe(sentence),
)
test('in inches it is said in inches', () =>
  expect(
    helpSentence({ ...GAIN, change: { kind: 'gap', value: 2.54 }, placed: 1, sheets: 0 }, 1, inInches),
  ).toContain('With a gap of 0.1 in'))

test('of another stock it says how large its sheets are, and what is not known of it', () => {
  const stock = { ...newStock('large', 'Birch ply 3'), batch: 'June', sheetWidth: 900, sheetsAtHand: 4 }
  const change = { kind: 'stock' as const, known: { stock, kerf: null, belief: null } }
  expect(helpSentence({ ...GAIN, change, placed: 0, sheets: 2, takes: 1 }, 0, IN_METRIC)).toBe(
    'Cut from Birch ply 3, June it takes 1 sheet of 900 × 400 mm, 4 at hand. ' +
      'Its kerf is not measured on this machine.',
  )
})

test.each([
  [null, 0, 'Cut in the same time'],
  [6, 310, 'Costs 6.00 less · cut 5 min 10 s sooner'],
  [-1.5, -42, 'Costs 1.50 more · cut 42 s later'],
  [0, -9, 'Cut in the same time'],
])('%p of money and %p seconds are said as a gain', (price, seconds, words) =>
  expect(helpGains({ price, seconds })).toBe(words),
)

test('a layout says its sheets, what it leaves and what is cut once for two parts', () => {
  const score = { whole: 1, unplaced: 0, weight: 2, sheets: 2, offcuts: 0, rest: 0, shared: 0 }
  expect(scoreWords(score, IN_METRIC)).toBe('2 sheets')
  expect(scoreWords({ ...score, rest: 12_340, shared: 96.4 }, IN_METRIC)).toBe(
    '2 sheets, a piece of 123.4 cm² left, 96 mm of edges cut once',
  )
})

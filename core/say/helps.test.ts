import { expect, test } from '@jest/globals'
import { IN_METRIC, sayIn } from '../length'
import { helpSentence } from './index'

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
  expect(helpSentence({ change, placed, sheets }, left, IN_METRIC)).toBe(sentence),
)
test('in inches it is said in inches', () =>
  expect(helpSentence({ change: { kind: 'gap', value: 2.54 }, placed: 1, sheets: 0 }, 1, inInches)).toContain(
    'With a gap of 0.1 in',
  ))

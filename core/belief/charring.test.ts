import { expect, test } from '@jest/globals'
import { believeNeed, oddsOf } from './need'
import { CHARS, type NeedTest } from './need-model'
import { charringBefore } from './charring'

const RULE = 0.72
const tried = (energy: number, result: NeedTest['result'], count = 1): NeedTest => ({
  energy,
  passes: 1,
  result,
  off: 0,
  count,
})
/** A stock that needs what the rule says, and chars at so many times that. */
const charringAt = (times: number): NeedTest[] => [
  tried(RULE * 0.9, 'not through', 3),
  tried(RULE * 1.05, 'just through', 3),
  tried(RULE * Math.sqrt(times), 'clean', 3),
  tried(RULE * times * 1.15, 'charred', 3),
]

test('nothing is said of charring where no other stock was cut through', () => {
  const even = CHARS.map(() => 1 / CHARS.length)
  expect(charringBefore([])).toEqual(even)
  expect(charringBefore([{ tests: [tried(1, 'not through')], rule: Math.log(RULE) }])).toEqual(even)
})
test('a machine whose other stocks char soon is thought to char this one soon as well', () => {
  const charred = (times: number): number => {
    const others = [1, 2, 3].map(() => ({ rule: RULE, tests: charringAt(times) }))
    const own = [tried(RULE * 0.95, 'not through', 3), tried(RULE * 1.1, 'clean', 3)]
    return oddsOf(believeNeed(RULE, own, others), { energy: RULE * 1.9, passes: 1 }).charred
  }
  expect(charred(1.5)).toBeGreaterThan(charred(4) + 0.2)
})
test('own tests win over what other stocks did', () => {
  const others = [1, 2, 3, 4, 5].map(() => ({ rule: RULE, tests: charringAt(1.4) }))
  const own = [...charringAt(5), tried(RULE * 3, 'clean', 6)]
  const { charred } = oddsOf(believeNeed(RULE, own, others), { energy: RULE * 2.5, passes: 1 })
  expect(charred).toBeLessThan(0.1)
})

import { expect, test } from '@jest/globals'
import fc from 'fast-check'
import { RULE_NAMES, ruleLike } from './rule'
import { tenonClaims, tenonShares } from './tenon'

const pattern = { mirrored: false, keyed: false }

test('an even count of shares gets one more: the slotted panel keeps both ends', () => {
  // By definition: 60 mm in four would end in a tenon, in five each is 12.
  expect(tenonShares({ rule: 'shares', count: 4 }, 60, pattern)).toEqual(Array(5).fill(12))
  expect(tenonShares({ rule: 'shares', count: 5 }, 60, pattern)).toEqual(Array(5).fill(12))
  expect(tenonShares({ rule: 'shares', count: 2 }, 60, pattern)).toEqual([20, 20, 20])
})
test('by any rule, every slot is closed and the edge is shared out whole', () => {
  const some = fc.record({
    name: fc.constantFrom(...RULE_NAMES),
    count: fc.integer({ min: 2, max: 15 }),
    width: fc.integer({ min: 4, max: 20 }),
    length: fc.integer({ min: 120, max: 400 }),
    isMirrored: fc.boolean(),
  })
  fc.assert(
    fc.property(some, ({ name, count, width, length, isMirrored }) => {
      const rule =
        name === 'shares' ? { rule: name, count } : ruleLike(name, { rule: 'even' as const, width })
      const claims = tenonClaims(tenonShares(rule, length, { ...pattern, mirrored: isMirrored }), 0, length)
      expect([claims[0].owner, claims.at(-1)!.owner]).toEqual([0, 0])
      expect(claims.some(({ owner }) => owner === 1)).toBe(true)
      expect([claims[0].from, claims.at(-1)!.to]).toEqual([0, expect.closeTo(length, 6)])
    }),
    { numRuns: 300, seed: 20261128 },
  )
})

import { expect, test } from '@jest/globals'
import { makeBox, PLAIN_BOX, sameTabs, sameThickness, withLid, type BoxSpec } from '../box'
import { largestContents } from './largest-contents'

const T = 3
const spec: BoxSpec = {
  ...PLAIN_BOX,
  sizesAre: 'inner',
  width: 152.4,
  depth: 101.6,
  height: 60,
  tabs: sameTabs({ rule: 'even', width: 10 }),
  proud: 0,
}
const made = (of: BoxSpec) =>
  largestContents(makeBox(of, { mean: sameThickness(T), thickest: sameThickness(T) }))!

test('of a plain box all that is inside goes in; a lid on the walls takes nothing', () => {
  expect(made(spec)).toEqual({ x: 152.4, y: 101.6, z: 60 })
  expect(made(withLid(spec, 'lift', T)).z).toBeCloseTo(60, 9)
})
test('a lining takes its thickness and its play on every side', () => {
  const lined = made({ ...spec, fittings: [{ type: 'lining', above: 15, play: 0.4 }] })
  // 152.4 − 2 × (3 + 0.4) and 101.6 − 2 × (3 + 0.4). [DEF]
  expect([lined.x, lined.y].map((size) => Number(size.toFixed(4)))).toEqual([145.6, 94.8])
})
test('under a lid on pins stands what is below its swing; strips of a sliding lid narrow the way', () => {
  expect(made(withLid(spec, 'hinge', T)).z).toBeLessThan(50)
  expect(made(withLid(spec, 'slide', T, { rails: true })).x).toBeCloseTo(152.4 - 2 * T, 6)
})
test('where dividers share the room out, the largest cell is spoken of', () => {
  const columns = { cells: [60, null], height: null, lift: 0 }
  const divided = { ...spec, dividers: { ...spec.dividers, columns } }
  // 152.4 less the cell of 60 and the divider of 3.
  expect(made(divided).x).toBeCloseTo(89.4, 6)
})
test('the board behind a lid that flips up closes the way in from the back wall on', () => {
  const flipped = made(withLid(spec, 'flip', T, { back: 25 }))
  // The board lies on the walls: 25 from outside, less the back wall and half of the joint. [DEF]
  expect(Math.abs(flipped.y - (101.6 - (25 - T)))).toBeLessThan(0.15)
  expect(flipped.x).toBeCloseTo(152.4, 6)
})

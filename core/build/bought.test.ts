import { expect, test } from '@jest/globals'
import { makeBox, PLAIN_BOX, sameTabs, sameThickness, withCorners, withLid, type BoxSpec } from '../box'
import { boughtFor } from './bought'

const T = 3.88
const spec: BoxSpec = {
  ...PLAIN_BOX,
  sizesAre: 'outer',
  width: 160,
  depth: 120,
  height: 80,
  tabs: sameTabs({ rule: 'even', width: 14 }),
  proud: 0,
}
const made = (of: BoxSpec) => boughtFor(makeBox(of, { mean: sameThickness(T), thickest: sameThickness(T) }))

test('a plain box is all sheet', () => expect(made(spec)).toEqual([]))
test('pins reach through the wall, the room beside the cheek, and the cheek', () => {
  const [pins, ...others] = made(withLid(spec, 'hinge', T))
  expect([pins.what, pins.count, others]).toEqual(['pin', 2, []])
  // Wall 3.88, gap 5.15, cheek 3.88. [DEF]
  expect(pins.sizes.map(({ length }) => Number(length.toFixed(2)))).toEqual([3, 12.91])
})
test('bolts with a nut each, one line for all that are alike', () => {
  const uprights = { size: 'M3' as const, count: 1, length: 16 }
  const bolted = { ...withCorners(spec, 'tenon', T), bolts: { ...spec.bolts, uprights } }
  expect(made(bolted)).toEqual([
    { what: 'M3 bolt', count: 4, sizes: [{ label: 'under its head', length: 16 }] },
    { what: 'M3 nut', count: 4, sizes: [] },
  ])
})

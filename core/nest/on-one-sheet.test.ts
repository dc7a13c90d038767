import { describe, expect, test } from '@jest/globals'
import { rectangle } from '../geometry'
import { onOneSheet } from './on-one-sheet'
import { nest, sheetsOf, sheetUse, surfaceOf, violations, type NestPart } from './index'

const block = (id: string, width: number, height: number): NestPart => {
  const shape = { outline: rectangle(0, 0, width, height), holes: [] }
  return { id, shape, turnedShape: shape }
}
const rules = { margin: 5, gap: 3, grain: 'free', turning: true } as const
const on = (width: number, height: number, count = 3) => sheetsOf(surfaceOf({ width, height }, null), count)

describe('few parts', () => {
  test('that leave no room to spare are laid on one sheet, whatever the search made of them', () => {
    // a wheel of four round a middle: 100 × 60 each, the gap between them
    const parts = [1, 2, 3, 4].map((i) => block(`${i}`, 100, 60)).concat(block('middle', 37, 37))
    const supply = on(100 + 3 + 60 + 10, 100 + 3 + 60 + 10)
    const nothing = { placements: [], unplaced: nest(parts, rules, on(20, 20)).unplaced }
    const { placements, unplaced } = onOneSheet(parts, rules, supply, nothing)
    expect(unplaced).toEqual([])
    expect(placements).toHaveLength(5)
    expect(violations(parts, placements, rules, () => supply[0])).toEqual([])
    const held = onOneSheet(parts, { ...rules, turning: false }, supply, nothing)
    expect(held).toBe(nothing)
  })
  test('that cannot lie on one sheet: it is proven, and said; area alone would allow it', () => {
    const parts = [block('a', 120, 60), block('b', 60, 120), block('c', 80, 80)]
    const supply = on(170, 160)
    const layout = nest(parts, rules, supply)
    const use = sheetUse(parts, layout.placements, rules, () => supply[0], supply)
    expect([use.sheets, use.fewest]).toEqual([2, 2])
    // Where parts share edges, or lie at any angle, that proof does not hold.
    const free = sheetUse(parts, layout.placements, { ...rules, anyAngle: true }, () => supply[0], supply)
    expect(free.fewest).toBe(1)
  })
})

import { expect, test } from '@jest/globals'
import { rectangle } from '../geometry'
import { boundByArea, lowerBound } from './lower-bound'
import { sheetsOf, surfaceOf, type Surface } from './surface'
import type { NestPart, NestRules } from './types'

const rules: NestRules = { margin: 5, gap: 3, grain: 'along', turning: true }
const part = (id: string, width: number, height: number): NestPart => {
  const shape = { outline: rectangle(0, 0, width, height), holes: [] }
  return { id, shape, turnedShape: shape }
}

test('three panels of more than half a sheet each way take a sheet each', () => {
  const parts = ['a', 'b', 'c'].map((id) => part(id, 210, 130))
  const supply = sheetsOf(surfaceOf({ width: 400, height: 250 }, null), 4)
  // Their area alone would go onto one sheet.
  expect(boundByArea(parts, rules, supply)).toBe(1)
  expect(lowerBound(parts, rules, supply)).toBe(3)
})

test('what no offcut is large enough for is on a whole sheet, unless it may lie across or askew', () => {
  const piece = { outline: null, offcut: 'o', weight: 0.3 }
  const offcuts = sheetsOf(surfaceOf({ width: 200, height: 120 }, null, piece), 3)
  const supply = [...offcuts, ...sheetsOf(surfaceOf({ width: 400, height: 250 }, null), 4)]
  const upright = [part('a', 100, 150)]
  expect(boundByArea(upright, rules, supply)).toBe(1)
  expect(boundByArea(upright, { ...rules, grain: 'free' }, supply)).toBe(0)
  expect(boundByArea(upright, { ...rules, grain: 'free', anyAngle: true }, supply)).toBe(0)
  expect(boundByArea([part('a', 100, 110)], rules, supply)).toBe(0)
})

test('an offcut of any outline takes no more than lies inside it', () => {
  const corner = [[0, 0], [300, 0], [300, 100], [100, 100], [100, 200], [0, 200]] // oxfmt-ignore
  const outline = corner.map(([x, y]) => ({ x, y }))
  const offcut: Surface = surfaceOf({ width: 300, height: 200 }, null, { outline, offcut: 'o', weight: 0.5 })
  const whole = surfaceOf({ width: 400, height: 250 }, null)
  // 40,000 mm² less its margin are 35,100; of the rectangle round it 55,100 would be left.
  const parts = ['a', 'b', 'c', 'd'].map((id) => part(id, 100, 90))
  expect(boundByArea(parts.slice(1), rules, [offcut, whole])).toBe(0)
  expect(boundByArea(parts, rules, [offcut, whole])).toBe(1)
})

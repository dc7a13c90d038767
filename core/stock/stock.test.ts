import { describe, expect, test } from '@jest/globals'
import { IN_METRIC as say } from '../length'
import {
  advisedNumbers,
  doubtThickness,
  newBatch,
  newStock,
  rectangularOffcut,
  stockTitle,
  tabLengthWorking,
  thicknessWorking,
  unevenLine,
  thicknessLine,
  thicknessOf,
} from './index'

const readings = (...values: number[]) =>
  values.map((value, i) => ({ value, spot: `place ${i + 1}`, on: '' }))

describe('thickness', () => {
  test('mean, spread and number of the readings', () => {
    const t = thicknessOf({ nominal: 3, readings: readings(3.02, 3.06, 3.04, 3.01, 3.08, 3.05, 3.02) })
    expect(t).toMatchObject({ mean: 3.04, thinnest: 3.01, thickest: 3.08, readings: 7, measured: true })
    expect(t.spread).toBeCloseTo(0.07, 9)
    expect(thicknessWorking(t, say).substituted).toContain('÷ 7 = 3.040 mm')
  })
  test('without a reading it is the label, and says so', () => {
    expect(thicknessOf({ nominal: 4, readings: [] })).toMatchObject({ mean: 4, measured: false, readings: 0 })
    expect(thicknessOf(null).mean).toBe(3)
  })
  test('one reading, or readings that all agree, make no sheet even', () => {
    expect(thicknessOf({ nominal: 3, readings: readings(3.04) }).sd).toBe(0.05)
    expect(thicknessOf({ nominal: 3, readings: readings(2, 2, 2) }).sd).toBeCloseTo(0.002887, 6)
    expect(
      [[], [3.04], [3.02, 3.06]].map((values) =>
        thicknessLine(thicknessOf({ nominal: 3, readings: readings(...values) }), say),
      ),
    ).toEqual(['3.00 from the label', '3.04, 1 reading', '3.04 ± 0.02, 2 readings'])
  })
})

test('readings that agree are known to half a step of the calipers, and no better', () => {
  const same = thicknessOf({ nominal: 3, readings: readings(3, 3, 3) })
  expect(same.meanDoubt).toBeGreaterThanOrEqual(0.005)
  expect(thicknessLine(same, say)).toBe('3.00 ± 0.01, 3 readings')
  expect(thicknessWorking(same, say).result).not.toContain('± 0.000')
})

describe('doubtThickness names the slip', () => {
  test.each([
    [0.118, 3, 2.9972, 'inches'],
    [30.4, 3, 3.04, 'decimal point'],
    [304, 3, 3.04, 'left out'],
    [0.3, 3, 3, 'centimetres'],
  ])('%p mm where the label says %p', (value, nominal, meant, slip) => {
    const doubt = doubtThickness(value, nominal, say)
    expect(doubt?.suggestion?.value).toBeCloseTo(meant, 4)
    expect(doubt?.says).toContain(slip)
  })
  test('a reading near the label is not doubted, one far off is', () => {
    expect(doubtThickness(3.3, 3, say)).toBeNull()
    expect(doubtThickness(5.5, 3, say)).toMatchObject({ suggestion: null })
    expect(doubtThickness(49, null, say)?.says).toContain('unlikely')
  })
})

test('two advised numbers: a tab as long as the mean, a slot as wide as the thickest place', () => {
  const thickness = thicknessOf({ nominal: 3, readings: readings(3.0, 3.1, 3.05) })
  expect(advisedNumbers(thickness)).toEqual({ tabLength: 3.05, slotWidth: 3.1 })
  expect(tabLengthWorking(thickness, say).result).toContain('3.10 mm to be on the long side')
})
test('a sheet whose readings spread more than 0.2 mm is uneven, and it says where', () => {
  const line = (...values: number[]) =>
    unevenLine(thicknessOf({ nominal: 3, readings: readings(...values) }), say)
  expect(line(2.9, 3.0, 3.15)).toBe('thinnest 2.90 mm at place 1, thickest 3.15 mm at place 3')
  expect(line(2.95, 3.15)).toBe('')
})
test('a new batch of the same stock starts unmeasured', () => {
  const old = {
    ...newStock('a', 'Birch'),
    batch: 'spring',
    readings: readings(3.02),
    offcuts: [rectangularOffcut('o', 100, 50, '')],
  }
  expect(newBatch(old, 'b', 'autumn')).toMatchObject({
    id: 'b',
    name: 'Birch',
    batch: 'autumn',
    readings: [],
    offcuts: [],
  })
  expect(stockTitle(old)).toBe('Birch, spring')
})

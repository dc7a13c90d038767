import { describe, expect, test } from '@jest/globals'
import {
  advisedNumbers,
  doubtThickness,
  newBatch,
  newStock,
  stockTitle,
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
    expect(t.working.substituted).toContain('÷ 7 = 3.040 mm')
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
        thicknessLine(thicknessOf({ nominal: 3, readings: readings(...values) })),
      ),
    ).toEqual(['3.00 from the label', '3.04, 1 reading', '3.04 ± 0.02, 2 readings'])
  })
})

describe('doubtThickness names the slip', () => {
  test.each([
    [0.118, 3, 2.9972, 'inches'],
    [30.4, 3, 3.04, 'decimal point'],
    [304, 3, 3.04, 'left out'],
    [0.3, 3, 3, 'centimetres'],
  ])('%p mm where the label says %p', (value, nominal, meant, slip) => {
    const doubt = doubtThickness(value, nominal)
    expect(doubt?.suggestion?.value).toBeCloseTo(meant, 4)
    expect(doubt?.says).toContain(slip)
  })
  test('a reading near the label is not doubted, one far off is', () => {
    expect(doubtThickness(3.3, 3)).toBeNull()
    expect(doubtThickness(5.5, 3)).toMatchObject({ suggestion: null })
    expect(doubtThickness(49, null)?.says).toContain('unlikely')
  })
})

test('two advised numbers: a tab as long as the mean, a slot as wide as the thickest place', () => {
  const { tabLength, slotWidth } = advisedNumbers(
    thicknessOf({ nominal: 3, readings: readings(3.0, 3.1, 3.05) }),
  )
  expect([tabLength.value, slotWidth.value]).toEqual([3.05, 3.1])
  expect(tabLength.result).toContain('3.10 mm to be on the long side')
})
test('a sheet whose readings spread more than 0.2 mm is uneven, and it says where', () => {
  expect(thicknessOf({ nominal: 3, readings: readings(2.9, 3.0, 3.15) }).uneven).toBe(
    'thinnest 2.90 mm at place 1, thickest 3.15 mm at place 3',
  )
  expect(thicknessOf({ nominal: 3, readings: readings(2.95, 3.15) }).uneven).toBe('')
})
test('a new batch of the same stock starts unmeasured', () => {
  const old = {
    ...newStock('a', 'Birch'),
    batch: 'spring',
    readings: readings(3.02),
    offcuts: [{ width: 100, height: 50, count: 1 }],
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

import { describe, expect, test } from '@jest/globals'
import { doubtThickness, thicknessOf } from './index'

describe('thickness', () => {
  test('mean, spread and number of the readings', () => {
    const t = thicknessOf({ nominal: 3, readings: [3.02, 3.06, 3.04, 3.01, 3.08, 3.05, 3.02] })
    expect(t).toMatchObject({ mean: 3.04, thinnest: 3.01, thickest: 3.08, readings: 7, measured: true })
    expect(t.spread).toBeCloseTo(0.07, 9)
    expect(t.working.substituted).toContain('÷ 7 = 3.040 mm')
  })
  test('without a reading it is the label, and says so', () => {
    expect(thicknessOf({ nominal: 4, readings: [] })).toMatchObject({ mean: 4, measured: false, readings: 0 })
    expect(thicknessOf(null).mean).toBe(3)
  })
})

describe('doubtThickness names the slip', () => {
  test.each([
    [0.118, 3, 2.9972, 'inches'], [30.4, 3, 3.04, 'decimal point'], [304, 3, 3.04, 'left out'], [0.3, 3, 3, 'centimetres'],
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

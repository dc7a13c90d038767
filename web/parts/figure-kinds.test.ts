import { describe, expect, test } from '@jest/globals'
import fc from 'fast-check'
import { IN_METRIC, METRIC, sayIn, type Say } from '@core/length'
import { asTyped, inOtherUnits, limitText, parseAs, stepOf, unitOf } from './figure-kinds'

const inches = sayIn({ ...METRIC, length: 'in', speed: 'in/min' })
const fractions = sayIn({ ...METRIC, length: 'in', fractions: true })
const read = (...given: Parameters<typeof parseAs>): number => {
  const parsed = parseAs(...given)
  if (!parsed.ok) throw new Error(parsed.error)
  return parsed.value
}

describe('a field in the maker’s own unit', () => {
  test('takes a bare figure in that unit, and any unit that is named', () => {
    expect(read('length', '4', IN_METRIC)).toBe(4)
    expect(read('length', '4', inches)).toBeCloseTo(101.6, 9)
    expect(read('length', '101.6 mm', inches)).toBeCloseTo(101.6, 9)
    expect(read('speed', '60', inches)).toBeCloseTo(25.4, 9)
    expect(read('figure', '60', inches)).toBe(60)
  })
  test('shows it so, and names the unit and the other one', () => {
    expect([asTyped('length', 101.6, 2, inches), unitOf('length', inches)]).toEqual(['4', 'in'])
    expect(asTyped('length', 38.1, 2, fractions)).toBe('1 1/2')
    expect(asTyped('fine', 0.16, 4, inches)).toBe('0.0063')
    expect(asTyped('length', null, 2, inches)).toBe('')
    expect(inOtherUnits('length', 101.6, inches)).toContain('101.60 mm')
    expect(limitText('length', 5000, 'mm', inches)).toContain('in')
    expect(limitText('figure', 100, '%', inches)).toBe('100 %')
  })
  test('steps as a ruler of that unit does', () => {
    expect(stepOf('length', 1, IN_METRIC)).toBe(1)
    expect(stepOf('length', 1, inches)).toBeCloseTo(25.4 / 16, 9)
    expect(stepOf('fine', 0.005, inches)).toBeCloseTo(0.0127, 9)
    expect(stepOf('figure', 1, inches)).toBe(1)
  })
  test.each<[string, Say, number]>([
    ['millimetres', IN_METRIC, 0.0051],
    ['decimal inches', inches, 0.0013],
    ['fractions', fractions, 25.4 / 128 + 0.001],
  ])('what stands in it in %s reads back as near as it is shown', (_, say, near) =>
    fc.assert(
      fc.property(fc.double({ min: 0.05, max: 5000, noNaN: true }), (value) => {
        expect(Math.abs(read('length', asTyped('length', value, 2, say), say) - value)).toBeLessThan(near)
      }),
    ),
  )
})

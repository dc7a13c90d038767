import { describe, expect, test } from '@jest/globals'
import fc from 'fast-check'
import { compensationFor, doubtKerf, kerfFromSquares, kerfOf } from './index'

// Common practice, no source: side 1 in, mean 0.9936 in gives a kerf of 0.0064 in = 0.16256 mm, 0.08128 mm per side.
test('kerf from squares: the worked example in inches', () => {
  const { width } = kerfFromSquares(25.4, [0.9936 * 25.4], [0.9936 * 25.4])
  expect(width).toBeCloseTo(0.16256, 9)
  expect(width / 25.4).toBeCloseTo(0.0064, 9)
  expect(compensationFor(width)).toBeCloseTo(0.08128, 9)
})

test('kerf from squares: each direction by itself, and a beam that is not round', () => {
  expect(kerfFromSquares(25, [24.8, 24.84], [24.86, 24.86])).toMatchObject({ uneven: true })
  const { kx, ky, width } = kerfFromSquares(25, [24.8, 24.84], [24.86, 24.86])
  expect([kx, ky, width].map((value) => Number(value.toFixed(6)))).toEqual([0.18, 0.14, 0.16])
  expect(() => kerfFromSquares(25, [], [24.9])).toThrow('at least one')
})

test('squares cut with any kerf give it back', () => {
  fc.assert(fc.property(fc.double({ min: 0.02, max: 0.6, noNaN: true }), fc.integer({ min: 10, max: 100 }), (kerf, side) =>
    Math.abs(kerfFromSquares(side, [side - kerf, side - kerf], [side - kerf]).width - kerf) < 1e-9))
})

describe('doubtKerf names the slip', () => {
  test.each([[0.0064, 0.16256, 'inches'], [0.0165, 0.165, 'decimal point'], [0.7, 0.35, 'factor two'], [1.6, 0.16, 'decimal point'], [160, 0.16, 'micrometres'], [15, 0.15, 'left out'], [0.001, 0.0254, 'inches']])('%p mm', (value, meant, slip) => {
    const doubt = doubtKerf(value)
    expect(doubt?.suggestion?.value).toBeCloseTo(meant, 3)
    expect(doubt?.says).toContain(slip)
  })
  test('a plausible kerf is not doubted', () => expect([0.02, 0.16, 0.6].map((value) => doubtKerf(value))).toEqual([null, null, null]))
  test('half or double of what this machine takes elsewhere is asked about', () => {
    expect(doubtKerf(0.08, [0.16])).toMatchObject({ suggestion: { value: 0.16 } })
    expect(doubtKerf(0.08, [0.16])?.says).toContain('per side')
    expect(doubtKerf(0.31, [0.16, 0.15])?.says).toContain('both sides')
    expect(doubtKerf(0.17, [0.16])).toBeNull()
  })
  test('what no slip explains is to be measured again', () => expect(doubtKerf(0)?.suggestion).toBeNull())
})

test('without a record a kerf is assumed, and says so', () => {
  expect(kerfOf(null)).toMatchObject({ width: 0.15, measured: false })
  expect(kerfOf({ width: 0.2, doubt: null, how: '' })).toMatchObject({ perSide: 0.1, measured: true, doubt: 0.02 })
})

import { describe, expect, test } from '@jest/globals'
import fc from 'fast-check'
import {
  fixed,
  formatDuration,
  formatInches,
  otherSpeeds,
  parseFigure,
  parseLength,
  parseSpeed,
  short,
  type Parsed,
} from './index'

const valueOf = (parsed: Parsed): number => {
  if (!parsed.ok) throw new Error(parsed.error)
  return parsed.value
}

describe('parseLength', () => {
  test.each([
    ['3', 3],
    ['3.05', 3.05],
    ['3,05', 3.05],
    [' 3.05 mm ', 3.05],
    ['1.2cm', 12],
    ['1 in', 25.4],
    ['0.125"', 3.175],
    ['1/8"', 3.175],
    ['3 1/8 in', 79.375],
    ['.5', 0.5],
    ['-2', -2],
    ['0.2 m', 200],
    ['2*2.95+0.1', 6],
    ['(3 1/8 + 1/8) in', 82.55],
    ['4/7 in', (4 / 7) * 25.4],
    ['100 - 2×3,05', 93.9],
    ['-(1+1)*3', -6],
  ])('reads %s', (text, mm) => expect(valueOf(parseLength(text))).toBeCloseTo(mm, 9))

  test.each([
    '',
    'wide',
    '3 furlongs',
    '1/0 in',
    '3..2',
    '1e3',
    '2+',
    '(2',
    '2**3',
    '3 mm mm',
    '2 3',
    '1/0',
    '9'.repeat(80),
    '('.repeat(60),
  ])('refuses %p in one sentence', (text) => {
    const parsed = parseLength(text)
    expect(parsed.ok).toBe(false)
    if (!parsed.ok) expect(parsed.error).toMatch(/^[A-Z“].+\.$/)
  })

  test('reads back whatever it writes', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 5_000_000 }),
        (thousandths) => valueOf(parseLength(short(thousandths / 1000, 3))) === thousandths / 1000,
      ),
    )
  })
})

describe('speeds', () => {
  // Common practice, no source: 500 mm/min is 8.33 mm/s, and mixing the two up is common.
  test('500 mm/min is 8.33 mm/s', () => expect(valueOf(parseSpeed('500 mm/min'))).toBeCloseTo(8.33, 2))
  // By definition: 25.4 mm are an inch (international yard and pound agreement, 1959).
  test('100 in/min is 42.33 mm/s', () => expect(valueOf(parseSpeed('100 in/min'))).toBeCloseTo(42.333, 3))
  test('the other units stand beside', () => expect(otherSpeeds(20)).toBe('1200 mm/min · 47.2 in/min'))
})

test('figures take a per cent sign and no unit', () => {
  expect(valueOf(parseFigure('65 %'))).toBe(65)
  expect(parseFigure('65 mm').ok).toBe(false)
})

test('formats keep the resolution of the instrument and use a true minus', () => {
  expect(fixed(3, 2)).toBe('3.00')
  expect(fixed(-0.0001, 2)).toBe('0.00')
  expect(fixed(-0.05, 2)).toBe('−0.05')
  expect([fixed(0.155 / 2, 3), fixed(-0.155 / 2, 3), fixed((25 - 24.845) / 2, 3), short(1.005)]).toEqual([
    '0.078',
    '−0.078',
    '0.078',
    '1.01',
  ])
  expect(short(3.1, 3)).toBe('3.1')
  expect(formatInches(25.4)).toBe('1.000 in')
  expect([formatDuration(42), formatDuration(700), formatDuration(7500)]).toEqual([
    '42 s',
    '11 min 40 s',
    '2 h 05 min',
  ])
})

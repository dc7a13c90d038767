import { describe, expect, test } from '@jest/globals'
import fc from 'fast-check'
import {
  doubtFraction,
  fixed,
  formatDuration,
  minutesText,
  IN_METRIC,
  METRIC,
  parseFigure,
  parseLength,
  parseSpeed,
  sayIn,
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
    ['1-1/2"', 38.1],
    ['1 ½"', 38.1],
    ['1½ in', 38.1],
    ["2'", 609.6],
    ['2\' 3 1/2"', 698.5],
    ['1.5 inches', 38.1],
    ['3/4"+1/2"', 31.75],
    ['100-1/2', 99.5],
    ['100 mm - 2 × 1/8 in', 93.65],
    ['1 in + 3', 28.4],
  ])('reads %s', (text, mm) => expect(valueOf(parseLength(text))).toBeCloseTo(mm, 9))

  test('a bare figure is in the unit that the maker thinks in', () => {
    expect(valueOf(parseLength('4 3/4', 'in'))).toBeCloseTo(120.65, 9)
    expect(valueOf(parseLength('1-1/2 in', 'mm'))).toBeCloseTo(38.1, 9)
    expect(valueOf(parseLength('3 mm', 'in'))).toBeCloseTo(3, 9)
    expect(valueOf(parseLength('1 in + 1/2', 'in'))).toBeCloseTo(38.1, 9)
    expect(valueOf(parseSpeed('500', 'mm/min'))).toBeCloseTo(500 / 60, 9)
  })

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
    '2 in * 3 in',
    '5/2 in*',
    '9'.repeat(80),
    '('.repeat(60),
  ])('refuses %p in one sentence', (text) => {
    const parsed = parseLength(text)
    expect(parsed.ok).toBe(false)
    if (!parsed.ok) expect(parsed.error).toMatch(/^[A-Z“].+\.$/)
  })

  test('reads back whatever it writes, in either unit', () => {
    const inches = sayIn({ length: 'in', fractions: true, speed: 'mm/s' })
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 5_000_000 }), (thousandths) => {
        const mm = thousandths / 1000
        expect(valueOf(parseLength(short(mm, 3)))).toBe(mm)
        expect(Math.abs(valueOf(parseLength(inches.shortPlain(mm, 3), 'in')) - mm)).toBeLessThan(0.0125)
      }),
    )
  })

  test('a fraction of a ruler without a unit is asked about, other sums are not', () => {
    expect(doubtFraction('1/8', 0.125)).toMatchObject({ suggestion: { value: 3.175, label: '3.175 mm' } })
    expect(doubtFraction('1 1/2', 1.5)?.suggestion?.value).toBeCloseTo(38.1, 9)
    for (const text of ['6.1/2', '120', '1/3', '1/8 in', '100-1/8*2'])
      expect(doubtFraction(text, 1)).toBeNull()
  })
})

test('a ruler’s mixed number with a hyphen is no subtraction in inches', () => {
  expect(parseLength('6-3/8', 'in')).toEqual({ ok: true, value: 6.375 * 25.4 })
  expect(parseLength('6-3/8 in')).toEqual({ ok: true, value: 6.375 * 25.4 })
  expect(parseLength('6 - 3/8', 'in')).toEqual({ ok: true, value: 5.625 * 25.4 })
  expect(parseLength('6-3/8')).toEqual({ ok: true, value: 5.625 })
})

describe('inches are a way of thinking', () => {
  const say = sayIn({ length: 'in', fractions: false, speed: 'in/min' })
  const ruler = sayIn({ length: 'in', fractions: true, speed: 'in/min' })
  test('kerf to four decimals, lengths in decimals or in fractions of a ruler', () => {
    expect([say.fine(0.16256), say.length(120.65), say.short(120.65)]).toEqual([
      '0.0064 in',
      '4.750 in',
      '4.75 in',
    ])
    expect([ruler.length(120.65), ruler.length(3.175), ruler.length(101.6), ruler.length(-12.7)]).toEqual([
      '4 3/4 in',
      '1/8 in',
      '4 in',
      '−1/2 in',
    ])
    expect(ruler.length(101)).toBe('3.976 in') // on no mark of a ruler: it does not pretend to be
    expect([say.size([254, 25.4]), say.area(645.16), say.volume(16387.064)]).toEqual([
      '10.000 × 1.000 in',
      '1.00 in²',
      '1.0 in³',
    ])
    // What calipers show is never made finer or coarser, and never a fraction: 0.9945 in is not 0.995.
    expect([say.reading(25.2603), ruler.reading(25.4), say.reading(3.0226)]).toEqual([
      '0.9945',
      '1.0000',
      '0.1190',
    ])
    expect(say.otherLength(25.4)).toBe('25.40 mm')
  })
  test('speeds in the unit that was chosen, the others beside it', () => {
    expect(say.speed(20)).toBe('47.2 in/min')
    expect(say.otherSpeeds(20)).toBe('20 mm/s · 1200 mm/min')
    expect(sayIn({ length: 'mm', fractions: false, speed: 'mm/min' }).speed(20)).toBe('1200 mm/min')
  })
})

describe('speeds', () => {
  // Common practice, no source: 500 mm/min is 8.33 mm/s, and mixing the two up is common.
  test('500 mm/min is 8.33 mm/s', () => expect(valueOf(parseSpeed('500 mm/min'))).toBeCloseTo(8.33, 2))
  // By definition: 25.4 mm are an inch (international yard and pound agreement, 1959).
  test('100 in/min is 42.33 mm/s', () => expect(valueOf(parseSpeed('100 in/min'))).toBeCloseTo(42.333, 3))
  test('the other units stand beside', () =>
    expect(IN_METRIC.otherSpeeds(20)).toBe('1200 mm/min · 47.2 in/min'))
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
  expect(IN_METRIC.otherLength(25.4)).toBe('1.000 in')
  expect([formatDuration(42), formatDuration(700), formatDuration(7500)]).toEqual([
    '42 s',
    '11 min 40 s',
    '2 h 05 min',
  ])
})
test('a way is metres, or feet for whoever works in inches', () => {
  expect(IN_METRIC.way(3780)).toBe('3.78 m')
  expect(sayIn({ ...METRIC, length: 'in' }).way(3048)).toBe('10.0 ft')
})

test.each([
  [0.02, '5 s'],
  [0.5, '30 s'],
  [1, '1 min'],
  [4.8, '5 min'],
  [4.3, '4.5 min'],
  [31.2, '31 min'],
  [150, '2 h 30 min'],
])('%p minutes are said as %s', (minutes, said) => expect(minutesText(minutes)).toBe(said))

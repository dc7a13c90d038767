import { describe, expect, test } from '@jest/globals'
import { jtsOf } from '../../scripts/testing/jts'
import { offcutArea, offcutPrice, readCorners, rectangularOffcut } from './index'

describe('corners as a maker writes them', () => {
  test('an L in millimetres and in inches, wherever it begins', () => {
    const read = readCorners('10 5, 310 5, 310 125; 110 125\n110 265, 10 265', 1)
    if (!read.ok) throw new Error(read.error)
    expect(read).toMatchObject({ width: 300, height: 260 })
    const outline = read.outline!.map(([x, y]) => ({ x, y }))
    const area = offcutArea({ ...rectangularOffcut('o', 300, 260, ''), outline: read.outline })
    expect(area).toBeCloseTo(jtsOf({ outline, holes: [] }).getArea(), 6)
    const inches = readCorners('0 0, 12 0, 0 6', 25.4)
    expect(inches).toMatchObject({ ok: true, width: 304.8, height: 152.4 })
  })
  test.each([
    ['0 0, 300', 'is not a corner'],
    ['0 0, 300 0', 'Three corners'],
    ['0 0, 300 200, 300 0, 0 200', 'cross or touch'],
    ['0 0, 3 0, 3 3', 'between 10 mm and 5 m'],
    [Array.from({ length: 61 }, (_, i) => `${i * 10} ${i % 2}`).join(','), '60 corners'],
  ])('%p is refused in one sentence', (text, why) => {
    const read = readCorners(text, 1)
    expect(read).toMatchObject({ ok: false, error: expect.stringContaining(why) })
  })
})

test('an offcut is worth its share of a sheet, or what is said', () => {
  const sheets = { sheetWidth: 600, sheetHeight: 400, pricePerSheet: 6 }
  const offcut = rectangularOffcut('o', 300, 200, '')
  expect(offcutPrice(offcut, sheets)).toBe(1.5)
  expect(offcutPrice({ ...offcut, price: 0 }, sheets)).toBe(0)
})

import { expect, test } from '@jest/globals'
import fc from 'fast-check'
import { IN_METRIC, METRIC, sayIn } from '@core/length'
import { MOST_READINGS } from '@core/stock'
import { readTable as read, writeTable } from './readings-table'

const readTable = (text: string, on: string) => read(text, on, IN_METRIC)

const values = (text: string): number[] => readTable(text, '').readings.map(({ value }) => value)

test('a pasted column, with points, commas or inches', () => {
  expect(values('3.02\n3.05\n\n3.04')).toEqual([3.02, 3.05, 3.04])
  expect(values('3,02\r\n3,05')).toEqual([3.02, 3.05])
  expect(values('0.118 in\n1/8 in')).toEqual([2.9972, 3.175])
})
test('CSV with a heading and places, by comma, semicolon or tab', () => {
  expect(readTable('thickness mm,where\n3.02,left edge\n3.05,middle', 'd').readings).toEqual([
    { value: 3.02, spot: 'left edge', on: 'd' },
    { value: 3.05, spot: 'middle', on: 'd' },
  ])
  expect(values('Dicke;Ort\n3,02;links\n3,06;rechts')).toEqual([3.02, 3.06])
  expect(values('3.02\tleft\n3.05\tright')).toEqual([3.02, 3.05])
})
test('bad rows are named by their line, the good ones are kept', () => {
  const { readings, errors } = readTable('thickness mm,where\n3.02,a\nthick,b\n302,c\n3.04,d', '')
  expect(readings.map(({ value }) => value)).toEqual([3.02, 3.04])
  expect(errors).toEqual([
    'Line 3: “thick” is not a figure. Type one such as 120, 3,05 or 1/8 in.',
    'Line 4: 302 mm is not a thickness of a sheet. Give one between 0.05 and 50 mm.',
  ])
})
test('what is written is read back, whatever stands in the places', () => {
  fc.assert(
    fc.property(
      fc.array(
        fc.record({
          value: fc.integer({ min: 50, max: 49999 }).map((n) => n / 1000),
          spot: fc.string({ maxLength: 20 }).map((text) => text.trim()),
          on: fc.constant('d'),
        }),
        { maxLength: 20 },
      ),
      (readings) => {
        expect(readTable(writeTable(readings), 'd')).toEqual({ readings, errors: [] })
      },
    ),
  )
})
test('a huge table is refused', () =>
  expect(readTable('3\n'.repeat(60_000), '').errors[0]).toContain('too long'))
test('bare figures are inches for whoever works in inches', () => {
  const inches = sayIn({ ...METRIC, length: 'in' })
  expect(read('0.125\n3.2 mm', '', inches).readings.map(({ value }) => value)).toEqual([3.175, 3.2])
})
test('no more rows are taken than one batch keeps', () => {
  const { readings, errors } = readTable('3.02\n'.repeat(MOST_READINGS + 5), '')
  expect(readings).toHaveLength(MOST_READINGS)
  expect(errors).toEqual([expect.stringContaining(`only ${MOST_READINGS} readings`)])
})

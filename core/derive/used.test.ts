import { expect, test } from '@jest/globals'
import { demo } from '../../scripts/testing/demo'
import { area } from '../geometry'
import { deriveAll, usedOf } from './index'

test('a cut takes whole sheets at their price, and what is in parts is the parts’ own area', () => {
  const { derived, parts, job } = deriveAll(demo('specimen-tray'))
  const stock = job.measure.stock!
  const [used, ...others] = usedOf(derived)
  expect(others).toEqual([])
  expect(used.material).toBe(stock.id)
  expect(used.cost).toBeCloseTo(used.sheets * stock.pricePerSheet, 9)
  expect(used.area).toBeCloseTo(used.sheets * stock.sheetWidth * stock.sheetHeight, 6)
  expect(used.parts).toBeCloseTo(
    parts.reduce((sum, { shape }) => sum + area(shape), 0),
    3,
  )
  expect(used.kept).toBe(0)
})

test('where nothing is laid out nothing is taken', () => {
  const { derived } = deriveAll(demo('specimen-tray'))
  expect(usedOf({ ...derived, use: null })).toEqual([])
})

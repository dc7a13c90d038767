import { expect, test } from '@jest/globals'
import { rectangle } from '../../geometry'
import { maskOf } from './mask'

const raster = { x: 0, y: 0, stepX: 2, stepY: 2, columns: 6, rows: 4, corners: new WeakMap() }
const runsOf = (...about: Parameters<typeof maskOf>): number[] => [...maskOf(...about).runs]

test('a shape is the squares that it touches, or those whose middle it covers', () => {
  const shape = [rectangle(0.5, 0, 7.5, 4)]
  expect(runsOf(shape, raster, 'touched')).toEqual([0, 0, 3, 1, 0, 3])
  const less = [rectangle(1.5, 0, 6.5, 3.5)]
  expect(runsOf(less, raster, 'touched')).toEqual([0, 0, 3, 1, 0, 3])
  expect(runsOf(less, raster, 'middle')).toEqual([0, 1, 2, 1, 1, 2])
})

test('a hole is free, and what is thinner than a square is not lost', () => {
  const frame = [rectangle(0, 0, 12, 8), [...rectangle(4, 2, 8, 6)].reverse()]
  expect(runsOf(frame, raster, 'touched')).toEqual([0, 0, 5, 1, 0, 1, 1, 4, 5, 2, 0, 1, 2, 4, 5, 3, 0, 5])
  expect(runsOf([rectangle(0, 0.2, 12, 0.6)], raster, 'middle')).toEqual([0, 0, 5])
})

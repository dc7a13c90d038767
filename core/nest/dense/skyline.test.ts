import { expect, test } from '@jest/globals'
import { Skyline } from './skyline'

const BINS = [
  { width: 10, height: 6 },
  { width: 4, height: 4 },
]
const stepsOf = ({ left, height, steps }: Skyline): number[][] =>
  Array.from({ length: steps }, (_, i) => [left[i], height[i]])

test('pieces go onto the lowest step, at its left', () => {
  const skyline = new Skyline(BINS, 8)
  expect(skyline.put({ width: 4, height: 3 })).toEqual({ x: 0, y: 0 })
  expect(skyline.put({ width: 3, height: 1 })).toEqual({ x: 4, y: 0 })
  expect(skyline.put({ width: 3, height: 3 })).toEqual({ x: 7, y: 0 })
  expect(stepsOf(skyline)).toEqual([
    [0, 3],
    [4, 1],
    [7, 3],
  ])
  // As wide as the step, and up to both beside it: one step is left.
  expect(skyline.put({ width: 3, height: 2 })).toEqual({ x: 4, y: 1 })
  expect(stepsOf(skyline)).toEqual([[0, 3]])
  expect(skyline.waste).toBe(0)
})

test('a step that is given up is waste, up to the lower one beside it', () => {
  const skyline = new Skyline(BINS, 8)
  skyline.put({ width: 4, height: 3 })
  skyline.put({ width: 3, height: 1 })
  skyline.put({ width: 3, height: 5 })
  skyline.raise()
  expect(skyline.waste).toBe(3 * 2)
  expect(stepsOf(skyline)).toEqual([
    [0, 3],
    [7, 5],
  ])
})

test('a bin that is given up counts whole, and the next one follows; after the last there is none', () => {
  const skyline = new Skyline(BINS, 8)
  skyline.put({ width: 10, height: 2 })
  expect(skyline.raise()).toBe(true)
  expect(skyline.waste).toBe(10 * 4)
  expect([skyline.bin, skyline.top, skyline.endOf(0)]).toEqual([1, 4, 4])
  expect(skyline.put({ width: 4, height: 1 })).toEqual({ x: 0, y: 0 })
  expect(skyline.raise()).toBe(false)
  expect(skyline.waste).toBe(10 * 4 + 4 * 3)
})

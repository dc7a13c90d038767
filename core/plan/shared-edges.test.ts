import { expect, test } from '@jest/globals'
import { rectangle } from '../geometry'
import { cutOnce, doubleLines, type CutPath } from './index'

const outline = (part: string, x: number, y: number, width: number, height: number): CutPath => ({
  operation: 'outline',
  part,
  points: rectangle(x, y, x + width, y + height),
  closed: true,
})
const length = (paths: CutPath[]): number =>
  paths.reduce((sum, { points, closed }) => {
    const ends = closed ? [...points, points[0]] : points
    return sum + ends.slice(1).reduce((way, b, i) => way + Math.hypot(b.x - ends[i].x, b.y - ends[i].y), 0)
  }, 0)

test('a side that lies on another is cut with that one; all that is drawn is cut once', () => {
  const paths = [outline('a', 0, 0, 100, 40), outline('b', 0, 40, 100, 30)]
  expect(doubleLines(paths)).toHaveLength(1)
  const once = cutOnce(paths)
  expect(doubleLines(once)).toEqual([])
  expect(once.map(({ closed, beside }) => [closed, beside])).toEqual([
    [false, 'b'],
    [true, undefined],
  ])
  expect(length(paths) - length(once)).toBeCloseTo(100, 9)
})
test('a row of three leaves out two sides, a shorter side lies on a longer one', () => {
  const row = [outline('a', 0, 0, 60, 40), outline('b', 60, 0, 60, 40), outline('c', 120, 0, 60, 40)]
  const once = cutOnce(row)
  expect(doubleLines(once)).toEqual([])
  expect(length(row) - length(once)).toBeCloseTo(80, 9)
  const stepped = cutOnce([outline('a', 0, 0, 100, 40), outline('b', 20, 40, 50, 30)])
  expect(stepped.map(({ beside }) => beside)).toEqual([undefined, 'a'])
})
test('sides that only cross, run the same way, or are not near enough stay', () => {
  for (const other of [outline('b', 0, 40.05, 100, 30), outline('b', 50, 40, 100, 30)])
    expect(cutOnce([outline('a', 0, 0, 100, 40), other]).every(({ closed }) => closed)).toBe(true)
  const same = [outline('a', 0, 0, 100, 40), outline('b', 0, 0, 100, 30)]
  expect(cutOnce(same)).toEqual(same)
})

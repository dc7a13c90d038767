import { expect, test } from '@jest/globals'
import { bounds, rectangle, type Region } from '@core/geometry'
import { leastLetters, nameOn } from './part-name'

const at = (region: Region, name: string, tallest: number) =>
  nameOn(region, bounds(region.outline), name, tallest)
/** A plate of 100 × 40 with its lower left corner there, scooped out in the middle of its upper edge. */
const scooped = (x: number, y: number): Region => ({
  outline: [
    [0, 0],
    [100, 0],
    [100, 40],
    [70, 40],
    [70, 12],
    [30, 12],
    [30, 40],
    [0, 40],
  ].map(([u, v]) => ({ x: x + u, y: y + v })),
  holes: [],
})

test('a name stands in the middle, along the longer side, wherever the part lies', () => {
  const part: Region = { outline: rectangle(30, 200, 130, 240), holes: [] }
  expect(at(part, 'floor', 10)).toEqual({ x: 50, y: 20, size: 10, isUpright: false })
  const tall: Region = { outline: rectangle(0, 0, 40, 100), holes: [] }
  expect(at(tall, 'floor', 10)).toEqual({ x: 20, y: 50, size: 10, isUpright: true })
})
test('it keeps clear of what is cut out, smaller where that makes room, or is left out', () => {
  const found = at(scooped(7, 9), 'row 1', 8)!
  const elsewhere = at(scooped(300, 80), 'row 1', 8)!
  expect([elsewhere.x, elsewhere.y]).toEqual([found.x, found.y].map((each) => expect.closeTo(each, 9)))
  const [half, rise] = [(found.size * 0.6 * 5) / 2, found.size / 2]
  const isBelow = found.y + rise <= 12
  const isBeside = found.x + half <= 30 || found.x - half >= 70
  expect(isBelow || isBeside).toBe(true)
  expect(at(scooped(0, 0), 'a name that is far too long for it', 30)).toBeNull()
})
test('letters are left out that nobody reads: under 12 px on a phone, under 8 at a desk, as drawn', () => {
  expect(leastLetters(330, 0.5, 1)).toBeCloseTo(23.76)
  expect(leastLetters(330, 0.5, 2)).toBeCloseTo(11.88)
  expect(leastLetters(700, 0.5, 1)).toBeCloseTo(15.84)
})

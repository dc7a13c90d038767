import { expect, test } from '@jest/globals'
import { rectangle } from '../geometry'
import { lackingIn } from './boxes'
import { nest, sheetsOf, surfaceOf, wholeBoxes, type NestPart } from './index'

const part = (id: string, box: string, width: number, height: number): NestPart => {
  const shape = { outline: rectangle(0, 0, width, height), holes: [] }
  return { id, box, shape, turnedShape: shape }
}
/** Three boxes, each of a large part and three small ones: two of them fit on the sheet. */
const boxes = ['a', 'b', 'c'].flatMap((box) => [
  part(`${box}-large`, box, 90, 60),
  ...[1, 2, 3].map((i) => part(`${box}-${i}`, box, 30, 40)),
])
const rules = { margin: 0, gap: 0, grain: 'free', turning: true } as const
const on = sheetsOf(surfaceOf({ width: 180, height: 110 }, null), 1)

test('where not all parts fit, whole boxes come first, the first ones before later ones', () => {
  const { unplaced, placements } = nest(boxes, rules, on)
  expect(wholeBoxes(boxes, unplaced)).toEqual({ whole: 2, of: 3 })
  expect(placements.filter(({ part: id }) => id.startsWith('a')).length).toBe(4)
  expect(placements.filter(({ part: id }) => id.startsWith('b')).length).toBe(4)
  // Parts that are of no box are placed by their area alone: no other way counts as better.
  const loose = nest(
    boxes.map(({ id, shape, turnedShape }) => ({ id, shape, turnedShape })),
    rules,
    on,
  )
  expect(wholeBoxes(boxes, loose.unplaced).whole).toBeLessThanOrEqual(2)
})
test('a box that lacks a part counts once; of as many the later ones rather', () => {
  const lacking = lackingIn(boxes)
  expect(Math.floor(lacking([{ part: 'a-1' }, { part: 'a-2' }]))).toBe(1)
  expect(lacking([{ part: 'a-1' }])).toBeGreaterThan(lacking([{ part: 'c-large' }]))
  expect(lacking([{ part: 'c-1' }, { part: 'b-1' }])).toBeGreaterThan(lacking([{ part: 'a-1' }]))
})

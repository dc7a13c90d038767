import { expect, test } from '@jest/globals'
import { deriveBox } from '@core/derive'
import { demo } from '../../scripts/testing/demo'
import { dimensionsOf, inRows, placeRows } from './panel-dimensions'

const panels = deriveBox(demo('specimen-tray')).panels!
const named = (id: string) => panels.find((panel) => panel.id === id)!

test('each panel shows the two sizes of the box that it has', () => {
  expect(dimensionsOf(named('front'))).toEqual(['width', 'height'])
  expect(dimensionsOf(named('left'))).toEqual(['depth', 'height'])
  expect(dimensionsOf(named('floor'))).toEqual(['width', 'depth'])
  expect(dimensionsOf(named('column-1'))).toEqual(['depth', 'height'])
  expect(dimensionsOf(named('row-1'))).toEqual(['width', 'height'])
})
test('opposite walls lie beside each other; what stands inside fills rows no wider than they are', () => {
  const rows = inRows(panels)
  expect(rows.flat()).toHaveLength(panels.length)
  expect(rows.slice(0, 3).map((row) => row.map(({ id }) => id))).toEqual([
    ['front', 'back'],
    ['left', 'right'],
    ['floor'],
  ])
  const width = (row: typeof panels): number => row.reduce((sum, { size }) => sum + size.width, 0)
  for (const row of rows.slice(3)) expect(width(row)).toBeLessThanOrEqual(width(rows[0]) * 1.05)
})
test('rows stand one below the other on their ground lines, and nothing lies over anything else', () => {
  const box = (minX: number, minY: number, wide: number, high: number) => ({
    box: { minX, minY, maxX: minX + wide, maxY: minY + high },
  })
  const rows = [[box(-5, 2, 30, 10), box(0, 0, 20, 16)], [box(7, -3, 12, 4)]]
  const { placed, width, height } = placeRows(rows, { across: 3, down: 5 })
  // On the screen y goes down: a corner of a drawing at (minX, minY) is at x + minX, y − minY.
  const corners = placed.map(({ box: { minX, minY }, x, y }) => [x + minX, y - minY])
  expect(corners).toEqual([
    [0, 16],
    [33, 16],
    [0, 25],
  ])
  expect([width, height]).toEqual([56, 30])
})

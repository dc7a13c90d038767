import { expect, test } from '@jest/globals'
import { deriveBox } from '@core/derive'
import { demo } from '../../scripts/testing/demo'
import { dimensionsOf, inRows } from './panel-dimensions'

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

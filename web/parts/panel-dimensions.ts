import { wayOf, type Panel } from '@core/assembly'
import type { Bounds } from '@core/geometry'

export type Dimension = 'width' | 'depth' | 'height'
const OF_AXIS: Record<'x' | 'y' | 'z', Dimension> = { x: 'width', y: 'depth', z: 'height' }

/** Which of the box's sizes a panel shows along its own x and y; none where it stands at an angle. */
export const dimensionsOf = ({
  frame,
  sides,
}: Pick<Panel, 'frame' | 'sides'>): [Dimension, Dimension] | [null, null] =>
  sides ? [null, null] : [OF_AXIS[wayOf(frame, 'x').axis], OF_AXIS[wayOf(frame, 'y').axis]]

/** How much wider than high a drawing of many walls is. */
const SPREAD = 1.4

/** Panels in rows: opposite walls beside each other, then floor and top, then what stands inside. */
export function inRows(panels: Panel[]): Panel[][] {
  const pairs = [
    ['front', 'back'],
    ['left', 'right'],
    ['floor', 'top'],
  ]
  const known = pairs.map((ids) => ids.flatMap((id) => panels.find((panel) => panel.id === id) ?? []))
  const others = panels.filter(({ id }) => !pairs.flat().includes(id))
  const whole = others.reduce((sum, { size }) => sum + size.width * size.height, 0)
  const across = Math.max(
    panels.some(({ sides }) => sides) ? SPREAD * Math.sqrt(whole) : 1,
    ...known.map((row) => row.reduce((sum, { size }) => sum + size.width, 0)),
  )
  const rows: Panel[][] = []
  let wide = Infinity
  for (const panel of others) {
    if (wide + panel.size.width > across * 1.05) {
      rows.push([])
      wide = 0
    }
    rows[rows.length - 1].push(panel)
    wide += panel.size.width * 1.1
  }
  return [...known, ...rows].filter((row) => row.length > 0)
}

/** Something drawn, whose lower left corner is to lie at x and y; y goes down, as on a screen. */
type Placed<T> = T & { x: number; y: number }

/**
 * Rows one below the other, what is in a row on one ground line.
 * @param space between two in a row, and between rows
 */
export function placeRows<T extends { box: Bounds }>(
  rows: T[][],
  space: { across: number; down: number },
): { placed: Placed<T>[]; width: number; height: number } {
  let [width, height] = [0, 0]
  const placed = rows.flatMap((row) => {
    const high = Math.max(0, ...row.map(({ box }) => box.maxY - box.minY))
    let x = 0
    const inRow = row.map((each) => {
      const { minX, maxX, minY } = each.box
      const at = { ...each, x: x - minX, y: height + high + minY }
      x += maxX - minX + space.across
      return at
    })
    width = Math.max(width, x)
    height += high + space.down
    return inRow
  })
  return { placed, width, height }
}

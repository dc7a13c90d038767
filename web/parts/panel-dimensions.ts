import { wayOf, type Panel } from '@core/assembly'

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

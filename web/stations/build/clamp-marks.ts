import { polygonHull } from 'd3'
import type { Panel } from '@core/assembly'
import type { Clamp } from '@core/build'
import type { Vector } from '@core/geometry'
import type { HoldMark } from '@web/parts/hold-marks'

/** A point of a panel's own plane, in the box. @param z from the inside face to the outside face */
function inBox({ frame: f }: Panel, x: number, y: number, z: number): Vector {
  const along = (row: number): number => f[row] * x + f[row + 1] * y + f[row + 2] * z + f[row + 3]
  return [along(0), along(4), along(8)]
}

/** Where the edges of a panel's two faces cross a height. */
function crossings(panel: Panel, height: number): [number, number][] {
  const { outline } = panel.region
  const faces = [0, panel.thickness].map((z) => outline.map(({ x, y }) => inBox(panel, x, y, z)))
  return faces.flatMap((corners) =>
    corners.flatMap((a, i): [number, number][] => {
      const b = corners[(i + 1) % corners.length]
      if (a[2] > height === b[2] > height) return []
      const share = (height - a[2]) / (b[2] - a[2])
      return [[a[0] + share * (b[0] - a[0]), a[1] + share * (b[1] - a[1])]]
    }),
  )
}

/** What stands, seen from above at a height: the line round it. */
const around = (panels: Panel[], height: number): [number, number][] =>
  polygonHull(panels.flatMap((panel) => crossings(panel, height))) ?? []

const middle = (values: number[]): number => (Math.min(...values) + Math.max(...values)) / 2

/** Pressed on from both sides, in the middle. */
function pressed(panels: Panel[], along: 'x' | 'y', height: number): HoldMark[] {
  const ring = around(panels, height)
  if (ring.length === 0) return []
  const [own, other] = along === 'x' ? [0, 1] : [1, 0]
  const across = middle(ring.map((point) => point[other]))
  return [1, -1].map((sign): HoldMark => {
    const edge = (sign > 0 ? Math.min : Math.max)(...ring.map((point) => point[own]))
    return along === 'x'
      ? { what: 'press', at: [edge, across, height], way: [sign, 0, 0] }
      : { what: 'press', at: [across, edge, height], way: [0, sign, 0] }
  })
}

/** Laid on the highest there is, in the middle from front to back. */
function laidOn(panels: Panel[], left: number): HoldMark {
  const points = panels.flatMap((panel) =>
    [0, panel.thickness].flatMap((z) => panel.region.outline.map(({ x, y }) => inBox(panel, x, y, z))),
  )
  const top = Math.max(...points.map(([, , z]) => z))
  return { what: 'press', at: [left, middle(points.map(([, y]) => y)), top], way: [0, 0, -1] }
}

/** Where clamps are put on what stands. */
export const clampMarks = (clamps: Clamp[], panels: Panel[]): HoldMark[] =>
  clamps.flatMap(({ along, at }) =>
    at.flatMap((place): HoldMark[] => {
      if (along === 'z') return [laidOn(panels, place)]
      if (along !== 'round') return pressed(panels, along, place)
      return [{ what: 'band', ring: around(panels, place).map(([x, y]) => [x, y, place]) }]
    }),
  )

import { polygonHull } from 'd3'
import type { Panel } from '@core/assembly'
import type { Clamp } from '@core/build'
import { cross, dot, type Vector } from '@core/geometry'
import type { HoldMark } from '@web/parts/hold-marks'

/** A point of a panel's own plane, in the box. @param z from the inside face to the outside face */
function inBox({ frame: f }: Panel, x: number, y: number, z: number): Vector {
  const along = (row: number): number => f[row] * x + f[row + 1] * y + f[row + 2] * z + f[row + 3]
  return [along(0), along(4), along(8)]
}

/** A plane through the box: its normal, and how far along that, mm. */
interface Cut {
  way: Vector
  at: number
}

/** Where the edges of a panel's two faces cross a plane. */
function crossings(panel: Panel, { way, at }: Cut): Vector[] {
  const { outline } = panel.region
  const faces = [0, panel.thickness].map((z) => outline.map(({ x, y }) => inBox(panel, x, y, z)))
  return faces.flatMap((corners) =>
    corners.flatMap((a, i): Vector[] => {
      const b = corners[(i + 1) % corners.length]
      const [from, to] = [dot(way, a) - at, dot(way, b) - at]
      if (from > 0 === to > 0) return []
      const share = from / (from - to)
      return [[0, 1, 2].map((axis) => a[axis] + share * (b[axis] - a[axis])) as Vector]
    }),
  )
}

/** The line round what stands, in a plane. */
function ringIn(panels: Panel[], cut: Cut): Vector[] {
  const points = panels.flatMap((panel) => crossings(panel, cut))
  const [x, y, z] = cut.way
  const flat = Math.hypot(x, y)
  const u: Vector = flat > 1e-9 ? [-y / flat, x / flat, 0] : [1, 0, 0]
  const v = cross([x, y, z], u)
  const seen = points.map((point): [number, number] => [dot(u, point), dot(v, point)])
  const ring = polygonHull(seen) ?? []
  return ring.map(([a, b]) => [0, 1, 2].map((i) => a * u[i] + b * v[i] + cut.at * cut.way[i]) as Vector)
}

const UP: Vector = [0, 0, 1]
/** What stands, seen from above at a height: the line round it. */
const around = (panels: Panel[], height: number): Vector[] => ringIn(panels, { way: UP, at: height })

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
  clamps.flatMap(({ along, at, ridge }) =>
    at.flatMap((place): HoldMark[] => {
      if (along === 'z') return [laidOn(panels, place)]
      if (along === 'over') {
        const { way, at: from } = ridge!
        return [{ what: 'band', ring: ringIn(panels, { way, at: dot(way, from) + place }) }]
      }
      return along === 'round'
        ? [{ what: 'band', ring: around(panels, place) }]
        : pressed(panels, along, place)
    }),
  )

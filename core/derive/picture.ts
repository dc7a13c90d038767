import type { Panel } from '../assembly'
import { bounds, dot, ringsOf, transformPoint, type Vector } from '../geometry'
import { paintingOrder } from './picture-order'

/**
 * What of one panel looks one way: where it lies, and how light it is (0 dark to 1 light). Lengths as in the
 * box, y down.
 */
export interface Facet {
  /** Id of its panel. */
  panel: string
  rings: [number, number][][]
  shade: number
}

export interface Picture {
  facets: Facet[]
  viewBox: [x: number, y: number, width: number, height: number]
}

/** Seen from in front, from the right and from above. */
const ANGLE = -0.6
const TILT = 0.5
const [SIN, COS] = [Math.sin(ANGLE), Math.cos(ANGLE)]
const RIGHT: Vector = [COS, SIN, 0]
const TOWARDS: Vector = [SIN * Math.cos(TILT), -COS * Math.cos(TILT), Math.sin(TILT)]
const UP: Vector = [-SIN * Math.sin(TILT), COS * Math.sin(TILT), Math.cos(TILT)]
const LIGHT: Vector = [-0.35, -0.5, 0.79]

const project = (point: Vector): [number, number] => [dot(point, RIGHT), -dot(point, UP)]

interface Face {
  rings: Vector[][]
  normal: Vector
}

/** Both faces and every side of a panel, in space. */
function facesOf({ region, thickness, frame }: Panel): Face[] {
  const place = (x: number, y: number, z: number): Vector => transformPoint(frame, [x, y, z])
  const turn = ([x, y, z]: Vector): Vector => {
    const from = place(0, 0, 0)
    const to = place(x, y, z)
    return [to[0] - from[0], to[1] - from[1], to[2] - from[2]]
  }
  const rings = ringsOf(region)
  const flat = (z: number): Vector[][] => rings.map((ring) => ring.map(({ x, y }) => place(x, y, z)))
  const sides = rings.flatMap((ring) =>
    ring.map(({ x, y }, i): Face => {
      const next = ring[(i + 1) % ring.length]
      const length = Math.hypot(next.x - x, next.y - y)
      const normal: Vector = [(next.y - y) / length, (x - next.x) / length, 0]
      const corners = [place(x, y, 0), place(next.x, next.y, 0)]
      const above = [place(next.x, next.y, thickness), place(x, y, thickness)]
      return { rings: [[...corners, ...above]], normal: turn(normal) }
    }),
  )
  return [
    { rings: flat(thickness), normal: turn([0, 0, 1]) },
    { rings: flat(0), normal: turn([0, 0, -1]) },
    ...sides,
  ]
}

/** Faces that look one way are of one shade, and are one facet: a page shows a dozen boxes at once. */
function facetsOf(panel: string, faces: Face[]): Facet[] {
  const byWay = new Map<string, Face[]>()
  for (const face of faces) {
    if (dot(face.normal, TOWARDS) <= 1e-6) continue
    const way = face.normal.map((part) => part.toFixed(3)).join(' ')
    byWay.set(way, [...(byWay.get(way) ?? []), face])
  }
  // Both faces come first in a panel's list: the one that is seen hides what lies deep in a notch.
  return [...byWay.values()].reverse().map((alike) => ({
    panel,
    rings: alike.flatMap(({ rings }) => rings.map((ring) => ring.map(project))),
    shade: 0.5 + 0.5 * dot(alike[0].normal, LIGHT),
  }))
}

export type PanelChange = 'added' | 'changed'

/** Which panels come with a change of a box, and which are of another shape then. */
export function panelChanges(before: Panel[], after: Panel[]): Map<string, PanelChange> {
  const shapeOf = ({ region, thickness }: Panel): string =>
    JSON.stringify([thickness, ringsOf(region).map((ring) => ring.map(({ x, y }) => [x, y]))])
  const shapes = new Map(before.map((panel) => [panel.id, shapeOf(panel)]))
  return new Map(
    after
      .filter((panel) => shapes.get(panel.id) !== shapeOf(panel))
      .map(({ id }) => [id, shapes.has(id) ? 'changed' : 'added']),
  )
}

/**
 * A box drawn in lines and planes, without a drawing library: for lists, where many are shown small.
 * Every panel is drawn as a whole, from the back to the front.
 */
export function pictureOf(panels: Panel[]): Picture {
  const corners = ({ frame, region, thickness }: Panel): Vector[] => {
    const { minX, maxX, minY, maxY } = bounds(region.outline)
    return [minX, maxX].flatMap((x) =>
      [minY, maxY].flatMap((y) => [0, thickness].map((z) => transformPoint(frame, [x, y, z]))),
    )
  }
  const facets = paintingOrder(panels, TOWARDS, corners).flatMap((panel) =>
    facetsOf(panel.id, facesOf(panel)),
  )
  const points = facets.flatMap(({ rings }) => rings.flat())
  const xs = points.map(([x]) => x)
  const ys = points.map(([, y]) => y)
  const [left, top] = [Math.min(...xs), Math.min(...ys)]
  return { facets, viewBox: [left, top, Math.max(...xs) - left, Math.max(...ys) - top] }
}

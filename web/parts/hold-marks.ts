import {
  ArrowHelper,
  BoxGeometry,
  EdgesGeometry,
  LineBasicMaterial,
  LineSegments,
  CylinderGeometry,
  Mesh,
  MeshLambertMaterial,
  Vector3,
  type Color,
  type Object3D,
} from 'three'
import type { Block } from '@core/assembly'
import type { Vector } from '@core/geometry'

/** Marks in space: a band round the box, a place that is pressed on and which way, or one that stays dry. */
export type HoldMark =
  | { what: 'band'; ring: Vector[] }
  | { what: 'press'; at: Vector; way: Vector }
  | { what: 'dry'; zone: Block }

/** How long arrows are, how wide their heads, and how thick bands, of half the box's own diagonal. */
const [ARROW, HEAD, BAND] = [0.4, 0.1, 0.025]

/** A round rod from one point to another. */
function rod(from: Vector, to: Vector, radius: number, color: Color): Mesh {
  const [a, b] = [new Vector3(...from), new Vector3(...to)]
  const along = b.clone().sub(a)
  const body = new Mesh(
    new CylinderGeometry(radius, radius, along.length() + radius, 8),
    new MeshLambertMaterial({ color }),
  )
  body.position.copy(a.add(b).multiplyScalar(0.5))
  body.quaternion.setFromUnitVectors(new Vector3(0, 1, 0), along.normalize())
  return body
}

/** The edges of a place, seen through whatever stands before it. */
function outlined({ min, max }: Block, color: Color): Object3D {
  const size = new Vector3(max.x - min.x, max.y - min.y, max.z - min.z)
  const lines = new LineSegments(
    new EdgesGeometry(new BoxGeometry(size.x, size.y, size.z)),
    new LineBasicMaterial({ color, depthTest: false }),
  )
  lines.position.set((min.x + max.x) / 2, (min.y + max.y) / 2, (min.z + max.z) / 2)
  lines.renderOrder = 1
  return lines
}

/** Bands as rods, and arrows that end where they press. @param size half the box's diagonal, mm */
export const markBodies = (marks: HoldMark[], size: number, colour: Color, dry: Color): Object3D[] =>
  marks.flatMap((mark): Object3D[] => {
    if (mark.what === 'dry') return [outlined(mark.zone, dry)]
    if (mark.what === 'band')
      return mark.ring.map((corner, i) =>
        rod(corner, mark.ring[(i + 1) % mark.ring.length], size * BAND, colour),
      )
    const way = new Vector3(...mark.way)
    const long = size * ARROW
    const from = new Vector3(...mark.at).addScaledVector(way, -long)
    return [new ArrowHelper(way, from, long, colour, long * 0.4, size * HEAD)]
  })

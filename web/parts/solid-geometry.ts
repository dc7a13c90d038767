import { BufferGeometry, Float32BufferAttribute, ShapeUtils, Vector2 } from 'three'
import { onFace, type Faces } from '@core/art'
import type { Feature } from '@core/assembly'
import { ringsOf, type Point, type Region, type Ring } from '@core/geometry'

const vectors = (ring: Ring): Vector2[] => ring.map(({ x, y }) => new Vector2(x, y))

/**
 * A region extruded from z = 0 to `depth`, mm. Flat faces only, so that it costs a fraction of the general
 * extrusion while somebody types.
 */
export function solidGeometry(region: Region, depth: number): BufferGeometry {
  const positions: number[] = []
  const normals: number[] = []
  const corners = ringsOf(region).flat()
  for (const [a, b, c] of ShapeUtils.triangulateShape(vectors(region.outline), region.holes.map(vectors))) {
    for (const i of [a, b, c]) {
      positions.push(corners[i].x, corners[i].y, depth)
      normals.push(0, 0, 1)
    }
    for (const i of [c, b, a]) {
      positions.push(corners[i].x, corners[i].y, 0)
      normals.push(0, 0, -1)
    }
  }
  for (const ring of ringsOf(region)) {
    for (const [i, p] of ring.entries()) {
      const q = ring[(i + 1) % ring.length]
      const length = Math.hypot(q.x - p.x, q.y - p.y)
      // to the right of the way: outside, for outlines and holes alike
      const [nx, ny] = [(q.y - p.y) / length, (p.x - q.x) / length]
      positions.push(p.x, p.y, 0, q.x, q.y, 0, q.x, q.y, depth, p.x, p.y, 0, q.x, q.y, depth, p.x, p.y, depth)
      for (let corner = 0; corner < 6; corner++) normals.push(nx, ny, 0)
    }
  }
  return new BufferGeometry()
    .setAttribute('position', new Float32BufferAttribute(positions, 3))
    .setAttribute('normal', new Float32BufferAttribute(normals, 3))
}

/** The edges of that solid: both faces and every upright. */
export function edgeGeometry(region: Region, depth: number): BufferGeometry {
  const lines: number[] = []
  for (const ring of ringsOf(region)) {
    for (const [i, { x, y }] of ring.entries()) {
      const next = ring[(i + 1) % ring.length]
      lines.push(x, y, 0, next.x, next.y, 0, x, y, depth, next.x, next.y, depth, x, y, 0, x, y, depth)
    }
  }
  return new BufferGeometry().setAttribute('position', new Float32BufferAttribute(lines, 3))
}

/** What is burnt into both faces, drawn a little before them so that it is seen. */
export function faceGeometry(faces: Faces | undefined, depth: number): BufferGeometry {
  const lines: number[] = []
  let before = 0
  const put = (points: Point[], closed: boolean): void =>
    points.forEach(({ x, y }, i) => {
      const next = points[i + 1] ?? (closed ? points[0] : null)
      if (next) lines.push(x, y, before, next.x, next.y, before)
    })
  for (const side of ['outside', 'inside'] as const) {
    if (!faces) break
    before = side === 'outside' ? depth * 1.002 : -depth * 0.002
    const { areas, lines: followed } = onFace(faces[side])
    for (const ring of areas.flatMap(ringsOf)) put(ring, true)
    for (const { points, closed } of followed) put(points, closed)
  }
  return new BufferGeometry().setAttribute('position', new Float32BufferAttribute(lines, 3))
}

/** Borders of the pockets in a panel's inside face, drawn a little outside of it so that they are seen. */
export function pocketGeometry(features: Feature[], depth: number): BufferGeometry {
  const lines: number[] = []
  const away = -depth / 1000
  for (const { shape } of features.filter((feature) => feature.depth !== null)) {
    for (const [i, { x, y }] of shape.entries()) {
      const next = shape[(i + 1) % shape.length]
      lines.push(x, y, away, next.x, next.y, away)
    }
  }
  return new BufferGeometry().setAttribute('position', new Float32BufferAttribute(lines, 3))
}

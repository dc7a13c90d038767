import Coordinate from 'jsts/org/locationtech/jts/geom/Coordinate.js'
import type Geometry from 'jsts/org/locationtech/jts/geom/Geometry.js'
import GeometryFactory from 'jsts/org/locationtech/jts/geom/GeometryFactory.js'
import 'jsts/org/locationtech/jts/monkey.js'
import OverlayOp from 'jsts/org/locationtech/jts/operation/overlay/OverlayOp.js'
import BufferOp from 'jsts/org/locationtech/jts/operation/buffer/BufferOp.js'
import DistanceOp from 'jsts/org/locationtech/jts/operation/distance/DistanceOp.js'
import BufferParameters from 'jsts/org/locationtech/jts/operation/buffer/BufferParameters.js'

interface Point {
  x: number
  y: number
}
const factory = new GeometryFactory()

const ringOf = (points: Point[]) =>
  factory.createLinearRing([...points, points[0]].map(({ x, y }) => new Coordinate(x, y)))

/**
 * A region as a polygon of jsts, a geometry library independent of the one that the core uses. For tests.
 */
export const jtsOf = ({ outline, holes }: { outline: Point[]; holes: Point[][] }): Geometry =>
  factory.createPolygon(ringOf(outline), holes.map(ringOf))

/** Both shapes together. */
export const united = (a: Geometry, b: Geometry): Geometry => OverlayOp.union(a, b)

/** What both shapes cover, what the first has without the second, and what only one of them covers. */
export const shared = (a: Geometry, b: Geometry): Geometry => OverlayOp.intersection(a, b)
export const without = (a: Geometry, b: Geometry): Geometry => OverlayOp.difference(a, b)
export const differing = (a: Geometry, b: Geometry): Geometry => OverlayOp.symDifference(a, b)

/** How far two shapes are from each other where they are nearest. */
export const apart = (a: Geometry, b: Geometry): number => DistanceOp.distance(a, b)

/** What is left of a shape when everything within `distance` of its border is taken away, corners square. */
export const shrunk = (shape: Geometry, distance: number): Geometry =>
  BufferOp.bufferOp(
    shape,
    -distance,
    new BufferParameters(8, BufferParameters.CAP_FLAT, BufferParameters.JOIN_MITRE, 5),
  )

/** Where a shape is solid along a line across it: from and to along `axis`, at a place on the other axis. */
export function spansAlong(shape: Geometry, axis: 'x' | 'y', place: number): [number, number][] {
  const end = (t: number): Coordinate => (axis === 'x' ? new Coordinate(t, place) : new Coordinate(place, t))
  const line = factory.createLineString([end(-1e4), end(1e4)])
  const solid = OverlayOp.intersection(shape, line)
  return Array.from({ length: solid.getNumGeometries() }, (_, i) =>
    solid
      .getGeometryN(i)
      .getCoordinates()
      .map((point: Coordinate) => point[axis]),
  )
    .map((ends): [number, number] => [Math.min(...ends), Math.max(...ends)])
    .sort((a, b) => a[0] - b[0])
}

/** The lines round a shape. */
export const borderOf = (shape: Geometry): Geometry =>
  (shape as Geometry & { getBoundary: () => Geometry }).getBoundary()

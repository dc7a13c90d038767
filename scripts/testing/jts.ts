import Coordinate from 'jsts/org/locationtech/jts/geom/Coordinate.js'
import type Geometry from 'jsts/org/locationtech/jts/geom/Geometry.js'
import GeometryFactory from 'jsts/org/locationtech/jts/geom/GeometryFactory.js'
import 'jsts/org/locationtech/jts/monkey.js'
import OverlayOp from 'jsts/org/locationtech/jts/operation/overlay/OverlayOp.js'
import BufferOp from 'jsts/org/locationtech/jts/operation/buffer/BufferOp.js'
import BufferParameters from 'jsts/org/locationtech/jts/operation/buffer/BufferParameters.js'

interface Point { x: number; y: number }
const factory = new GeometryFactory()

const ringOf = (points: Point[]) => factory.createLinearRing([...points, points[0]].map(({ x, y }) => new Coordinate(x, y)))

/** A region as a polygon of jsts, a geometry library independent of the one that the core uses. For tests. */
export const jtsOf = ({ outline, holes }: { outline: Point[]; holes: Point[][] }): Geometry => factory.createPolygon(ringOf(outline), holes.map(ringOf))

/** Both shapes together. */
export const united = (a: Geometry, b: Geometry): Geometry => OverlayOp.union(a, b)

/** What is left of a shape when everything within `distance` of its border is taken away, corners square. */
export const shrunk = (shape: Geometry, distance: number): Geometry =>
  BufferOp.bufferOp(shape, -distance, new BufferParameters(8, BufferParameters.CAP_FLAT, BufferParameters.JOIN_MITRE, 5))

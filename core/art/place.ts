import { z } from 'zod'
import { bounds, type Bounds, type Point } from '../geometry'

const offset = z.number().min(-5000).max(5000)

/** The faces of a panel, as the box stands. */
export const FACE_SIDES = ['outside', 'inside'] as const
export type Side = (typeof FACE_SIDES)[number]

/** What a place on a panel is told from, seen from outside. */
export const ANCHORS = [
  'centre',
  'left',
  'right',
  'top',
  'bottom',
  'top left',
  'top right',
  'bottom left',
  'bottom right',
] as const
type Anchor = (typeof ANCHORS)[number]

/** Which point of a thing is put on the anchor: the same corner or side of its own, or one that is named. */
export const POINTS = ['same', ...ANCHORS] as const

/** A place by numbers on the outside of a panel: it stays the same when the box changes size. */
export const placeFields = {
  /** An opening on the same panel, by id, that the anchor is on; empty: the panel. */
  from: z.string().max(60),
  anchor: z.enum(ANCHORS),
  /** The thing's own point that lies there. */
  point: z.enum(POINTS),
  /** From the anchor to the right and up, mm. */
  right: offset,
  up: offset,
  /** Counter-clockwise, degrees. */
  turn: z.number().min(-360).max(360),
  /** On the opposite panel as well, mirrored. */
  mirrored: z.boolean(),
}
export interface Place {
  anchor: Anchor
  point: (typeof POINTS)[number]
  right: number
  up: number
  turn: number
}

/** Where an anchor is on a panel. */
function anchorOn({ minX, maxX, minY, maxY }: Bounds, anchor: Anchor): Point {
  const x = anchor.includes('left') ? minX : anchor.includes('right') ? maxX : (minX + maxX) / 2
  const y = anchor.includes('bottom') ? minY : anchor.includes('top') ? maxY : (minY + maxY) / 2
  return { x, y }
}

/** A point about a thing's own middle, turned with it. @param turn counter-clockwise, degrees */
export function turning(turn: number): (point: Point) => Point {
  const [cos, sin] = [Math.cos((turn * Math.PI) / 180), Math.sin((turn * Math.PI) / 180)]
  return ({ x, y }) => ({ x: x * cos - y * sin, y: x * sin + y * cos })
}

/** How far a thing's own point is from its middle: nothing along a side that the point does not name. */
function pointOf({ minX, maxX, minY, maxY }: Bounds, point: Anchor): Point {
  const x = point.includes('left') ? minX : point.includes('right') ? maxX : 0
  const y = point.includes('bottom') ? minY : point.includes('top') ? maxY : 0
  return { x, y }
}

/**
 * Takes points about a thing's own middle, turned as it is, onto its panel.
 * @param face the rectangle of the panel, mm
 * @param own all points of the thing, turned about its own middle
 */
export function placing(
  { anchor, point, right, up }: Place,
  face: Bounds,
  own: Point[],
): (point: Point) => Point {
  const named = point === 'same' ? anchor : point
  const at = anchorOn(face, anchor)
  const held = named === 'centre' || own.length === 0 ? { x: 0, y: 0 } : pointOf(bounds(own), named)
  const [dx, dy] = [at.x + right - held.x, at.y + up - held.y]
  return ({ x, y }) => ({ x: x + dx, y: y + dy })
}

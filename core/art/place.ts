import { z } from 'zod'
import type { Bounds, Point } from '../geometry'

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

/** A place by numbers on the outside of a panel: it stays the same when the box changes size. */
export const placeFields = {
  /** An opening on the same panel, by id, that the anchor is on; empty: the panel. */
  from: z.string().max(60),
  anchor: z.enum(ANCHORS),
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

/**
 * Takes a point about a thing's own middle onto its panel.
 * @param face the rectangle of the panel, mm
 * @param shift of one in a grid from the middle of all
 */
export function placing({ anchor, right, up, turn }: Place, face: Bounds, shift: Point = { x: 0, y: 0 }) {
  const [cos, sin] = [Math.cos((turn * Math.PI) / 180), Math.sin((turn * Math.PI) / 180)]
  const at = anchorOn(face, anchor)
  return ({ x, y }: Point): Point => ({
    x: at.x + right + shift.x + x * cos - y * sin,
    y: at.y + up + shift.y + x * sin + y * cos,
  })
}

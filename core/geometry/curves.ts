import { rectangle } from './transform'
import type { Bounds, Point, Ring } from './types'

/** How far a straight piece may be off the curve that it stands for, mm. */
const OFF = 0.005

/** Pieces that a quarter of a circle is drawn in. */
const piecesOf = (radius: number): number =>
  Math.max(6, Math.ceil(Math.PI / 4 / Math.acos(Math.max(0, 1 - OFF / Math.max(radius, OFF)))))

/** Points of an ellipse from one angle to another, radians, both ends included. */
export const ellipseArc = (
  { x, y }: Point,
  [wide, high]: [number, number],
  from: number,
  to: number,
): Ring => {
  const pieces =
    piecesOf(Math.max(Math.abs(wide), Math.abs(high))) * Math.max(1, Math.round((to - from) / (Math.PI / 2)))
  return Array.from({ length: pieces + 1 }, (_, i) => {
    const angle = from + ((to - from) * i) / pieces
    return { x: x + wide * Math.cos(angle), y: y + high * Math.sin(angle) }
  })
}

/** A circle as a counter-clockwise ring, no more than 0.005 mm off. */
export const disc = (middle: Point, radius: number): Ring =>
  ellipseArc(middle, [radius, radius], 0, 2 * Math.PI).slice(0, -1)

/** A slot with round ends that lies along x. */
export function slotRing({ x, y }: Point, long: number, wide: number): Ring {
  const [reach, radius] = [(long - wide) / 2, wide / 2]
  const half = Math.PI / 2
  return [
    ...ellipseArc({ x: x + reach, y }, [radius, radius], -half, half),
    ...ellipseArc({ x: x - reach, y }, [radius, radius], half, 3 * half),
  ]
}

/** Half an ellipse that hangs from a line (`reach` below 0) or stands on it. */
export const halfEllipse = (left: number, right: number, edge: number, reach: number): Ring =>
  ellipseArc({ x: (left + right) / 2, y: edge }, [(right - left) / 2, reach], 0, Math.PI)

/** An arch over the line at `edge`: rounded where it turns, `high` mm up (down when negative). */
export function archRing(left: number, right: number, edge: number, high: number): Ring {
  const round = Math.abs(high)
  const outside = edge - Math.sign(high)
  return [
    { x: left, y: outside },
    { x: right, y: outside },
    ...ellipseArc({ x: right - round, y: edge }, [round, high], 0, Math.PI / 2),
    ...ellipseArc({ x: left + round, y: edge }, [round, high], Math.PI / 2, Math.PI),
  ]
}

/** Which way a panel lies from one of its corners. */
interface Inward {
  x: 1 | -1
  y: 1 | -1
}

/** The corners of a rectangle, counter-clockwise from the lower left. */
export const cornersOf = ({ minX, minY, maxX, maxY }: Bounds): { at: Point; inward: Inward }[] => [
  { at: { x: minX, y: minY }, inward: { x: 1, y: 1 } },
  { at: { x: maxX, y: minY }, inward: { x: -1, y: 1 } },
  { at: { x: maxX, y: maxY }, inward: { x: -1, y: -1 } },
  { at: { x: minX, y: maxY }, inward: { x: 1, y: -1 } },
]

/**
 * What a rounded corner takes away: between the corner at `at` and a quarter circle.
 * @param inward which way the panel lies from there
 */
export function cornerCut(at: Point, inward: { x: 1 | -1; y: 1 | -1 }, radius: number): Ring {
  const middle = { x: at.x + inward.x * radius, y: at.y + inward.y * radius }
  const curve = ellipseArc(middle, [-inward.x * radius, -inward.y * radius], 0, Math.PI / 2)
  return [at, ...curve]
}

/** A quarter of a circle about the origin, from (radius, 0) to (0, radius). */
export const quarterOf = (radius: number): Ring =>
  ellipseArc({ x: 0, y: 0 }, [radius, radius], 0, Math.PI / 2)

/** Points of a circle from one angle to another, radians, both ends included. */
export const arcOf = (middle: Point, radius: number, from: number, to: number): Ring =>
  ellipseArc(middle, [radius, radius], from, to)

/** A rectangle with round corners about the origin, counter-clockwise. */
export function roundedRectangle(width: number, height: number, radius: number): Ring {
  const r = Math.min(radius, width / 2, height / 2)
  const [x, y] = [width / 2 - Math.max(0, r), height / 2 - Math.max(0, r)]
  if (r <= 0) return rectangle(-x, -y, x, y)
  return [
    { x, y },
    { x: -x, y },
    { x: -x, y: -y },
    { x, y: -y },
  ].flatMap((middle, quarter) => arcOf(middle, r, (quarter * Math.PI) / 2, ((quarter + 1) * Math.PI) / 2))
}

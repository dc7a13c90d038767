import { meeting, type EndKind } from '../assembly'
import type { Point } from '../geometry'

/** A corner of square edges, cut through where the tab of one sheet passes the other; lengths in mm. */
export interface CornerSection {
  /** The sheet whose tab it is, and the one that stops at its shoulder. */
  through: Point[]
  stopped: Point[]
  /** The wedge that stays open between them. */
  gap: Point[]
  /** What of the tab stands out of the other's outer face; nothing where it ends inside. */
  proud: Point[]
  /** The other's outer face, on to where both outer faces would meet. */
  face: [Point, Point]
}

/** How much of each sheet is shown beyond what happens at the corner, in thicknesses. */
const SHOWN = 1.2

/** What of a convex polygon lies on one side of a line through the origin. @param n points to that side */
const onSide = (points: Point[], n: Point): Point[] =>
  points.flatMap((a, i) => {
    const b = points[(i + 1) % points.length]
    const [da, db] = [a.x * n.x + a.y * n.y, b.x * n.x + b.y * n.y]
    const cut = { x: a.x + ((b.x - a.x) * da) / (da - db), y: a.y + ((b.y - a.y) * da) / (da - db) }
    return [...(da > 0 ? [a] : []), ...(da > 0 !== db > 0 ? [cut] : [])]
  })

/**
 * The section of a corner across its line of meeting, which is at (0, 0). The sheet with the tab lies
 * along x, its outer face on the axis; the other goes up at the angle. [DEF]
 * @param angle inside, degrees @param own thickness of the one with the tab, mm @param mate of the other, mm
 */
export function cornerSection(angle: number, own: number, mate: number, ends: EndKind): CornerSection {
  const turn = (angle * Math.PI) / 180
  const [cos, sin] = [Math.cos(turn), Math.sin(turn)]
  /** A place on the other sheet: so far along it, so deep under its outer face. */
  const on = (along: number, deep: number): Point => ({
    x: along * cos + deep * sin,
    y: along * sin - deep * cos,
  })
  const { end } = meeting(turn, own, mate, ends)
  const { shoulder } = meeting(turn, mate, own, ends)
  const far = Math.max(shoulder, mate / sin) + SHOWN * Math.max(own, mate)
  const through = [
    { x: end, y: 0 },
    { x: far, y: 0 },
    { x: far, y: own },
    { x: end, y: own },
  ]
  // Where it is open: on the outer face at an acute angle, on the inner one at an obtuse one.
  const open = cos > 0 ? 0 : mate
  const reached = (own + open * cos) / sin
  return {
    through,
    stopped: [on(shoulder, 0), on(far, 0), on(far, mate), on(shoulder, mate)],
    gap: [on(shoulder, 0), on(shoulder, mate), on(reached, open)],
    proud: onSide(through, { x: -sin, y: cos }),
    face: [on(0, 0), on(far, 0)],
  }
}

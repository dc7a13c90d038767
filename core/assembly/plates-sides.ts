import { ringsOf, type Point } from '../geometry'
import type { Wanted } from './claimed'
import { plateShapes } from './plates'
import { partsById } from './prism'
import type { PanelSide } from './panel-side'
import type { Assembly, Joint, Part, PlateSide } from './types'

/** Nearer than that two places are one, mm. */
const NEAR = 1e-3

/** Whether a piece of a border lies in the strip that a joint takes of a part. */
function liesAt(from: Point, to: Point, side: PlateSide, proud: number): boolean {
  const into = ({ x, y }: Point): number => (y - side.at.y) * side.way.x - (x - side.at.x) * side.way.y
  const [a, b] = [into(from), into(to)]
  const [near, far] = [Math.min(side.end, side.face) - proud - NEAR, side.shoulder + NEAR]
  return Math.min(a, b) > near && Math.max(a, b) < far
}

/** Whether a piece is the side of a tab there: it runs across the line, at a place where owners change. */
function isTabSide(from: Point, to: Point, side: PlateSide, { claims }: Joint): boolean {
  const along = ({ x, y }: Point): number => (x - side.at.x) * side.way.x + (y - side.at.y) * side.way.y
  const [a, b] = [along(from), along(to)]
  const place = side.isAlong ? a : -a
  return Math.abs(a - b) < NEAR && claims.slice(1).some((claim) => Math.abs(claim.from - place) < NEAR)
}

/**
 * What each piece of the border of a plate at any angle is: only the sides of tabs are glue lines, square
 * ends touch a slanted face along a line at most.
 */
export function plateSidesOf(part: Part, { joints, parts }: Assembly, wanted: Wanted): PanelSide[] {
  const byId = new Map(joints.map((joint) => [joint.id, joint]))
  const { exact } = plateShapes(part, byId, partsById(parts), { ...wanted, interference: 0 })
  return exact.flatMap(ringsOf).flatMap((ring) =>
    ring.map((from, i): PanelSide => {
      const to = ring[(i + 1) % ring.length]
      const side = [...part.sides!, ...(part.inner ?? [])].find((each) => {
        const joint = byId.get(each.joint ?? '')
        return joint && liesAt(from, to, each, wanted.proud) && isTabSide(from, to, each, joint)
      })
      const joint = side && byId.get(side.joint!)
      return { from, to, kind: joint?.between ?? 'free', joint: joint?.id ?? null }
    }),
  )
}

import { bounds, type Bounds, type Point } from '../geometry'
import { onPart, ownAxis } from './place'
import { fromSide, sideAt, stretchOn } from './plates'
import { prismOf, type PartsById } from './prism'
import type { Joint, Part } from './types'

/** The rectangle on a part's own plane round a stretch of a joint. @param from along the joint's line, mm */
export function claimedOn(part: Part, joint: Joint, parts: PartsById, from: number, to: number): Bounds {
  const side = sideAt(part, joint.id)
  return side
    ? bounds(stretchOn(side, [from, to], [side.end, side.shoulder]))
    : onPart(part.frame, prismOf(joint, parts, from, to))
}

/** Which of a part's own axes a joint runs along; the nearer one where it slants. */
export function alongOn(part: Part, joint: Joint): 'x' | 'y' {
  const side = sideAt(part, joint.id)
  if (!side) return ownAxis(part.frame, joint.along) as 'x' | 'y'
  return Math.abs(side.way.x) >= Math.abs(side.way.y) ? 'x' : 'y'
}

/** A place in the middle of a slanting joint, that far beside its strip; null where parts meet along axes. */
export function besideSlant(part: Part, joint: Joint, away: number): Point | null {
  const side = sideAt(part, joint.id)
  if (!side || joint.claims.length === 0) return null
  const middle = (joint.claims[0].from + joint.claims[joint.claims.length - 1].to) / 2
  return fromSide(side, side.isAlong ? middle : -middle, side.shoulder + away)
}

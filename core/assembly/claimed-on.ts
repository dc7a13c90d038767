import { rectangle, type Point, type Ring } from '../geometry'
import { onPart, ownAxis } from './place'
import { fromSide, sideAt, stretchOn } from './plates'
import { prismOf, type PartsById } from './prism'
import type { Joint, Part } from './types'

/**
 * What a stretch of a joint takes of a part, on its own plane. @param span along the joint's line, mm
 * @param by how much more on every side, mm
 */
export function claimedRing(
  part: Part,
  joint: Joint,
  parts: PartsById,
  [from, to]: [number, number] = spanOf(joint),
  by = 0,
): Ring {
  const side = sideAt(part, joint.id)
  if (side) return stretchOn(side, [from - by, to + by], [side.end - by, side.shoulder + by])
  const { minX, minY, maxX, maxY } = onPart(part.frame, prismOf(joint, parts, from, to))
  return rectangle(minX - by, minY - by, maxX + by, maxY + by)
}

/** From the first claim of a joint to its last one, mm. */
const spanOf = ({ claims }: Joint): [number, number] => [claims[0].from, claims[claims.length - 1].to]

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

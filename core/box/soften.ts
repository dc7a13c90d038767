import { onPart, prismOf, type Feature, type Joint, type Part, type PartsById } from '../assembly'
import { cornerCut, cornersOf, type Bounds, type Point, type Ring } from '../geometry'
import { chainOf } from './bends'
import type { BoxSpec } from './spec'

/** Parts that have a shape of their own already, or that turn on theirs. */
const SHAPED = ['knob', 'wedge', 'stop', 'cheek-left', 'cheek-right']

/** How far a point is from a rectangle, mm. */
const reach = ({ minX, minY, maxX, maxY }: Bounds, { x, y }: Point): number =>
  Math.hypot(Math.max(minX - x, x - maxX, 0), Math.max(minY - y, y - maxY, 0))

/** The corner that is taken off: what is beyond a quarter circle, or beyond the slope between its ends. */
function taken(kind: 'round' | 'chamfer', at: Point, inward: { x: 1 | -1; y: 1 | -1 }, size: number): Ring {
  if (kind === 'round') return cornerCut(at, inward, size)
  return [at, { x: at.x + inward.x * size, y: at.y }, { x: at.x, y: at.y + inward.y * size }]
}

/**
 * Free corners of a part, rounded or chamfered where the box says so: those that no joint comes nearer to
 * than the corner reaches and the part is thick.
 */
export function softenedFeatures(spec: BoxSpec, part: Part, joints: Joint[], parts: PartsById): Feature[] {
  const { softened } = spec.fittings
  const isBent = chainOf(spec).some((name) => name === part.id)
  if (!softened || part.tongue || isBent || SHAPED.includes(part.id)) return []
  const { minX, minY, maxX, maxY } = part.blank
  const size = Math.min(softened.size, (maxX - minX) / 2, (maxY - minY) / 2)
  const strips = joints
    .filter((joint) => joint.parts.includes(part.id))
    .map((joint) => {
      const { claims } = joint
      return onPart(part.frame, prismOf(joint, parts, claims[0].from, claims[claims.length - 1].to))
    })
  return cornersOf(part.blank)
    .filter(({ at }) => strips.every((strip) => reach(strip, at) > size + part.thickness))
    .map(({ at, inward }) => ({
      what: 'corner',
      depth: null,
      shape: taken(softened.kind, at, inward, size),
      joint: null,
    }))
}

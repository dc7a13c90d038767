import { area, intersection, type Ring } from '../geometry'
import { angleBetween } from './meeting'
import { axesOf, sideAt } from './plates'
import type { PartsById } from './prism'
import type { Joint, Part } from './types'

/** What a sheet's tabs fill across the line of meeting: along its own face, and down from it, mm. */
function tabOf(part: Part, joint: Joint, angle: number, isTurned: boolean): Ring {
  const { end, shoulder } = sideAt(part, joint.id)!
  const { thickness } = part
  const corners = [
    { x: end, y: 0 },
    { x: shoulder, y: 0 },
    { x: shoulder, y: thickness },
    { x: end, y: thickness },
  ]
  if (!isTurned) return corners
  const [c, s] = [Math.cos(angle), Math.sin(angle)]
  return corners.map(({ x, y }) => ({ x: x * c + y * s, y: x * s - y * c })).reverse()
}

/**
 * Area in mm² where two plates touch that meet at any angle: the sides of tabs, as far as both reach there.
 * Their square ends touch along a line only, but at a right angle.
 */
export function plateTouching(joint: Joint, parts: PartsById): number {
  const [a, b] = joint.parts.map((id) => parts.get(id)!)
  const angle = angleBetween(axesOf(a)[2], axesOf(b)[2])
  const both = intersection(
    { outline: tabOf(a, joint, angle, false), holes: [] },
    tabOf(b, joint, angle, true),
  )
  const each = both.reduce((sum, region) => sum + area(region), 0)
  const meetings = joint.claims.filter(({ owner }, i) => i > 0 && owner !== joint.claims[i - 1].owner).length
  const isSquare = Math.abs(angle - Math.PI / 2) < 1e-9
  const ends = isSquare
    ? joint.claims.reduce((sum, { owner, from, to }) => {
        return sum + (owner === null ? 0 : (to - from) * [b, a][owner].thickness)
      }, 0)
    : 0
  return meetings * each + ends
}

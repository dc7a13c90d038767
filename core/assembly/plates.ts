import {
  area,
  difference,
  isNarrow,
  lengthOf,
  offset,
  rigidInverse,
  ringsOf,
  transformPoint,
  type Point,
  type Region,
  type Ring,
  type Vector,
} from '../geometry'
import type { Wanted } from './claimed'
import { slotSlack, type PartsById } from './prism'
import type { Claim, Joint, Part, PlateSide } from './types'

/** What hangs together by less than that falls apart, and what is thinner burns away, mm. [FM] */
const LEAST_NECK = 0.3
/** Shrunk by so little, pieces that touch at a point are two, mm. */
const HAIR = 0.002
/** Cuts reach so far beyond the outline that they are taken from: rounding would leave slivers. mm */
const OVER = 1e-4

/** A point of the box on a part's own plane. */
export function onPlane({ frame }: Pick<Part, 'frame'>, at: Vector): Point {
  const [x, y] = transformPoint(rigidInverse(frame), at)
  return { x, y }
}

/** The part's own axes in the box: along its face, up its face, and out of it. */
export const axesOf = ({ frame: m }: Pick<Part, 'frame'>): [Vector, Vector, Vector] => [
  [m[0], m[4], m[8]],
  [m[1], m[5], m[9]],
  [m[2], m[6], m[10]],
]

/** A place by how far along a side it is, and how far into the part, mm. */
export const fromSide = ({ at, way }: Pick<PlateSide, 'at' | 'way'>, along: number, into: number): Point => ({
  x: at.x + way.x * along - way.y * into,
  y: at.y + way.y * along + way.x * into,
})

/** Where the lines of two sides meet that are moved into the part, mm. */
function cornerOf(a: PlateSide, intoA: number, b: PlateSide, intoB: number): Point {
  const p = fromSide(a, 0, intoA)
  const q = fromSide(b, 0, intoB)
  const across = a.way.x * b.way.y - a.way.y * b.way.x
  const along = ((q.x - p.x) * b.way.y - (q.y - p.y) * b.way.x) / across
  return { x: p.x + a.way.x * along, y: p.y + a.way.y * along }
}

/** The outline between sides that are moved into the part, each by its own, mm. */
export const outlineOf = (sides: PlateSide[], into: (side: PlateSide) => number): Ring =>
  sides.map((side, i) => {
    const before = sides[(i + sides.length - 1) % sides.length]
    return cornerOf(before, into(before), side, into(side))
  })

/** A stretch of a side, from one place of its joint's line to another, between two depths. */
export function stretchOn(
  side: PlateSide,
  [from, to]: [number, number],
  [near, far]: [number, number],
): Ring {
  const [low, high] = side.isAlong ? [from, to] : [-to, -from]
  return [
    fromSide(side, low, near),
    fromSide(side, high, near),
    fromSide(side, high, far),
    fromSide(side, low, far),
  ]
}

const endOf =
  ({ proud }: Wanted) =>
  ({ joint, end }: PlateSide): number =>
    joint === null ? end : end - proud

/** Where a side reaches to, with another one moved into the part: mm along its joint's line. */
export function reachAlong(edge: PlateSide, other: PlateSide, into: number, depths: number[]): number[] {
  return depths.map((depth) => {
    const { x, y } = cornerOf(other, into, edge, depth)
    const along = (x - edge.at.x) * edge.way.x + (y - edge.at.y) * edge.way.y
    return edge.isAlong ? along : -along
  })
}

/** What others claim of a part along one of its sides. @param overlap per boundary, mm */
function takenAt(part: Part, side: PlateSide, joint: Joint, wanted: Wanted, overlap: number): Ring[] {
  const own = joint.parts[0] === part.id ? 0 : 1
  const { claims } = joint
  const { proud } = wanted
  const last = claims.length - 1
  const isOwn = (i: number): boolean => claims[i]?.owner === own
  const deepest = Math.min(side.face, side.end) - proud - OVER
  const sides = part.sides!
  const at = sides.indexOf(side)
  /** The side of the part that is next at the lower, or the higher end of the joint. */
  const next = (end: 'low' | 'high'): PlateSide =>
    sides[(at + ((end === 'high') === side.isAlong ? 1 : sides.length - 1)) % sides.length]
  const reach = (end: 'low' | 'high'): number[] => {
    const other = next(end)
    return reachAlong(side, other, endOf(wanted)(other) - OVER, [deepest, side.shoulder])
  }
  const past = (low: number, high: number): Ring[] =>
    high > low ? [stretchOn(side, [low, high], [deepest, side.shoulder])] : []
  const lowest = (from: number): number => from - (side.beyond[0] ?? from - Math.min(...reach('low')))
  const highest = (to: number): number => to + (side.beyond[1] ?? Math.max(...reach('high')) - to)
  return claims.flatMap(({ owner, from, to }, i) => {
    if (owner === own) return []
    const low = i > 0 && isOwn(i - 1) ? from + overlap / 2 : from
    const high = i < last && isOwn(i + 1) ? to - overlap / 2 : to
    return [
      stretchOn(side, [low, high], [side.end - proud - OVER, side.shoulder]),
      // A little over the stretch itself: between two cuts that only touch rounding leaves a spike.
      ...(i === 0 ? past(lowest(from), from + OVER) : []),
      ...(i === last ? past(to - OVER, highest(to)) : []),
    ]
  })
}

/** Where a joint lies on a part at any angle. */
export const sideAt = ({ sides = [], inner = [] }: Part, joint: string): PlateSide | undefined =>
  [...sides, ...inner].find((side) => side.joint === joint)

/** A slot that is open runs out so far, mm. */
const OPEN = 10

/**
 * Slots for a part that stands in another one, or laps over it: those of laps are open above or below.
 * @param slack on each side of it, mm @param ends how much longer it is where it meets the other, mm
 */
function slotsAt(part: Part, side: PlateSide, joint: Joint, ends: number, slack: number): Ring[] {
  const { parts, claims, kind } = joint
  const isOwn = ({ owner }: Claim): boolean => owner !== null && parts[owner] === part.id
  const open = kind === 'lap' ? OPEN : -ends
  return claims.flatMap((claim, i) => {
    if (isOwn(claim) || (claim.owner === null && kind !== 'lap')) return []
    const low = claim.from - (i === 0 ? open : ends)
    const high = claim.to + (i === claims.length - 1 ? open : ends)
    return [stretchOn(side, [low, high], [side.face - slack, side.shoulder + slack])]
  })
}

/** A part between its sides, less what the others claim. */
function plateOf(
  part: Part,
  joints: ReadonlyMap<string, Joint>,
  parts: PartsById,
  wanted: Wanted,
  isDrawn: boolean,
): Region[] {
  const sides = part.sides!
  const overlap = isDrawn ? wanted.interference : 0
  const cuts = sides.flatMap((side) => {
    const joint = side.joint === null ? undefined : joints.get(side.joint)
    return joint ? takenAt(part, side, joint, wanted, overlap) : []
  })
  const slots = (part.inner ?? []).flatMap((side) => {
    const joint = joints.get(side.joint!)!
    const mate = parts.get(joint.parts.find((id) => id !== part.id)!)!
    const slack = isDrawn ? slotSlack(joint, mate) : 0
    const ends = joint.between === 'slide' ? (isDrawn ? joint.play.ends / 2 : 0) : -overlap / 2
    return slotsAt(part, side, joint, ends, slack)
  })
  const open = part.features.filter(({ depth }) => depth === null).map(({ shape }) => shape)
  const whole = { outline: outlineOf(sides, endOf(wanted)), holes: [] }
  return withoutCrumbs(difference(whole, [...cuts, ...slots, ...open]))
}

/**
 * Whether any of a region hangs together. Moved in by d it loses about d times its border: a wide one need
 * not be tried.
 */
const survives = (region: Region): boolean => {
  const border = ringsOf(region).reduce((sum, ring) => sum + lengthOf(ring, true), 0)
  return area(region) > 2 * LEAST_NECK * border || offset(region, -LEAST_NECK / 2).length > 0
}

const known = new WeakMap<Region, boolean>()
/** Whether no neck of a region is as narrow as the least one: it hangs together, without crumbs. */
function isWide(region: Region): boolean {
  const is = known.get(region) ?? !isNarrow(region, LEAST_NECK)
  known.set(region, is)
  return is
}

/** Without the crumbs that are left between two cuts at a sharp corner: the beam burns them away. */
const withoutCrumbs = (regions: Region[]): Region[] =>
  regions.filter(survives).flatMap((region) => {
    if (isWide(region)) return [region]
    const crumbs = offset(region, -HAIR).filter((piece) => !survives(piece))
    return crumbs.length > 0
      ? difference(
          region,
          crumbs.flatMap((crumb) => offset(crumb, 2 * HAIR)).map(({ outline }) => outline),
        )
      : [region]
  })

/** The exact shape of a part at any angle, and the drawn one; in several pieces where it falls apart. */
export function plateShapes(
  part: Part,
  joints: ReadonlyMap<string, Joint>,
  parts: PartsById,
  wanted: Wanted,
): { exact: Region[]; drawn: Region[] } {
  const exact = plateOf(part, joints, parts, wanted, false)
  const apart = exact.flatMap((region) => (isWide(region) ? [region] : offset(region, -LEAST_NECK / 2)))
  if (apart.length > exact.length) return { exact: apart, drawn: apart }
  const isExact = wanted.interference === 0 && !part.inner?.length
  return { exact, drawn: isExact ? exact : plateOf(part, joints, parts, wanted, true) }
}

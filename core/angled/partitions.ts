import { outlineOf, type Claim, type Joint, type Line, type Part } from '../assembly'
import { bounds, type Point, type Vector } from '../geometry'
import { fingerShares, claimsOf, type EdgeRule } from '../joints'
import { heldBetween } from './claims'
import { partOf } from './parts'
import type { Partition } from './partition'
import { meetingPoint, type Faces, type Plane } from './planes'
import { crossingOf, fromStretch, type Span } from './span'
import { clearOf, FINGERS, sideOf, TENONS } from './sides'
import { roomOf } from './sizes'
import { wallId } from './wall-id'

/** Of what dividers are made, and how they are let in, mm. */
export interface PartitionRules {
  thickness: number
  thickest: number
  rule: EdgeRule
  /** Added to the width of slots, and to the length of laps. */
  play: { slots: number; laps: number }
  /** What hangs down from the rim, and must stay clear. */
  below: number
}

/** Room above dividers where something closes the box, mm. [FM] */
const ABOVE = 0.2

function placeOn(foot: Vector[], { wall, share }: Partition['from']): Point {
  const [[ax, ay], [bx, by]] = [foot[(wall - 1) % foot.length], foot[wall % foot.length]]
  return { x: ax + share * (bx - ax), y: ay + share * (by - ay) }
}

/** Both ends of a divider at the floor, on the inside of its walls, mm. */
export const spanOf = (faces: Faces, { from, to }: Partition): Span => {
  const { foot } = roomOf(faces)
  return [placeOn(foot, from), placeOn(foot, to)]
}

interface Standing {
  of: Partition
  plane: Plane
  part: Part
  /** Its middle at the floor. */
  span: Span
}

const levelAt = (at: number, up: 1 | -1): Plane => ({ normal: [0, 0, up], at: up * at, thickness: 0 })

/** From where to where dividers stand, mm above the ground. */
export function heightOf(faces: Faces, below: number): [number, number] {
  const { foot, rim } = roomOf(faces)
  const isClosed = faces.tops.length > 0 || below > 0
  return [foot[0][2], Math.min(...rim.map(([, , z]) => z)) - below - (isClosed ? ABOVE : 0)]
}

/** The outside face of a divider, which stands upright. @param thickness mm */
export function planeOf(faces: Faces, of: Partition, thickness: number): Plane {
  const [p, q] = spanOf(faces, of)
  const length = Math.hypot(q.x - p.x, q.y - p.y)
  const normal: Vector = [(q.y - p.y) / length, -(q.x - p.x) / length, 0]
  return { normal, at: normal[0] * p.x + normal[1] * p.y + thickness / 2, thickness }
}

function standing(faces: Faces, of: Partition, i: number, { thickness, thickest }: PartitionRules): Standing {
  const [p, q] = spanOf(faces, of)
  const plane = planeOf(faces, of, thickness)
  const { normal } = plane
  const along: Vector = [-normal[1], normal[0], 0]
  const [low] = heightOf(faces, 0)
  const origin: Vector = [p.x + (normal[0] * thickness) / 2, p.y + (normal[1] * thickness) / 2, low]
  return {
    of,
    plane,
    part: partOf(`divider-${i + 1}`, plane, thickest, [along, [0, 0, 1]], origin),
    span: [p, q],
  }
}

/** A divider's tenons in a wall. */
function wallJoint(faces: Faces, own: Standing, number: number, rules: PartitionRules): Joint {
  const wall = faces.walls[(number - 1) % faces.walls.length]
  const [low, high] = heightOf(faces, rules.below).map((z) => levelAt(z, 1))
  const [at, to] = [low, high].map((level) => meetingPoint(wall, own.plane, level))
  const rise = to.map((each, k) => each - at[k]) as Vector
  const length = Math.hypot(...rise)
  const line: Line = {
    at,
    way: rise.map((each) => each / length) as Vector,
    isReflex: false,
    ends: 'flush',
    clear: [0, length],
  }
  const pair: [Plane, Plane] = [wall, own.plane]
  // A web of one thickness is left above and below the slots. [FM]
  const web = wall.thickness
  line.clear = [clearOf(pair, line, low, 'low') + web, clearOf(pair, line, high, 'high') - web]
  const [from, end] = line.clear
  const shares = end > from ? fingerShares(rules.rule, end - from, { mirrored: false, keyed: false }) : null
  const id = wallId((number - 1) % faces.walls.length)
  return {
    ...FINGERS,
    ...TENONS,
    proud: false,
    id: `${id}|${own.part.id}`,
    parts: [id, own.part.id],
    along: 'z',
    line,
    claims: shares ? heldBetween(claimsOf(shares, from, from, end), length) : [],
    shares: shares?.widths ?? [],
    play: { walls: rules.play.slots, ends: 0, bottom: 0 },
  }
}

/** Neighbouring claims of one owner are one. */
function merged(claims: Claim[]): Claim[] {
  return claims.reduce<Claim[]>((list, claim) => {
    const before = list.at(-1)
    if (before?.owner !== claim.owner) return [...list, claim]
    return [...list.slice(0, -1), { ...before, to: claim.to }]
  }, [])
}

/** Dividers lap over each other where they cross; several at one place share the height between them. */
function lapOf(faces: Faces, all: Standing[], i: number, j: number, rules: PartitionRules): Joint | null {
  const [a, b] = [all[i], all[j]]
  const at = crossingOf(a.span, b.span)
  if (!at) return null
  const near = all.filter(
    (other) => other === a || other === b || fromStretch(other.span, at) < 3 * rules.thickness,
  )
  const [low, high] = heightOf(faces, rules.below)
  const each = (high - low) / near.length
  const claims = near.map((other, k): Claim => {
    const owner = other === a ? 0 : other === b ? 1 : null
    return { owner, from: k * each, to: (k + 1) * each }
  })
  return {
    ...FINGERS,
    id: `${a.part.id}|${b.part.id}`,
    kind: 'lap',
    parts: [a.part.id, b.part.id],
    along: 'z',
    between: 'slide',
    slots: [true, true],
    play: { walls: rules.play.slots, ends: rules.play.laps, bottom: 0 },
    proud: false,
    line: {
      at: meetingPoint(a.plane, b.plane, levelAt(low, 1)),
      way: [0, 0, 1],
      isReflex: false,
      ends: 'flush',
      clear: [0, high - low],
    },
    claims: merged(claims),
    shares: near.map(() => each),
  }
}

/** Dividers between walls: their parts and joints, and what walls must let through, by wall. */
export function makePartitions(
  faces: Faces,
  partitions: Partition[],
  rules: PartitionRules,
): { parts: Part[]; joints: Joint[]; slots: Map<string, { joint: Joint; plane: Plane }[]> } {
  const all = partitions.map((each, i) => standing(faces, each, i, rules))
  const slots = new Map<string, { joint: Joint; plane: Plane }[]>()
  const laps = all.flatMap((_, i) =>
    all.slice(i + 1).flatMap((__, k) => lapOf(faces, all, i, i + 1 + k, rules) ?? []),
  )
  const [low, high] = heightOf(faces, rules.below)
  const held = all.map((own) => {
    const joints = [own.of.from, own.of.to].map(({ wall }) => wallJoint(faces, own, wall, rules))
    for (const joint of joints)
      slots.set(joint.parts[0], [...(slots.get(joint.parts[0]) ?? []), { joint, plane: own.plane }])
    return { own, joints }
  })
  const parts = held.map(({ own: { part, plane, of }, joints }): Part => {
    const free = (level: Plane) => {
      const at: Vector = [part.frame[3], part.frame[7], level.at * level.normal[2]]
      const line = { at, way: [part.frame[0], part.frame[4], 0] as Vector, isReflex: false }
      return sideOf(part, plane, { line, mate: level, ends: 'flush', joint: null })
    }
    const at = (number: number, joint: Joint) =>
      sideOf(part, plane, {
        line: joint.line!,
        mate: faces.walls[(number - 1) % faces.walls.length],
        ends: 'flush',
        joint: joint.id,
      })
    const sides = [
      free(levelAt(low, -1)),
      at(of.to.wall, joints[1]),
      free(levelAt(high, 1)),
      at(of.from.wall, joints[0]),
    ]
    const inner = laps
      .filter((lap) => lap.parts.includes(part.id))
      .map((lap) => {
        const mate = all.find((other) => other.part !== part && lap.parts.includes(other.part.id))!
        return sideOf(part, plane, { line: lap.line!, mate: mate.plane, ends: 'flush', joint: lap.id })
      })
    return { ...part, sides, inner, blank: bounds(outlineOf(sides, (side) => side.end)) }
  })
  return { parts, joints: [...held.flatMap(({ joints }) => joints), ...laps], slots }
}

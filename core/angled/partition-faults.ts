import type { Point, Vector } from '../geometry'
import type { Partition } from './partition'
import { heightOf, planeOf, spanOf } from './partitions'
import { insideOf, meetingPoint, type Faces, type Plane, type Sheets } from './planes'
import { angleOf } from './sides'
import { crossingOf, fromStretch, type Span } from './span'
import { roomOf } from './sizes'

/** Between a divider and a wall, or two dividers: sharper ones leave slots several thicknesses long. [FM] */
const LEAST_BETWEEN = (28 * Math.PI) / 180
/** Webs beside slots, in thicknesses of the wall. [FM] */
const WEB = 2

const isSharp = (a: Plane, b: Plane): boolean => {
  const angle = angleOf(a, b)
  return Math.min(angle, Math.PI - angle) < LEAST_BETWEEN
}

/** Whether the slots of a divider leave enough of a wall beside them, from its foot to its top. */
function hasWebs(faces: Faces, plane: Plane, number: number, below: number): boolean {
  const { walls } = faces
  const count = walls.length
  const wall = walls[number - 1]
  if (isSharp(wall, plane)) return false
  const angle = angleOf(wall, plane)
  const wide = plane.thickness / Math.sin(angle) + wall.thickness / Math.abs(Math.tan(angle))
  return heightOf(faces, below).every((z) => {
    const level: Plane = { normal: [0, 0, 1], at: z, thickness: 0 }
    const place = meetingPoint(insideOf(wall), plane, level)
    const ends = [number - 2, number].map((i) =>
      meetingPoint(insideOf(walls[(i + count) % count]), insideOf(wall), level),
    )
    const off = ends.map((end) => Math.hypot(place[0] - end[0], place[1] - end[1]))
    const across = Math.hypot(ends[0][0] - ends[1][0], ends[0][1] - ends[1][1])
    const least = wide + WEB * wall.thickness
    return off.every((each) => each > least && each < across)
  })
}

/** Whether two dividers leave each other room: crossing well inside and not too sharply, or apart. */
function goTogether(a: Span, b: Span, [one, other]: [Plane, Plane], web: number): boolean {
  const ends = [...a, ...b]
  const at = crossingOf(a, b)
  if (at) {
    const room = 3 * Math.max(one.thickness, other.thickness) + web
    return !isSharp(one, other) && ends.every(({ x, y }) => Math.hypot(x - at.x, y - at.y) > room)
  }
  const apart = Math.min(...a.map((end) => fromStretch(b, end)), ...b.map((end) => fromStretch(a, end)))
  return apart > one.thickness / 2 + other.thickness / 2 + web
}

const sideOfLine = ([a, b]: Span, p: Point): number => (b.x - a.x) * (p.y - a.y) - (b.y - a.y) * (p.x - a.x)
const crosses = (a: Span, b: Span): boolean =>
  sideOfLine(a, b[0]) * sideOfLine(a, b[1]) <= 0 && sideOfLine(b, a[0]) * sideOfLine(b, a[1]) <= 0

function isInside({ x, y }: Point, ring: Vector[]): boolean {
  return ring.reduce((inside, [ax, ay], i) => {
    const [bx, by] = ring[(i + 1) % ring.length]
    const isPast = ay > y !== by > y && x < ((bx - ax) * (y - ay)) / (by - ay) + ax
    return isPast ? !inside : inside
  }, false)
}

const besideOf = ([a, b]: Span, [nx, ny]: Vector, by: number): Span => [
  { x: a.x + nx * by, y: a.y + ny * by },
  { x: b.x + nx * by, y: b.y + ny * by },
]

/** Whether a divider's way stays in the room, at one height. */
function staysInside(ring: Vector[], span: Span, { from, to }: Partition): boolean {
  const corner = (i: number): Point => ({ x: ring[i % ring.length][0], y: ring[i % ring.length][1] })
  const middle = { x: (span[0].x + span[1].x) / 2, y: (span[0].y + span[1].y) / 2 }
  const own = [from.wall - 1, to.wall - 1]
  return (
    isInside(middle, ring) &&
    !ring.some((_, i) => !own.includes(i) && crosses(span, [corner(i), corner(i + 1)]))
  )
}

/**
 * Which divider cannot stand where it is said to, and why: it would leave the room, come too near to a corner
 * or to another one, or have too little height for its tabs. Counted from 0. @param needed least share, mm
 */
export function partitionFault(
  faces: Faces,
  partitions: Partition[],
  sheets: Sheets,
  below: number,
  needed: number,
): number {
  const count = faces.walls.length
  const { foot, rim } = roomOf(faces)
  const planes = partitions.map((each) => planeOf(faces, each, sheets.dividers))
  const spans = partitions.map((each) => spanOf(faces, each))
  const [low, high] = heightOf(faces, below)
  return partitions.findIndex((each, i) => {
    const { from, to } = each
    if (from.wall > count || to.wall > count || from.wall === to.wall) return true
    if (high - low < 2 * sheets.walls + 3 * Math.max(needed, sheets.walls)) return true
    if (![from, to].every(({ wall }) => hasWebs(faces, planes[i], wall, below))) return true
    const half = sheets.dividers / 2 + sheets.walls / 2
    const both = [-half, 0, half].map((by) => besideOf(spans[i], planes[i].normal, by))
    if (![foot, rim].every((ring) => both.every((span) => staysInside(ring, span, each)))) return true
    return partitions.some(
      (_, k) => k < i && !goTogether(spans[i], spans[k], [planes[i], planes[k]], WEB * sheets.walls),
    )
  })
}

import {
  angleBetween,
  axesOf,
  meeting,
  onPlane,
  type EndKind,
  type Joint,
  type Line,
  type Part,
  type PlateSide,
} from '../assembly'
import { dot, type Vector } from '../geometry'
import type { Plane } from './planes'

/** The angle between two faces inside their line of meeting, radians. */
export const angleOf = (a: Pick<Plane, 'normal'>, b: Pick<Plane, 'normal'>): number =>
  angleBetween(a.normal, b.normal)

/** A line between sheets, and who stands on it. */
interface Meets {
  line: Pick<Line, 'at' | 'way' | 'isReflex'>
  /** The other sheet there. */
  mate: Plane
  ends: EndKind
  joint: string | null
}

/** A side of a part, with the part on its left. */
export function sideOf(part: Part, own: Plane, { line, mate, ends, joint }: Meets): PlateSide {
  const [u, v] = axesOf(part)
  const to = ([x, y, z]: Vector): [number, number] => [dot(u, [x, y, z]), dot(v, [x, y, z])]
  const [wx, wy] = to(line.way)
  const length = Math.hypot(wx, wy)
  const [mx, my] = to(mate.normal)
  // The part lies behind its mate's outside face; round a reflex corner, before it.
  const isLeft = -wy * mx + wx * my < 0 !== line.isReflex
  const sign = isLeft ? 1 : -1
  const reach = meeting(angleOf(own, mate), own.thickness, mate.thickness, ends)
  return {
    at: onPlane(part, line.at),
    way: { x: (sign * wx) / length, y: (sign * wy) / length },
    joint,
    isAlong: isLeft,
    ...reach,
    beyond: [null, null],
  }
}

const scaled = ([x, y, z]: Vector, by: number): Vector => [x * by, y * by, z * by]
const sum = (...all: Vector[]): Vector =>
  [0, 1, 2].map((i) => all.reduce((total, v) => total + v[i], 0)) as Vector

/** The way into a sheet, along its face and away from the line where it meets another one. */
function inward(own: Plane, mate: Plane, isReflex: boolean): Vector {
  const along = dot(own.normal, mate.normal)
  const way = sum(mate.normal, scaled(own.normal, -along))
  const length = Math.hypot(...way)
  return scaled(way, (isReflex ? 1 : -1) / length)
}

/** The corners of what a sheet's tabs fill, across the line, from its place at 0 mm. */
function tabCorners(own: Plane, mate: Plane, { at, isReflex }: Line, ends: EndKind): Vector[] {
  const { shoulder, end } = meeting(angleOf(own, mate), own.thickness, mate.thickness, ends)
  const into = inward(own, mate, isReflex)
  const depth = isReflex ? own.thickness : -own.thickness
  return [end, shoulder].flatMap((reach) =>
    [0, depth].map((deep) => sum(at, scaled(into, reach), scaled(own.normal, deep))),
  )
}

/**
 * From where, or up to where, the tabs of two sheets stay clear of a third one. @param end which end of the
 * line @returns mm along it
 */
export function clearOf(pair: [Plane, Plane], line: Line, third: Plane, end: 'low' | 'high'): number {
  const [a, b] = pair
  const corners = [...tabCorners(a, b, line, line.ends), ...tabCorners(b, a, line, line.ends)]
  const speed = dot(third.normal, line.way)
  const places = corners.map((corner) => (third.at - dot(third.normal, corner)) / speed)
  return end === 'low' ? Math.max(...places) : Math.min(...places)
}

/** What a joint at any angle is, beside its claims. */
export const FINGERS: Pick<Joint, 'kind' | 'depth' | 'between' | 'slots' | 'play' | 'full'> = {
  kind: 'fingers',
  depth: null,
  between: 'glue',
  slots: [false, false],
  play: { walls: 0, ends: 0, bottom: 0 },
  full: false,
}
/** And what stands in slots of the first of them. */
export const TENONS: Pick<Joint, 'kind' | 'slots'> = { kind: 'tenon', slots: [true, false] }

import type { Size } from '../assembly'
import { dot, type Vector } from '../geometry'
import type { Plan } from './plan'
import {
  cornerAt,
  gablesOf,
  groundOf,
  insideOf,
  lowestOf,
  meetingPoint,
  rimAt,
  wallAt,
  type Faces,
} from './planes'

const blockOf = (points: Vector[], height: number): Size => {
  const across = (i: 0 | 1): number =>
    Math.max(...points.map((point) => point[i])) - Math.min(...points.map((point) => point[i]))
  return { x: across(0), y: across(1), z: height }
}

/** How wide, deep and high a box at any angle is, outside and inside: over foot and rim together, mm. */
export function sizesOf(faces: Faces): { outer: Size; inner: Size } {
  const { foot, rim } = roomOf(faces)
  const outside = [...outsideOf(faces), ...gablesOf(faces).map(({ at }) => at)]
  // A sloping rim is higher on one side; inside it is as high as where it is lowest.
  const highest = Math.max(faces.height, ...outside.map(([, , z]) => z))
  return { outer: blockOf(outside, highest), inner: blockOf([...foot, ...rim], faces.inside) }
}

/** The same box with its plan said of the other side of the walls. */
export function planOn(plan: Plan, faces: Faces, sizesAre: 'outer' | 'inner'): Plan {
  const corners = sizesAre === 'outer' ? outsideOf(faces) : roomOf(faces).foot
  const count = faces.walls.length
  const lengths = faces.walls.map((_, i) => {
    const [[ax, ay], [bx, by]] = [corners[i], corners[(i + 1) % count]]
    return Number(Math.hypot(bx - ax, by - ay).toFixed(4))
  })
  const { shape } = plan
  return {
    ...plan,
    shape:
      shape.kind === 'regular'
        ? { ...shape, side: lengths[0] }
        : { ...shape, lengths: lengths.slice(0, shape.lengths.length) },
  }
}

/** What is free inside, at the floor and at the rim: the corners of both, mm. */
export function roomOf(faces: Faces): { foot: Vector[]; rim: Vector[] } {
  const { walls, floor, tops, rims } = faces
  const foot = floor ? insideOf(floor) : groundOf()
  const over = tops.length > 0 ? tops.map(insideOf) : rims
  const pairs = walls.map((wall, i) => [insideOf(wallAt(faces, i - 1)), insideOf(wall)] as const)
  return {
    foot: pairs.map(([a, b]) => meetingPoint(a, b, foot)),
    rim: pairs.map(([a, b]) => meetingPoint(a, b, over[lowestOf(a, b, over)])),
  }
}

/** The corners of a box's outside, at the ground and then at the rim. */
export const outsideOf = (faces: Faces): Vector[] => [
  ...faces.walls.map((_, i) => cornerAt(faces, i, groundOf())),
  ...faces.walls.map((_, i) => cornerAt(faces, i, faces.rims[rimAt(faces, i)])),
]

export const isUpright = ({ walls }: Faces): boolean =>
  walls.every(({ normal }) => Math.abs(dot(normal, [0, 0, 1])) < 1e-12)

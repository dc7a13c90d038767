import type { Size } from '../assembly'
import { dot, type Vector } from '../geometry'
import type { Plan } from './plan'
import { groundOf, insideOf, meetingPoint, type Faces, type Plane } from './planes'

const blockOf = (points: Vector[], height: number): Size => {
  const across = (i: 0 | 1): number =>
    Math.max(...points.map((point) => point[i])) - Math.min(...points.map((point) => point[i]))
  return { x: across(0), y: across(1), z: height }
}

/** How wide, deep and high a box at any angle is, outside and inside: over foot and rim together, mm. */
export function sizesOf(faces: Faces): { outer: Size; inner: Size } {
  const { foot, rim } = roomOf(faces)
  const outside = outsideOf(faces)
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
export function roomOf({ walls, floor, top, rim }: Faces): { foot: Vector[]; rim: Vector[] } {
  const at = (level: Plane): Vector[] =>
    walls.map((wall, i) =>
      meetingPoint(insideOf(walls[(i + walls.length - 1) % walls.length]), insideOf(wall), level),
    )
  return {
    foot: at(floor ? insideOf(floor) : groundOf()),
    rim: at(top ? insideOf(top) : rim),
  }
}

/** How much of a box's outside a way reaches over, mm. */
export const outsideOf = (faces: Faces): Vector[] =>
  [groundOf(), faces.rim].flatMap((level) =>
    faces.walls.map((wall, i) =>
      meetingPoint(faces.walls[(i + faces.walls.length - 1) % faces.walls.length], wall, level),
    ),
  )

export const isUpright = ({ walls }: Faces): boolean =>
  walls.every(({ normal }) => Math.abs(dot(normal, [0, 0, 1])) < 1e-12)

import { cross, dot, type Point, type Vector } from '../geometry'
import { cornersOf, leanOf, type Plan } from './plan'

/** The outside face of a sheet: every point with `normal · point = at`, and how thick the sheet is, mm. */
export interface Plane {
  normal: Vector
  at: number
  thickness: number
}

/** A box between walls at any angle. Heights are above its lower face, mm. */
export interface Faces {
  walls: Plane[]
  floor: Plane | null
  top: Plane | null
  height: number
  /** Whether the corner before each wall points inward. */
  isReflex: boolean[]
}

/** What it is cut from, mm. */
export interface Sheets {
  walls: number
  floor: number
  top: number
}

/** What is said of a box whose walls stand at any angle. Lengths in mm. */
export interface AngledSpec {
  plan: Plan
  sizesAre: 'outer' | 'inner'
  height: number
  hasFloor: boolean
  hasTop: boolean
}

/** The same sheet, its inside face. */
export const insideOf = ({ normal, at, thickness }: Plane): Plane => ({
  normal,
  at: at - thickness,
  thickness,
})

/** The point that lies on three planes. */
export function meetingPoint(a: Plane, b: Plane, c: Plane): Vector {
  const bc = cross(b.normal, c.normal)
  const ca = cross(c.normal, a.normal)
  const ab = cross(a.normal, b.normal)
  const all = dot(a.normal, bc)
  return [0, 1, 2].map((i) => (a.at * bc[i] + b.at * ca[i] + c.at * ab[i]) / all) as Vector
}

const level = (at: number, up: 1 | -1, thickness: number): Plane => ({
  normal: [0, 0, up],
  at: up * at,
  thickness,
})
/** A plane that only ends what is above or below it. */
export const groundOf = (): Plane => level(0, -1, 0)
export const rimOf = ({ height }: Pick<Faces, 'height'>): Plane => level(height, 1, 0)

function wallPlane(
  from: Point,
  to: Point,
  lean: number,
  at: number,
  thickness: number,
  isOuter: boolean,
): Plane {
  const length = Math.hypot(to.x - from.x, to.y - from.y)
  const [c, s] = [Math.cos((lean * Math.PI) / 180), Math.sin((lean * Math.PI) / 180)]
  const normal: Vector = [((to.y - from.y) / length) * c, (-(to.x - from.x) / length) * c, -s]
  const through = dot(normal, [from.x, from.y, at])
  return { normal, at: isOuter ? through : through + thickness, thickness }
}

/** Moved so that the whole box, foot and rim, begins at 0 along x and y. */
function fromZero(faces: Faces): Faces {
  const points = [groundOf(), rimOf(faces)].flatMap((end) =>
    faces.walls.map((wall, i) =>
      meetingPoint(faces.walls[(i + faces.walls.length - 1) % faces.walls.length], wall, end),
    ),
  )
  const by: Vector = [-Math.min(...points.map(([x]) => x)), -Math.min(...points.map(([, y]) => y)), 0]
  return { ...faces, walls: faces.walls.map((wall) => ({ ...wall, at: wall.at + dot(wall.normal, by) })) }
}

/** Where every sheet of a box lies. The plan is that of the walls' outside, or inside, faces at the floor. */
export function facesOf({ plan, sizesAre, height, hasFloor, hasTop }: AngledSpec, sheets: Sheets): Faces {
  const corners = cornersOf(plan.shape)
  const isOuter = sizesAre === 'outer'
  const [below, above] = [hasFloor ? sheets.floor : 0, hasTop ? sheets.top : 0]
  const whole = isOuter ? height : height + below + above
  const walls = corners.map((from, i) => {
    const to = corners[(i + 1) % corners.length]
    return wallPlane(from, to, leanOf(plan, i), isOuter ? 0 : below, sheets.walls, isOuter)
  })
  const isReflex = walls.map((wall, i) => {
    const before = walls[(i + walls.length - 1) % walls.length]
    return before.normal[0] * wall.normal[1] - before.normal[1] * wall.normal[0] < 0
  })
  return fromZero({
    walls,
    floor: hasFloor ? level(0, -1, sheets.floor) : null,
    top: hasTop ? level(whole, 1, sheets.top) : null,
    height: whole,
    isReflex,
  })
}

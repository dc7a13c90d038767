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
  /** A top that is joined to the walls. */
  top: Plane | null
  /** What the walls end at, and a lid lies on: no sheet. */
  rim: Plane
  height: number
  /** What is left of it inside, where it is lowest. */
  inside: number
  /** Whether the corner before each wall points inward. */
  isReflex: boolean[]
}

/** What it is cut from, mm. */
export interface Sheets {
  walls: number
  floor: number
  top: number
  dividers: number
}

/** What is said of a box whose walls stand at any angle. Lengths in mm. */
export interface AngledSpec {
  plan: Plan
  sizesAre: 'outer' | 'inner'
  height: number
  hasFloor: boolean
  /** How far the floor's underside stands above the walls' lower edge, in slots; 0 is level with it. */
  raised: number
  top: 'none' | 'fingers' | 'lid'
  /** Between a lid's lip and each wall; added to the width of slots, and to the length of laps, mm. */
  lidPlay: number
  play: number
  laps: number
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

/** The corner before a wall at a height. */
const cornerAt = (walls: Plane[], i: number, end: Plane): Vector =>
  meetingPoint(walls[(i + walls.length - 1) % walls.length], walls[i], end)

/** Moved so that the whole box, foot and rim, begins at 0 along x and y. */
function fromZero(faces: Faces): Faces {
  const { walls, floor, top, rim } = faces
  const points = [groundOf(), rim].flatMap((end) => walls.map((_, i) => cornerAt(walls, i, end)))
  const by: Vector = [-Math.min(...points.map(([x]) => x)), -Math.min(...points.map(([, y]) => y)), 0]
  const moved = (plane: Plane): Plane => ({ ...plane, at: plane.at + dot(plane.normal, by) })
  return { ...faces, walls: walls.map(moved), floor, top: top && moved(top), rim: moved(rim) }
}

/** The plane that walls end at: level, or rising from the foot of one of them. */
function rimPlane(walls: Plane[], { slope }: Plan, height: number): Plane {
  if (!slope) return level(height, 1, 0)
  const low = walls[(slope.from - 1) % walls.length].normal
  const flat = Math.hypot(low[0], low[1])
  const [c, s] = [Math.cos((slope.angle * Math.PI) / 180), Math.sin((slope.angle * Math.PI) / 180)]
  // It rises away from that wall.
  const [x, y] = [-low[0] / flat, -low[1] / flat]
  const places = walls.map((_, i) => dot([x, y, 0], cornerAt(walls, i, groundOf())))
  return { normal: [-s * x, -s * y, c], at: c * height - s * Math.min(...places), thickness: 0 }
}

/** Where every sheet of a box lies. The plan is that of the walls' outside, or inside, faces at the floor. */
export function facesOf(spec: AngledSpec, sheets: Sheets): Faces {
  const { plan, sizesAre, hasFloor, raised, top } = spec
  const corners = cornersOf(plan.shape)
  const isOuter = sizesAre === 'outer'
  const below = hasFloor ? sheets.floor + raised : 0
  const upright = plan.slope ? Math.cos((plan.slope.angle * Math.PI) / 180) : 1
  const above = { none: 0, fingers: sheets.top / upright, lid: 2 * sheets.top }[top]
  const whole = isOuter ? spec.height : spec.height + below + above
  const walls = corners.map((from, i) => {
    const to = corners[(i + 1) % corners.length]
    return wallPlane(from, to, leanOf(plan, i), isOuter ? 0 : below, sheets.walls, isOuter)
  })
  const isReflex = walls.map((wall, i) => {
    const before = walls[(i + walls.length - 1) % walls.length]
    return before.normal[0] * wall.normal[1] - before.normal[1] * wall.normal[0] < 0
  })
  const rim = rimPlane(walls, plan, top === 'lid' ? whole - sheets.top : whole)
  return fromZero({
    walls,
    floor: hasFloor ? level(raised, -1, sheets.floor) : null,
    top: top === 'fingers' ? { ...rim, thickness: sheets.top } : null,
    rim,
    height: whole,
    inside: whole - below - above,
    isReflex,
  })
}

import { cross, dot, type Point, type Vector } from '../geometry'
import { cornersOf, leanOf, type Plan } from './plan'
import { wallIndex } from './wall-id'

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
  /** Tops that are joined to the walls: none, one, or two that meet at a ridge. */
  tops: Plane[]
  /** What the walls end at, and a lid lies on, no sheets: one, or two that meet at a ridge. */
  rims: Plane[]
  height: number
  /** What is left of it inside, where it is lowest. */
  inside: number
  /** Whether the corner before each wall points inward. */
  isReflex: boolean[]
}

/** The parts of a top: beyond a ridge there is a second one. */
export const TOP_IDS = ['top', 'top-2']

/** The outside face of a wall, a floor or a top. */
export const planeOfPart = ({ walls, floor, tops }: Faces, id: string): Plane =>
  id === 'floor' ? floor! : (tops[TOP_IDS.indexOf(id)] ?? walls[wallIndex(id)])

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

/** The wall before another one, or after it: they go round. */
export const wallAt = ({ walls }: Pick<Faces, 'walls'>, i: number): Plane =>
  walls[(i + walls.length) % walls.length]

/** The corner before a wall at a height. */
export const cornerAt = (faces: Pick<Faces, 'walls'>, i: number, end: Plane): Vector =>
  meetingPoint(wallAt(faces, i - 1), wallAt(faces, i), end)

/** Which of several planes is the lowest over a corner of two walls. */
export function lowestOf(a: Plane, b: Plane, planes: Plane[]): number {
  const heights = planes.map((plane) => meetingPoint(a, b, plane)[2])
  return heights.indexOf(Math.min(...heights))
}

/** Which rim the corner before a wall ends at. */
export const rimAt = (faces: Pick<Faces, 'walls' | 'rims'>, i: number): number =>
  lowestOf(wallAt(faces, i - 1), wallAt(faces, i), faces.rims)

/** Walls that the ridge ends at, and where on their outside faces. */
export const gablesOf = (faces: Pick<Faces, 'walls' | 'rims'>): { wall: number; at: Vector }[] =>
  faces.walls.flatMap((plane, wall) =>
    rimAt(faces, wall) === rimAt(faces, wall + 1)
      ? []
      : [{ wall, at: meetingPoint(plane, faces.rims[0], faces.rims[1]) }],
  )

/** Moved so that the whole box, foot and rim, begins at 0 along x and y. */
function fromZero(faces: Faces): Faces {
  const { walls, floor, tops, rims } = faces
  const points = [
    ...walls.flatMap((_, i) => [groundOf(), rims[rimAt(faces, i)]].map((end) => cornerAt(faces, i, end))),
    ...gablesOf(faces).map(({ at }) => at),
  ]
  const by: Vector = [-Math.min(...points.map(([x]) => x)), -Math.min(...points.map(([, y]) => y)), 0]
  const moved = (plane: Plane): Plane => ({ ...plane, at: plane.at + dot(plane.normal, by) })
  return { ...faces, walls: walls.map(moved), floor, tops: tops.map(moved), rims: rims.map(moved) }
}

/** What walls end at: level, or rising from the foot of one of them, and falling again beyond a ridge. */
function rimPlanes(walls: Plane[], { slope }: Plan, height: number): Plane[] {
  if (!slope) return [level(height, 1, 0)]
  const low = walls[(slope.from - 1) % walls.length].normal
  const flat = Math.hypot(low[0], low[1])
  const [c, s] = [Math.cos((slope.angle * Math.PI) / 180), Math.sin((slope.angle * Math.PI) / 180)]
  // It rises away from that wall.
  const away: Vector = [-low[0] / flat, -low[1] / flat, 0]
  const rising = ([x, y]: Vector): Plane => {
    const places = walls.map((_, i) => dot([x, y, 0], cornerAt({ walls }, i, groundOf())))
    return { normal: [-s * x, -s * y, c], at: c * height - s * Math.min(...places), thickness: 0 }
  }
  return slope.ridge ? [rising(away), rising([-away[0], -away[1], 0])] : [rising(away)]
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
  const rims = rimPlanes(walls, plan, top === 'lid' ? whole - sheets.top : whole)
  return fromZero({
    walls,
    floor: hasFloor ? level(raised, -1, sheets.floor) : null,
    tops: top === 'fingers' ? rims.map((rim) => ({ ...rim, thickness: sheets.top })) : [],
    rims,
    height: whole,
    inside: whole - below - above,
    isReflex,
  })
}

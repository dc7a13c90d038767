import { dot, type Point, type Vector } from '../geometry'
import { capitalised, short, type Say } from '../length'
import { fingerShares } from '../joints'
import type { Angled, AngledGroup, AngledTabs } from './make'
import { isUpright, outsideOf, roomOf } from './sizes'
import { partitionFault } from './partition-faults'
import { anglesOf, cornersOf, crossing, LEAST_ANGLE, MOST_ANGLE, wallCount, type Plan } from './plan'
import { cornerAt, facesOf, gablesOf, rimAt, type AngledSpec, type Faces, type Sheets } from './planes'
import { angleOf } from './sides'
import { wallIndex } from './wall-id'
import { problems as words } from './words'

/** Why a box with walls at any angle cannot be made. Walls are counted from 1; mm and degrees. */
export type PlanProblem = { kind: 'plan'; field: 'plan' } & (
  | { why: 'crossing'; walls: [number, number] }
  /** The last wall, or an angle beside it, follows from the others and is none that could be made. */
  | { why: 'closing'; wall: number; angle: number }
  /** Two walls so nearly in one plane, or so sharp, that square edges make no joint there. */
  | { why: 'flat' | 'sharp'; walls: [number, number]; angle: number }
  | { why: 'leans'; count: number; most: number }
  /** Walls that lean together before the rim, or that leave nothing between them. */
  | { why: 'vanishes'; wall: number; at: 'floor' | 'rim'; leans: boolean }
  | { why: 'low'; room: number }
  /** Tops that meet too flatly, over a corner that points inward, or at a corner. */
  | { why: 'ridge'; is: 'flat' | 'inward' | 'corner' }
  | { why: 'divider'; which: number }
  | { why: 'narrow'; group: AngledGroup; wall: number; narrowest: number; needed: number; length: number }
)

/** Between two sheets; outside of this a tab would be several thicknesses long. degrees [FM] */
const LEAST_BETWEEN = 28
const MOST_BETWEEN = 160

const problem = <P extends Omit<PlanProblem, 'kind' | 'field'>>(what: P): PlanProblem =>
  ({ kind: 'plan', field: 'plan', ...what }) as unknown as PlanProblem

function outlineProblems(spec: AngledSpec): PlanProblem[] {
  const { plan } = spec
  const count = wallCount(plan.shape)
  if (plan.lean.length !== 1 && plan.lean.length !== count)
    return [problem({ why: 'leans', count: plan.lean.length, most: count })]
  const corners = cornersOf(plan.shape)
  const crossed = crossing(corners)
  if (crossed) return [problem({ why: 'crossing', walls: [crossed[0] + 1, crossed[1] + 1] })]
  const angles = anglesOf(corners)
  const sum = angles.reduce((total, angle) => total + angle, 0)
  // A plan that runs clockwise has all its angles on the wrong side.
  if (Math.abs(sum - 180 * (count - 2)) > 1)
    return [problem({ why: 'closing', wall: count, angle: angles[count - 1] })]
  const wrong = angles.findIndex((angle) => angle < LEAST_ANGLE || angle > MOST_ANGLE)
  return wrong < 0 ? [] : [problem({ why: 'closing', wall: wrong + 1, angle: angles[wrong] })]
}

function angleProblems({ walls }: Faces): PlanProblem[] {
  return walls.flatMap((wall, i): PlanProblem[] => {
    const next = (i + 1) % walls.length
    const angle = (angleOf(wall, walls[next]) * 180) / Math.PI
    const pair: [number, number] = [i + 1, next + 1]
    if (angle > MOST_BETWEEN + 1e-6) return [problem({ why: 'flat', walls: pair, angle })]
    return angle < LEAST_BETWEEN - 1e-6 ? [problem({ why: 'sharp', walls: pair, angle })] : []
  })
}

/** A wall is as wide as that at foot and rim, in thicknesses: tabs of both its ends stand there. [FM] */
const LEAST_WIDTH = 2

/** Walls that end before they reach a height, by the corners of what is between them there. */
function vanished(faces: Faces): PlanProblem[] {
  const { foot, rim } = roomOf(faces)
  const count = faces.walls.length
  const outside = outsideOf(faces)
  const leans = !isUpright(faces)
  const rings: ['floor' | 'rim', Vector[]][] = [
    ['floor', foot],
    ['rim', rim],
    ['floor', outside.slice(0, count)],
    ['rim', outside.slice(count)],
  ]
  for (const [at, ring] of rings) {
    const i = faces.walls.findIndex(({ normal: [x, y], thickness }, wall) => {
      const [from, to] = [ring[wall], ring[(wall + 1) % count]]
      return dot([-y, x, 0], [to[0] - from[0], to[1] - from[1], 0]) <= LEAST_WIDTH * thickness
    })
    if (i >= 0) return [problem({ why: 'vanishes', wall: i + 1, at, leans })]
    const crossed = crossing(ring.map(([x, y]): Point => ({ x, y })))
    if (crossed) return [problem({ why: 'crossing', walls: [crossed[0] + 1, crossed[1] + 1] })]
  }
  return []
}

/** Tops that meet at a ridge rise at least so steeply: between them the same angle is allowed. degrees */
const LEAST_RIDGE = (180 - MOST_BETWEEN) / 2
/** From a ridge to the corners of its walls, in thicknesses. [FM] */
const BESIDE_RIDGE = 3

function ridgeProblems(faces: Faces, { plan: { slope } }: AngledSpec, sheets: Sheets): PlanProblem[] {
  if (!slope?.ridge) return []
  if (faces.isReflex.includes(true)) return [problem({ why: 'ridge', is: 'inward' })]
  if (slope.angle < LEAST_RIDGE) return [problem({ why: 'ridge', is: 'flat' })]
  const gables = gablesOf(faces)
  const least = BESIDE_RIDGE * Math.max(sheets.walls, sheets.top)
  const isClear = gables.every(({ wall, at: [x, y] }) =>
    [wall, wall + 1].every((i) => {
      const [cx, cy] = cornerAt(faces, i, faces.rims[rimAt(faces, i)])
      return Math.hypot(cx - x, cy - y) > least
    }),
  )
  return gables.length === 2 && isClear ? [] : [problem({ why: 'ridge', is: 'corner' })]
}

/** What must be left between floor and rim, or lid, mm. [FM] */
const LEAST_ROOM = 2

/** How high it is inside where it is lowest, mm. */
function heightInside(faces: Faces, { top }: AngledSpec, sheets: Sheets): number {
  const { foot, rim } = roomOf(faces)
  const lowest = Math.min(...rim.map(([, , z]) => z)) - Math.max(...foot.map(([, , z]) => z))
  return lowest - (top === 'lid' ? sheets.top : 0)
}

/** The first line of meeting whose shares are too narrow to be cut. @param needed least width, mm */
export function narrowProblems(
  { joints }: Pick<Angled, 'joints'>,
  tabs: AngledTabs,
  needed: number,
): PlanProblem[] {
  for (const { group, line, parts } of joints) {
    const [from, to] = line!.clear
    const length = to - from
    const { widths } =
      length > 0
        ? fingerShares(tabs.rules[group], length, { mirrored: false, keyed: tabs.keyed })
        : { widths: [] }
    const narrowest = Math.min(...widths, length)
    if (widths.length >= 2 && narrowest >= needed - 1e-9) continue
    const wall = wallIndex(parts[0]) + 1
    return [problem({ why: 'narrow', group, wall, narrowest, needed, length })]
  }
  return []
}

/** Whether lengths, angles and leans make an outline at all. */
export function isPlan(plan: Plan): boolean {
  const bare: AngledSpec = {
    plan,
    sizesAre: 'outer',
    height: 1,
    hasFloor: false,
    raised: 0,
    top: 'none',
    lidPlay: 0,
    play: 0,
    laps: 0,
  }
  if (outlineProblems(bare).length > 0) return false
  return angleProblems(facesOf(bare, { walls: 1, floor: 1, top: 1, dividers: 1 })).length === 0
}

/**
 * Why a box cannot be made, but for its lines of meeting; none when it can.
 * @param needed least width of a share that can be cut, mm
 */
export function planProblems(spec: AngledSpec, sheets: Sheets, needed: number): PlanProblem[] {
  const outline = outlineProblems(spec)
  if (outline.length > 0) return outline
  const faces = facesOf(spec, sheets)
  const angles = angleProblems(faces)
  if (angles.length > 0) return angles
  const ridge = ridgeProblems(faces, spec, sheets)
  if (ridge.length > 0) return ridge
  const gone = vanished(faces)
  const room = heightInside(faces, spec, sheets)
  if (room < LEAST_ROOM) return [problem({ why: 'low', room })]
  if (gone.length > 0) return gone
  const below = spec.top === 'lid' ? sheets.top : 0
  const which = partitionFault(faces, spec.plan.partitions, sheets, below, needed)
  return which >= 0 ? [problem({ why: 'divider', which: which + 1 })] : []
}

const GROUPS: Record<AngledGroup, (wall: number) => string> = {
  uprights: (wall) => words.cornerAfterWall(wall),
  floor: (wall) => words.footWall(wall),
  top: (wall) => (wall > 0 ? words.topWall(wall) : 'the ridge'),
}

const RIDGE = {
  flat: words.twoTopsRise(LEAST_RIDGE),
  inward: words.ridgeNeedsPlan,
  corner: words.ridgeEndsCorner,
}

export function planSentence(what: PlanProblem, say: Say): string {
  const walls = ([a, b]: [number, number]): string => words.wallsAnd(a, b)
  const length = (value: number): string => say.length(Math.max(0, value), 1)
  const degrees = (angle: number): string => `${short(angle, 0)}°`
  switch (what.why) {
    case 'crossing':
      return words.crossEachOther(walls(what.walls))
    case 'closing':
      return words.lengthsAnglesPlan(what.wall, degrees(what.angle), LEAST_ANGLE, MOST_ANGLE)
    case 'flat':
      return words.nearlyPlaneNo(walls(what.walls), degrees(what.angle), MOST_BETWEEN)
    case 'sharp':
      return words.meetTooSharply(walls(what.walls), degrees(what.angle), LEAST_BETWEEN)
    case 'leans':
      return words.giveLeanAll(what.most, what.count)
    case 'vanishes': {
      const where = what.at === 'rim' ? 'at the rim' : 'at the floor'
      const mend = what.leans ? words.leanWallsLess : words.makeWallsLonger
      return words.nothingLeftWall(what.wall, where, mend)
    }
    case 'low':
      return words.betweenFloorCloses(length(what.room))
    case 'ridge':
      return RIDGE[what.is]
    case 'divider':
      return words.dividerCannotStand(what.which)
    case 'narrow':
      return words.tabsNarrowestCut(
        capitalised(GROUPS[what.group](what.wall)),
        length(what.length),
        length(what.narrowest),
        length(what.needed),
      )
  }
}

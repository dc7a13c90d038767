import { z } from 'zod'
import { END_KINDS } from '../assembly'
import type { Point } from '../geometry'
import { MOST_PARTITIONS, MOST_WALLS, partitionSchema } from './partition'
import { plan as words } from './words'

const length = z.number().min(1).max(5000)
/** Between two walls, inside. Nearly straight or folded ones have no joint that could be cut. */
export const LEAST_ANGLE = 30
export const MOST_ANGLE = 330
const angle = z.number().min(LEAST_ANGLE).max(MOST_ANGLE)
/** How far a wall leans outward from upright, degrees. */
const MOST_LEAN = 45
const lean = z.number().min(-MOST_LEAN).max(MOST_LEAN)

const regular = z.strictObject({
  kind: z.literal('regular'),
  walls: z.number().int().min(3).max(MOST_WALLS),
  /** Length of each wall, at the floor. */
  side: length,
})
/** One wall after another, counter-clockwise from above; the last one closes the plan. */
const lengths = z
  .strictObject({
    kind: z.literal('lengths'),
    lengths: z
      .array(length)
      .min(2)
      .max(MOST_WALLS - 1),
    /** Between each of these walls and the next one. */
    angles: z
      .array(angle)
      .min(1)
      .max(MOST_WALLS - 2),
  })
  .refine((plan) => plan.angles.length === plan.lengths.length - 1, words.angleBetweenEach)

/** Walls that stand at any angle, as seen from above. Lengths in mm, angles in degrees. */
export const planSchema = z.strictObject({
  shape: z.discriminatedUnion('kind', [regular, lengths]),
  /** One for all walls, or one for each. */
  lean: z.array(lean).min(1).max(MOST_WALLS),
  /**
   * The rim, or the top, rises from the low edge of one wall, counted from 1; level where it is null. With a
   * ridge it falls again from the middle on, as steeply.
   */
  slope: z
    .strictObject({
      angle: z.number().min(1).max(45),
      from: z.number().int().min(1).max(MOST_WALLS),
      ridge: z.boolean(),
    })
    .nullable(),
  /** Dividers from wall to wall. */
  partitions: z.array(partitionSchema).max(MOST_PARTITIONS),
  /** Where tab ends stop where walls are not at right angles. */
  ends: z.enum(END_KINDS),
})
export type Plan = z.infer<typeof planSchema>
export type PlanShape = Plan['shape']

const RADIANS = Math.PI / 180

export const wallCount = (shape: PlanShape): number =>
  shape.kind === 'regular' ? shape.walls : shape.lengths.length + 1

/** The corners of a plan, counter-clockwise: the first wall runs along x from (0, 0). */
export function cornersOf(shape: PlanShape): Point[] {
  const turns =
    shape.kind === 'regular'
      ? Array.from({ length: shape.walls - 2 }, () => 360 / shape.walls)
      : shape.angles.map((inside) => 180 - inside)
  const corners: Point[] = [{ x: 0, y: 0 }]
  let heading = 0
  for (let i = 0; i < wallCount(shape) - 1; i++) {
    const { x, y } = corners[i]
    const side = shape.kind === 'regular' ? shape.side : shape.lengths[i]
    const [c, s] = [Math.cos(heading * RADIANS), Math.sin(heading * RADIANS)]
    corners.push({ x: x + side * c, y: y + side * s })
    heading += turns[i] ?? 0
  }
  return corners
}

/** Angles inside a plan, degrees, at the end of each wall: the last two follow from the others. */
export function anglesOf(corners: Point[]): number[] {
  const at = (i: number): Point => corners[(i + corners.length) % corners.length]
  return corners.map((_, i) => {
    const [before, here, after] = [at(i), at(i + 1), at(i + 2)]
    const [ax, ay] = [here.x - before.x, here.y - before.y]
    const [bx, by] = [after.x - here.x, after.y - here.y]
    const turn = Math.atan2(ax * by - ay * bx, ax * bx + ay * by) / RADIANS
    return 180 - turn
  })
}

/** Lengths of the walls of a plan, mm; the last one closes it. */
const wallLengths = (corners: Point[]): number[] =>
  corners.map(({ x, y }, i) => {
    const next = corners[(i + 1) % corners.length]
    return Math.hypot(next.x - x, next.y - y)
  })

/** Whether two walls of a plan cross each other, and which, counted from 0. */
export function crossing(corners: Point[]): [number, number] | null {
  const count = corners.length
  const side = (a: Point, b: Point, p: Point): number => (b.x - a.x) * (p.y - a.y) - (b.y - a.y) * (p.x - a.x)
  for (let i = 0; i < count; i++)
    for (let j = i + 2; j < count; j++) {
      if (i === 0 && j === count - 1) continue
      const [a, b, c, d] = [corners[i], corners[i + 1], corners[j], corners[(j + 1) % count]]
      if (side(a, b, c) * side(a, b, d) <= 0 && side(c, d, a) * side(c, d, b) <= 0) return [i, j]
    }
  return null
}

/** What follows from the lengths and angles that were said: the last wall, and the angles beside it. */
export function closingOf(shape: PlanShape): { length: number; angles: [number, number] } {
  const corners = cornersOf(shape)
  const [angles, lengths] = [anglesOf(corners), wallLengths(corners)]
  const last = corners.length - 1
  return { length: lengths[last], angles: [angles[last - 1], angles[last]] }
}

/** How far a wall leans outward, degrees. */
export const leanOf = ({ lean }: Pick<Plan, 'lean'>, wall: number): number => lean[wall] ?? lean[0]

/** The plan of a box said another way: equal walls by their lengths, a rectangle by its sizes. */
export function shapeAs(
  kind: PlanShape['kind'],
  before: PlanShape | null,
  { width, depth }: { width: number; depth: number },
): PlanShape {
  if (before?.kind === kind) return before
  if (kind === 'regular')
    return { kind, walls: before ? wallCount(before) : 6, side: Math.max(1, Math.round(width / 2)) }
  if (before?.kind === 'regular') {
    const { walls, side } = before
    const angle = Number((180 - 360 / walls).toFixed(4))
    return {
      kind,
      lengths: Array.from({ length: walls - 1 }, () => side),
      angles: Array.from({ length: walls - 2 }, () => angle),
    }
  }
  return { kind, lengths: [width, depth, width], angles: [90, 90] }
}

import { z } from 'zod'
import { short } from '../length'

export const PANEL_NAMES = ['floor', 'front', 'back', 'left', 'right', 'top'] as const
export type PanelName = (typeof PANEL_NAMES)[number]

export const TAB_RULES = ['even', 'fixed', 'count'] as const
export type TabRule = (typeof TAB_RULES)[number]

const size = z.number().min(1).max(5000)
const count = z.number().int().min(2).max(199)

/** What a maker says about a box. Lengths in mm; `sizesAre` tells which side of the walls they were measured on. */
export const boxSpecSchema = z.strictObject({
  sizesAre: z.enum(['outer', 'inner']),
  width: size,
  depth: size,
  height: size,
  top: z.boolean(),
  tabs: z.strictObject({
    rule: z.enum(TAB_RULES),
    width: z.number().min(0.5).max(1000),
    counts: z.strictObject({ uprights: count, floor: count, top: count }),
  }),
  /** How far tab ends stand out of the mating face, to be sanded off. */
  proud: z.number().min(0).max(20),
})
export type BoxSpec = z.infer<typeof boxSpecSchema>

/** Thickness of each panel in mm. */
export type Thicknesses = Record<PanelName, number>

export const sameThickness = (thickness: number): Thicknesses =>
  Object.fromEntries(PANEL_NAMES.map((name) => [name, thickness])) as Thicknesses

export type Axis = 'x' | 'y' | 'z'
export const AXES: readonly Axis[] = ['x', 'y', 'z']
export type Size = Record<Axis, number>

/** Panels of a box, in the order in which they are named. */
export const panelNames = (spec: Pick<BoxSpec, 'top'>): PanelName[] =>
  PANEL_NAMES.filter((name) => name !== 'top' || spec.top)

/** What the walls take from each axis, mm. */
const taken = (spec: Pick<BoxSpec, 'top'>, t: Thicknesses): Size => ({
  x: t.left + t.right,
  y: t.front + t.back,
  z: t.floor + (spec.top ? t.top : 0),
})

/** Outer and inner size in mm, whichever of the two was given. `inner = outer − the walls met on that axis`. [DEF] */
export function boxSizes(spec: BoxSpec, thicknesses: Thicknesses): { outer: Size; inner: Size } {
  const walls = taken(spec, thicknesses)
  const given: Size = { x: spec.width, y: spec.depth, z: spec.height }
  const sign = spec.sizesAre === 'outer' ? -1 : 1
  const other = { x: given.x + sign * walls.x, y: given.y + sign * walls.y, z: given.z + sign * walls.z }
  return spec.sizesAre === 'outer' ? { outer: given, inner: other } : { outer: other, inner: given }
}

export interface SpecProblem {
  field: 'width' | 'depth' | 'height' | 'tabs' | 'interference'
  message: string
}

/** The least that must be left inside for a joint to be cut at all, mm. */
const LEAST_INSIDE = 2

const FIELD_OF: Record<Axis, 'width' | 'depth' | 'height'> = { x: 'width', y: 'depth', z: 'height' }

/** Why a box cannot be made, one sentence each; none when it can. */
export function specProblems(spec: BoxSpec, thicknesses: Thicknesses): SpecProblem[] {
  const { inner } = boxSizes(spec, thicknesses)
  const walls = taken(spec, thicknesses)
  return AXES.filter((axis) => inner[axis] < LEAST_INSIDE).map((axis) => ({
    field: FIELD_OF[axis],
    message:
      spec.sizesAre === 'outer'
        ? `The ${FIELD_OF[axis]} leaves no room inside: the sheet takes ${short(walls[axis])} mm of it. Make it at least ${short(walls[axis] + LEAST_INSIDE)} mm.`
        : `The inner ${FIELD_OF[axis]} is too small for a joint. Make it at least ${LEAST_INSIDE} mm.`,
  }))
}

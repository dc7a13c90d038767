import { z } from 'zod'
import { edgeRuleSchema, type EdgeRule } from './rule'

export const PANEL_NAMES = ['floor', 'front', 'back', 'left', 'right', 'top'] as const
export type PanelName = (typeof PANEL_NAMES)[number]

/** Edges that are shared out alike: those between walls, those of the floor, those of the top. */
export const EDGE_GROUPS = ['uprights', 'floor', 'top'] as const
export type EdgeGroup = (typeof EDGE_GROUPS)[number]

const size = z.number().min(1).max(5000)

/**
 * What a maker says about a box. Lengths in mm; `sizesAre` tells which side of the walls they were measured
 * on.
 */
export const boxSpecSchema = z.strictObject({
  sizesAre: z.enum(['outer', 'inner']),
  width: size,
  depth: size,
  height: size,
  top: z.boolean(),
  tabs: z.strictObject({
    uprights: edgeRuleSchema,
    floor: edgeRuleSchema,
    top: edgeRuleSchema,
    /** Whether uprights are shared out between floor and rim, or over the full height. */
    over: z.enum(['between', 'full']),
  }),
  /** How far tab ends stand out of the mating face, to be sanded off. */
  proud: z.number().min(0).max(20),
})
export type BoxSpec = z.infer<typeof boxSpecSchema>

/** The same rule for every group. */
export const sameTabs = (rule: EdgeRule): BoxSpec['tabs'] => ({
  uprights: rule,
  floor: rule,
  top: rule,
  over: 'between',
})

/** Thickness of each panel in mm. */
export type Thicknesses = Record<PanelName, number>

export const sameThickness = (thickness: number): Thicknesses =>
  Object.fromEntries(PANEL_NAMES.map((name) => [name, thickness])) as Thicknesses

export type Axis = 'x' | 'y' | 'z'
export const AXES: readonly Axis[] = ['x', 'y', 'z']
export type Size = Record<Axis, number>

/** Which size of the spec runs along which axis. */
export const FIELD_OF: Record<Axis, 'width' | 'depth' | 'height'> = { x: 'width', y: 'depth', z: 'height' }

/** Panels of a box, in the order in which they are named. */
export const panelNames = (spec: Pick<BoxSpec, 'top'>): PanelName[] =>
  PANEL_NAMES.filter((name) => name !== 'top' || spec.top)

/** Groups of edges that a box has. */
export const edgeGroups = (spec: Pick<BoxSpec, 'top'>): EdgeGroup[] =>
  EDGE_GROUPS.filter((group) => group !== 'top' || spec.top)

/** What the walls take from each axis, mm. */
export const taken = (spec: Pick<BoxSpec, 'top'>, t: Thicknesses): Size => ({
  x: t.left + t.right,
  y: t.front + t.back,
  z: t.floor + (spec.top ? t.top : 0),
})

/**
 * Outer and inner size in mm, whichever of the two was given. `inner = outer − the walls met on that axis`.
 * [DEF]
 */
export function boxSizes(spec: BoxSpec, thicknesses: Thicknesses): { outer: Size; inner: Size } {
  const walls = taken(spec, thicknesses)
  const given: Size = { x: spec.width, y: spec.depth, z: spec.height }
  const sign = spec.sizesAre === 'outer' ? -1 : 1
  const other = {
    x: given.x + sign * walls.x,
    y: given.y + sign * walls.y,
    z: given.z + sign * walls.z,
  }
  return spec.sizesAre === 'outer' ? { outer: given, inner: other } : { outer: other, inner: given }
}

import { share } from './share'
import type { EdgeRule } from './rule'
import {
  AXES,
  boxSizes,
  edgeGroups,
  FIELD_OF,
  taken,
  type Axis,
  type BoxSpec,
  type EdgeGroup,
  type PanelName,
  type Thicknesses,
} from './spec'

type SizeField = 'width' | 'depth' | 'height'

/** Why a box cannot be made. Lengths in mm. */
export type SpecProblem =
  /** The walls leave too little for a joint. `least` is the size to type. */
  | { kind: 'no room'; field: SizeField; sizesAre: BoxSpec['sizesAre']; walls: number; least: number }
  /** Shares too narrow to be cut; `length` is the edge's that would do. */
  | {
      kind: 'narrow'
      field: 'tabs'
      group: EdgeGroup
      narrowest: number
      needed: number
      size: SizeField
      least: number
    }
  /** Sheet so thin, or fit so loose, that a panel falls apart. */
  | { kind: 'apart'; field: 'interference'; panel: PanelName; pieces: number }

/** Lengths that are offered are rounded up to this, mm. */
const STEP = 0.1
const MOST_STEPS = 60_000

/** Cells of an edge as far as they lie between the corners. */
export function cellWidths(rule: EdgeRule, span: number, cutLow: number, cutHigh: number): number[] {
  let reached = -cutLow
  const inner = span - cutLow - cutHigh
  return share(rule, span).widths.flatMap((width) => {
    const [from, to] = [Math.max(0, reached), Math.min(inner, reached + width)]
    reached += width
    return to - from > 1e-6 || width < 0 ? [Math.min(width, to - from)] : []
  })
}

/** How far the sharing of an edge reaches beyond the corners, mm. */
function beyond(spec: BoxSpec, group: EdgeGroup, t: Thicknesses): { low: number; high: number } {
  if (group !== 'uprights' || spec.tabs.over === 'between') return { low: 0, high: 0 }
  return { low: t.floor, high: spec.top ? t.top : 0 }
}

/** The narrowest share along edges of a group whose inner length is `inner`, mm. */
function narrowestOf(spec: BoxSpec, group: EdgeGroup, inner: number, t: Thicknesses): number {
  const { low, high } = beyond(spec, group, t)
  const widths = cellWidths(spec.tabs[group], inner + low + high, low, high)
  return widths.length < 2 ? -1 : Math.min(...widths)
}

/**
 * The least inner length at which every share along an edge is wide enough, mm; Infinity when there is none.
 */
function leastInner(spec: BoxSpec, group: EdgeGroup, needed: number, t: Thicknesses): number {
  const first = Math.ceil((2 * needed) / STEP)
  for (let step = first; step < first + MOST_STEPS; step++) {
    if (narrowestOf(spec, group, step * STEP, t) >= needed - 1e-9) return step * STEP
  }
  return Infinity
}

const GROUPS_ALONG: Record<Axis, EdgeGroup[]> = { x: ['floor', 'top'], y: ['floor', 'top'], z: ['uprights'] }

/** Rules that make as many shares as they say, however short the edge: fewer of them would do as well. */
const isCounted = ({ rule }: EdgeRule): boolean => rule !== 'even' && rule !== 'fixed'

function problemAlong(spec: BoxSpec, axis: Axis, t: Thicknesses, needed: number): SpecProblem | null {
  const inner = boxSizes(spec, t).inner[axis]
  const walls = taken(spec, t)[axis]
  const groups = GROUPS_ALONG[axis].filter((group) => edgeGroups(spec).includes(group))
  const narrow = groups.filter((group) => inner <= 0 || narrowestOf(spec, group, inner, t) < needed - 1e-9)
  if (narrow.length === 0) return null
  const [group] = narrow
  const enough = Math.max(...groups.map((each) => leastInner(spec, each, needed, t)))
  const upward = spec.sizesAre === 'outer' ? enough + walls : enough
  const least = Math.ceil(upward / STEP - 1e-6) * STEP
  const field = FIELD_OF[axis]
  if (inner > 3 * needed && (isCounted(spec.tabs[group]) || enough === Infinity)) {
    const narrowest = narrowestOf(spec, group, inner, t)
    return { kind: 'narrow', field: 'tabs', group, narrowest, needed, size: field, least }
  }
  return { kind: 'no room', field, sizesAre: spec.sizesAre, walls, least }
}

/**
 * Why a box cannot be made, none when it can. A size that is offered is not refused again.
 * @param needed least width of a share that can be cut, mm
 */
export const specProblems = (spec: BoxSpec, thicknesses: Thicknesses, needed: number): SpecProblem[] =>
  AXES.flatMap((axis) => problemAlong(spec, axis, thicknesses, needed) ?? [])

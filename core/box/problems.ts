import { AXES, type Axis, type Size } from '../assembly'
import {
  fittingProblems,
  frontDrop,
  kindOfLid,
  LEAST_SKIN,
  lidOf,
  roundUp,
  type FittingProblem,
} from '../fittings'
import { boltDepths, boltRoom, BOLTS, share, type Bolts, type EdgeRule } from '../joints'
import { narrowProblems, type PlanProblem } from '../angled'
import type { Box } from './assemble'
import { bendProblems } from './bend-problems'
import { chainOf } from './bends'
import { shareCells } from './cells'
import { openingProblems, type OpeningProblem } from './opening-problems'
import type { Edge } from './edges'
import { planBoxProblems, type PlanTakes } from './plan-box'
import { tabsOf } from './plan-sizes'
import { BOLTED, boltsOf } from './features'
import {
  boxSizes,
  edgeGroups,
  FIELD_OF,
  isFlush,
  isRimFree,
  kindOf,
  loweredBy,
  raisedBy,
  setInOf,
  taken,
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
  | { kind: 'apart'; field: 'interference'; panel: string; pieces: number }
  /** Cells that do not fit into the room between the walls. */
  | { kind: 'cells'; field: 'columns' | 'rows'; over: number; room: number }
  /** Dividers higher than the room inside. */
  | { kind: 'divider height'; field: 'columns-height' | 'rows-height'; most: number }
  /** Slots of dividers open at the rim, where a top closes it. */
  | { kind: 'slot under top'; field: 'into' }
  /** A groove that would go right through. */
  | {
      kind: 'groove'
      field: 'floor-depth' | 'divider-depth'
      depth: number
      thickness: number
    }
  | OpeningProblem
  /** A sheet that bends round an edge where others are not joined by fingers, or without a top. */
  | { kind: 'bend joints'; field: 'bends' }
  /** Panels of one bent sheet from different stocks. */
  | { kind: 'bend stock'; field: 'bends' }
  /** Bends that leave nothing flat between them. */
  | { kind: 'bend radius'; field: 'radius'; most: number }
  /** Links so wide that there are not two of them in the arc. */
  | { kind: 'bend link'; field: 'link'; most: number }
  /** Bridges so wide that no link is left to twist between them. */
  | { kind: 'bend bridge'; field: 'bridge'; most: number }
  /** A wall too short for the tongue of a latch: its size must grow by that. */
  | { kind: 'latch room'; field: 'latch'; size: SizeField; least: number }
  /** A wedge so thick that it would leave too little of its tongue. */
  | { kind: 'latch wedge'; field: 'latch'; most: number }
  /** Walls that do not stand in far enough for a lap or for closed slots. */
  | { kind: 'set in'; field: 'set-in'; least: number }
  /** A floor not far enough from the edge for closed slots, or for ledges below it. */
  | { kind: 'raised'; field: 'raised'; least: number }
  /** Walls at any angle that cannot be made, or do not take something. */
  | PlanProblem
  | PlanTakes
  /** What is added to it cannot be made: each fitting says why. */
  | FittingProblem
  /** A bolt whose nut would lie in the joint itself, or stand out of the panel. */
  | { kind: 'bolt'; field: `bolts-${EdgeGroup}`; least: number }
  /** The bolt's hole would open at the panel's edge: the other panel would have to stand further in. */
  | { kind: 'bolt edge'; field: `bolts-${EdgeGroup}`; least: number }
  /** No stretch of an edge is wide enough for a bolt's hole. */
  | { kind: 'bolt room'; field: `bolts-${EdgeGroup}`; needed: number }

/** Lengths that are offered are rounded up to this, mm. */
const STEP = 0.1
const MOST_STEPS = 60_000

/** Claims along an edge as far as they lie between the corners. */
function cellWidths(rule: EdgeRule, span: number, cutLow: number, cutHigh: number): number[] {
  let reached = -cutLow
  const inner = span - cutLow - cutHigh
  return share(rule, span).widths.flatMap((width) => {
    const [from, to] = [Math.max(0, reached), Math.min(inner, reached + width)]
    reached += width
    return to - from > 1e-6 || width < 0 ? [Math.min(width, to - from)] : []
  })
}

interface Span {
  length: number
  cutLow: number
  cutHigh: number
}

/** What is shared out along edges of a group whose inner length is `inner`, mm. */
function spanOf(spec: BoxSpec, group: EdgeGroup, inner: number, t: Thicknesses): Span {
  if (group !== 'uprights') return { length: inner, cutLow: 0, cutHigh: 0 }
  const whole = inner + taken(spec, t).z
  const low = isFlush(spec, 'floor', t) ? t.floor : 0
  const high = isFlush(spec, 'top', t) ? t.top : 0
  if (spec.tabs.over === 'full' && spec.corners.kind === 'fingers')
    return { length: whole, cutLow: low, cutHigh: high }
  return { length: whole - low - high, cutLow: 0, cutHigh: 0 }
}

/** The narrowest share along edges of a group, mm. A keyed edge gives some of its first share away. */
function narrowestOf(spec: BoxSpec, group: EdgeGroup, inner: number, t: Thicknesses): number {
  const { length, cutLow, cutHigh } = spanOf(spec, group, inner, t)
  const widths = cellWidths(spec.tabs[group], length, cutLow, cutHigh)
  const narrowest = widths.length < 2 ? -1 : Math.min(...widths)
  return spec.tabs.keyed ? narrowest * 0.6 : narrowest
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

/** Whether edges of a group are shared out by a rule. */
function isShared(spec: BoxSpec, group: EdgeGroup): boolean {
  const kind = kindOf(spec, group)
  return edgeGroups(spec).includes(group) && (kind === 'fingers' || kind === 'tenon')
}

/** Rules that make as many shares as they say, however short the edge: fewer of them would do as well. */
const isCounted = ({ rule }: EdgeRule): boolean => rule !== 'even' && rule !== 'fixed'

function problemAlong(spec: BoxSpec, axis: Axis, t: Thicknesses, needed: number): SpecProblem | null {
  const inner = boxSizes(spec, t).inner[axis]
  const walls = taken(spec, t)[axis]
  const groups = GROUPS_ALONG[axis].filter((group) => isShared(spec, group))
  const narrow = groups.filter((group) => inner <= 0 || narrowestOf(spec, group, inner, t) < needed - 1e-9)
  if (narrow.length === 0 && inner > 0) return null
  const [group] = narrow
  const enough = Math.max(STEP, ...groups.map((each) => leastInner(spec, each, needed, t)))
  const upward = spec.sizesAre === 'outer' ? enough + walls : enough
  const least = roundUp(upward)
  const field = FIELD_OF[axis]
  if (group && inner > 3 * needed && (isCounted(spec.tabs[group]) || enough === Infinity)) {
    const narrowest = narrowestOf(spec, group, inner, t)
    return { kind: 'narrow', field: 'tabs', group, narrowest, needed, size: field, least }
  }
  return { kind: 'no room', field, sizesAre: spec.sizesAre, walls, least }
}

/** Walls and floor that are not far enough in for closed slots: at least half a thickness of web. [FM] */
function setInProblems(spec: BoxSpec, t: Thicknesses): SpecProblem[] {
  const problems: SpecProblem[] = []
  const { corners, floor } = spec
  const web = roundUp(Math.min(t.front, t.left) / 2)
  const problem = (least: number, has: number, made: SpecProblem): void => {
    if (has < least - 1e-9) problems.push(made)
  }
  if (corners.kind === 'lap' || corners.kind === 'tenon')
    problem(web, corners.setIn, { kind: 'set in', field: 'set-in', least: web })
  if (floor.kind === 'tenon' || floor.kind === 'groove') {
    const least = floor.kind === 'groove' ? 0 : web
    problem(least, raisedBy(spec), { kind: 'raised', field: 'raised', least })
  }
  if (floor.kind === 'ledge') problem(1, raisedBy(spec), { kind: 'raised', field: 'raised', least: 1 })
  const thin = Math.min(t.front, t.back, t.left, t.right)
  if (floor.kind === 'groove' && floor.depth > thin - LEAST_SKIN)
    problems.push({ kind: 'groove', field: 'floor-depth', depth: floor.depth, thickness: thin })
  return problems
}

function dividerProblems(spec: BoxSpec, t: Thicknesses, inner: Size): SpecProblem[] {
  const problems: SpecProblem[] = []
  const { dividers } = spec
  const lid = lidOf(spec)
  for (const direction of ['columns', 'rows'] as const) {
    const { cells, height, lift } = dividers[direction]
    if (cells.length < 2) continue
    const room = inner[direction === 'columns' ? 'x' : 'y']
    const shared = shareCells(cells, room, t.dividers)
    if (!shared.ok) problems.push({ kind: 'cells', field: direction, over: shared.over, room })
    const below = (lid && kindOfLid(lid).hangs?.(lid, t)) ?? 0
    const most = inner.z - lift - below - frontDrop(spec)
    if (most < 1 || (height ?? 0) > most + 1e-9)
      problems.push({ kind: 'divider height', field: `${direction}-height`, most })
    const walls = direction === 'columns' ? [t.front, t.back] : [t.left, t.right]
    if (dividers.into === 'groove' && dividers.depth > Math.min(...walls) - LEAST_SKIN) {
      const thickness = Math.min(...walls)
      problems.push({ kind: 'groove', field: 'divider-depth', depth: dividers.depth, thickness })
    }
    if (dividers.into === 'slot' && !isRimFree(spec)) problems.push({ kind: 'slot under top', field: 'into' })
  }
  return problems
}

/** A bolt must reach through the panel that laps, and its nut lie whole within the other one. */
function boltProblem(bolts: Bolts, group: EdgeGroup, lapped: number): SpecProblem | null {
  const { nut } = boltDepths(bolts, lapped)
  const web = 2
  const least = Math.ceil(bolts.length + web - nut[0])
  return nut[0] < web ? { kind: 'bolt', field: `bolts-${group}`, least } : null
}

const wallOf = (t: Thicknesses): number => Math.max(t.front, t.back, t.left, t.right)

function boltProblems(spec: BoxSpec, t: Thicknesses): SpecProblem[] {
  return edgeGroups(spec).flatMap((group) => {
    const bolts = spec.bolts[group]
    const kind = kindOf(spec, group)
    if (!bolts || !BOLTED.includes(kind)) return []
    return boltProblem(bolts, group, wallOf(t)) ?? []
  })
}

/**
 * Why a box cannot be made, none when it can. A size that is offered is not refused again.
 * @param needed least width of a share that can be cut, mm
 */
export function specProblems(spec: BoxSpec, thicknesses: Thicknesses, needed: number): SpecProblem[] {
  if (spec.plan) return planBoxProblems(spec, thicknesses, needed)
  const sizes = AXES.flatMap((axis) => problemAlong(spec, axis, thicknesses, needed) ?? [])
  if (sizes.length > 0) return sizes
  const { inner, outer } = boxSizes(spec, thicknesses)
  const site = { spec, t: thicknesses, inner, outer, bent: chainOf(spec), isClosed: lidOf(spec) !== null }
  return [
    ...setInProblems(spec, thicknesses),
    ...dividerProblems(spec, thicknesses, inner),
    ...openingProblems(spec),
    ...bendProblems(spec, thicknesses),
    ...fittingProblems(spec.fittings, site),
    ...boltProblems(spec, thicknesses),
  ]
}

/** What must be left beside a bolt's hole, mm. [FM] */
const LEAST_WEB = 0.8

/** How far the second panel of an edge stands in from the end of the leading one, mm. */
function setBack(spec: BoxSpec, { group, parts: [, mate] }: Edge, t: Thicknesses): number {
  if (group === 'floor') return raisedBy(spec)
  if (group === 'top') return loweredBy(spec, t)
  return setInOf(spec.corners, mate === 'left' || mate === 'right' ? 'x' : 'y')
}

/** What is wrong with the joints that a box came out with. @param needed least width of a share, mm */
export function jointProblems(
  { edges, spec, materials, angled }: Pick<Box, 'edges' | 'spec' | 'materials' | 'angled'>,
  needed: number,
): SpecProblem[] {
  if (angled) return narrowProblems(angled, tabsOf(spec), needed)
  return edges.flatMap((edge): SpecProblem[] => {
    const widths = edge.claims.map(({ from, to }) => to - from)
    const isCut = edge.kind === 'fingers' || edge.kind === 'tenon'
    const narrowest = Math.min(...widths)
    const size = FIELD_OF[edge.along]
    if (isCut && (narrowest < needed - 1e-9 || widths.length < 2))
      return [{ kind: 'narrow', field: 'tabs', group: edge.group, narrowest, needed, size, least: Infinity }]
    const bolts = boltsOf(spec, edge)
    if (!bolts) return []
    const room = boltRoom(bolts.size)
    const [, mate] = edge.parts.map((id) => materials.mean[id as PanelName])
    const toEdge = setBack(spec, edge, materials.mean) + mate / 2
    const wanted = BOLTS[bolts.size].hole / 2 + LEAST_WEB
    if (toEdge < wanted)
      return [{ kind: 'bolt edge', field: `bolts-${edge.group}`, least: roundUp(wanted - mate / 2) }]
    const isRoom = edge.claims.some(({ owner, from, to }) => owner === 0 && to - from >= room)
    return isRoom ? [] : [{ kind: 'bolt room', field: `bolts-${edge.group}`, needed: room }]
  })
}

import {
  facesOf,
  isPlan,
  makeAngled,
  planProblems,
  sizesOf,
  type AngledSpec,
  type AngledTabs,
  type PlanProblem,
  type Sheets,
} from '../angled'
import type { Size } from '../assembly'
import { lidOf, type Materials, type Thicknesses } from '../fittings'
import type { Box } from './assemble'
import type { Shell } from './shell'
import type { BoxSpec } from './spec'

/** What a box with a plan says of it, as its plates are made from. */
function angledOf(spec: BoxSpec): AngledSpec {
  const { sizesAre, height, floor } = spec
  return {
    plan: spec.plan!,
    sizesAre,
    height,
    hasFloor: floor.kind !== 'none',
    hasTop: lidOf(spec) !== null,
  }
}

const sheetsOf = ({ front, floor, top }: Thicknesses): Sheets => ({ walls: front, floor, top })
const tabsOf = ({ tabs: { uprights, floor, top, keyed } }: BoxSpec): AngledTabs => ({
  rules: { uprights, floor, top },
  keyed,
})

/** Outer and inner size of a box with a plan, mm; as they were said before, while the plan is none. */
export function planSizes(spec: BoxSpec, thicknesses: Thicknesses): { outer: Size; inner: Size } {
  const said = { x: spec.width, y: spec.depth, z: spec.height }
  return isPlan(spec.plan!)
    ? sizesOf(facesOf(angledOf(spec), sheetsOf(thicknesses)))
    : { outer: said, inner: said }
}

/** What walls at any angle do not take, as it is called at the bench; null where nothing of that is asked for. */
function notTaken(spec: BoxSpec): string | null {
  const lid = lidOf(spec)
  const others = spec.fittings.filter((each) => each !== lid)
  const asked: [boolean, string][] = [
    [spec.corners.kind !== 'fingers', 'corners other than fingers'],
    [!['fingers', 'none'].includes(spec.floor.kind), 'floors other than by fingers'],
    [lid !== null && lid.type !== 'top-fingers', 'lids other than a closed top'],
    [[spec.dividers.columns, spec.dividers.rows].some(({ cells }) => cells.length > 1), 'dividers'],
    [spec.floor.arch > 0, 'feet'],
    [Object.values(spec.bolts).some((bolts) => bolts !== null), 'bolts'],
    [Object.keys(spec.edges).length > 0, 'joints of one edge'],
    [spec.bends.kind !== 'none', 'bends'],
    [spec.openings.length > 0, 'openings'],
    [spec.engravings.length > 0, 'engravings'],
    [others.length > 0, 'other things added'],
  ]
  return asked.find(([isAsked]) => isAsked)?.[1] ?? null
}

export interface PlanTakes {
  kind: 'plan takes'
  field: 'plan'
  what: string
}

/** Why a box with a plan cannot be made. @param needed least width of a share that can be cut, mm */
export function planBoxProblems(spec: BoxSpec, t: Thicknesses, needed: number): (PlanProblem | PlanTakes)[] {
  const what = notTaken(spec)
  if (what !== null) return [{ kind: 'plan takes', field: 'plan', what }]
  return planProblems(angledOf(spec), sheetsOf(t), tabsOf(spec), needed)
}

/** A box whose walls stand at any angle. */
export function makePlanBox(spec: BoxSpec, materials: Materials): Box {
  const angled = makeAngled(
    angledOf(spec),
    { mean: sheetsOf(materials.mean), thickest: sheetsOf(materials.thickest) },
    tabsOf(spec),
  )
  const sizes = sizesOf(angled.faces)
  const shell: Shell = {
    spec,
    outer: sizes.outer,
    inner: sizes.inner,
    names: [],
    materials,
    slabs: {},
    room: { min: { x: 0, y: 0, z: 0 }, max: sizes.inner },
    bent: [],
    columns: [],
  }
  const nothing = { corners: [], contacts: [], groups: [], sheets: [], strips: [] }
  return {
    ...shell,
    edges: angled.joints,
    dividers: [],
    angled,
    assembly: { ...nothing, parts: angled.parts, joints: angled.joints },
  }
}

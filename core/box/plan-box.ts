import { makeAngled, planProblems, sizesOf, type PlanProblem } from '../angled'
import { outlineOf, type Contact, type Feature, type Group, type Part, type PlateSide } from '../assembly'
import { archFeature, kindOfFitting, lidOf, roundUp, type Materials, type Thicknesses } from '../fittings'
import { area, asOutline } from '../geometry'
import type { Box } from './assemble'
import { angledOf, sheetsOf, tabsOf } from './plan-sizes'
import { openingProblems, type OpeningProblem } from './opening-problems'
import { artworkOn, placedOn } from './openings'
import type { Shell } from './shell'
import type { BoxSpec } from './spec'
import { planBox as words } from './words'

/** What is asked for that walls at any angle do not take, as it is called at the bench. */
function notTaken(spec: BoxSpec): string | null {
  const lid = lidOf(spec)
  const others = spec.fittings.filter((each) => each !== lid)
  const asked: [boolean, string][] = [
    [spec.corners.kind !== 'fingers', words.cornersOtherFingers],
    [!['fingers', 'tenon', 'none'].includes(spec.floor.kind), words.floorsOtherFingers],
    [lid !== null && !['top-fingers', 'lid-lift'].includes(lid.type), words.lidsOtherClosed],
    [lid?.type === 'lid-lift' && spec.plan!.slope !== null, words.looseLidSloping],
    [[spec.dividers.columns, spec.dividers.rows].some(({ cells }) => cells.length > 1), 'dividers'],
    [Object.values(spec.bolts).some((bolts) => bolts !== null), 'bolts'],
    [Object.keys(spec.edges).length > 0, words.jointsEdge],
    [spec.bends.kind !== 'none', 'bends'],
    [spec.engravings.some(({ how }) => how.kind === 'magnet' && how.with !== null), 'pairs of magnets'],
    [(['front', 'back', 'left', 'right'] as const).some((name) => spec.stocks[name]), words.stockWallAlone],
    [others.length > 0, others.map(({ type }) => kindOfFitting(type).title)[0]],
  ]
  return asked.find(([isAsked]) => isAsked)?.[1] ?? null
}

export interface PlanTakes {
  kind: 'plan takes'
  field: 'plan'
  what: string
}

type PlanBoxProblem =
  | PlanProblem
  | PlanTakes
  | OpeningProblem
  | { kind: 'raised'; field: 'raised'; least: number }

/** Why a box with a plan cannot be made. @param needed least width of a share that can be cut, mm */
export function planBoxProblems(spec: BoxSpec, t: Thicknesses, needed: number): PlanBoxProblem[] {
  const what = notTaken(spec)
  if (what !== null) return [{ kind: 'plan takes', field: 'plan', what }]
  // At least half a thickness of web below a closed slot. [FM]
  const least = roundUp(t.front / 2)
  if (spec.floor.kind === 'tenon' && spec.floor.raised < least - 1e-9)
    return [{ kind: 'raised', field: 'raised', least }]
  const astray = openingProblems(spec)
  return astray.length > 0 ? astray : planProblems(angledOf(spec), sheetsOf(t), needed)
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
  const parts = angled.parts.map((part) => ({ ...part, features: featuresOf(shell, part) }))
  return {
    ...shell,
    edges: angled.joints,
    dividers: [],
    angled: { ...angled, parts },
    assembly: {
      parts,
      joints: [...angled.joints, ...angled.inner],
      corners: [],
      contacts: parts.flatMap((part): Contact[] =>
        part.id === 'lip'
          ? [{ parts: ['top', 'lip'], area: area({ outline: outlineOf(part.sides!, endOf), holes: [] }) }]
          : [],
      ),
      groups: parts.some(({ id }) => id === 'lip') ? [lidGroup(sizes.outer.z)] : [],
      sheets: [],
      strips: [],
    },
  }
}

const endOf = ({ end }: PlateSide): number => end
const lidGroup = (range: number): Group => ({
  id: 'lid',
  motion: 'slide',
  parts: ['top', 'lip'],
  way: { axis: 'z', sign: 1 },
  range,
})

/** What the maker takes out of a plate. */
function featuresOf(shell: Shell, part: Part): Feature[] {
  const { floor } = shell.spec
  const isFoot = part.inner !== undefined && floor.arch > 0
  return [
    ...(isFoot ? archFeature(part, part.blank.minY, Math.min(floor.arch, floor.raised)) : []),
    ...placedOn(shell, part),
    ...artworkOn(shell, part),
  ].map((feature) => ({ ...feature, shape: asOutline(feature.shape) }))
}

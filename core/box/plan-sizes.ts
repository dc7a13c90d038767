import { facesOf, isPlan, sizesOf, type AngledSpec, type AngledTabs, type Sheets } from '../angled'
import type { Size } from '../assembly'
import { lidOf, type Thicknesses } from '../fittings'
import type { BoxSpec } from './spec'

/** What a box with a plan says of it, as its plates are made from. */
export function angledOf(spec: BoxSpec): AngledSpec {
  const { sizesAre, height, floor, play } = spec
  const lid = lidOf(spec)
  return {
    plan: spec.plan!,
    sizesAre,
    height,
    hasFloor: floor.kind !== 'none',
    raised: floor.kind === 'tenon' ? floor.raised : 0,
    top: lid === null ? 'none' : lid.type === 'lid-lift' ? 'lid' : 'fingers',
    lidPlay: lid?.type === 'lid-lift' ? lid.play : 0,
    play: play.slots,
    laps: play.laps,
  }
}

export const sheetsOf = ({ front, floor, top, dividers }: Thicknesses): Sheets => ({
  walls: front,
  floor,
  top,
  dividers,
})
export const tabsOf = ({ tabs: { uprights, floor, top, keyed } }: BoxSpec): AngledTabs => ({
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

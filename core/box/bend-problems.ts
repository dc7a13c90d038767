import { zoneOf } from '../bend'
import type { Axis } from '../assembly'
import { bendReach, chainOf } from './bends'
import type { SpecProblem } from './problems'
import { SIDES } from './sides'
import { boxSizes, panelNames, setInOf, type BoxSpec, type Thicknesses } from './spec'

/** What must be left flat of a panel beside its bends, mm. [FM] */
const LEAST_FLAT = 10

/** Everything else is joined by fingers: that is what a bend goes with. */
function hasFingers(spec: BoxSpec): boolean {
  const names = panelNames(spec)
  return (
    chainOf(spec).every((name) => names.includes(name)) &&
    spec.corners.kind === 'fingers' &&
    setInOf(spec.corners, 'x') === 0 &&
    spec.floor.kind === 'fingers' &&
    (!spec.top || spec.lid.kind === 'fingers') &&
    spec.tabs.over === 'between'
  )
}

/** Why a sheet cannot go round the edges of a box. Lengths in mm. */
export function bendProblems(spec: BoxSpec, t: Thicknesses): SpecProblem[] {
  const chain = chainOf(spec)
  if (chain.length === 0) return []
  if (!hasFingers(spec)) return [{ kind: 'bend joints', field: 'bends' }]
  if (chain.some((name) => Math.abs(t[name] - t[chain[0]]) > 1e-9))
    return [{ kind: 'bend stock', field: 'bends' }]
  const thickness = t[chain[0]]
  const { outer } = boxSizes(spec, t)
  const bends = (axis: Axis): number =>
    chain.slice(1).filter((name, i) => [SIDES[name].axis, SIDES[chain[i]].axis].includes(axis)).length
  // Two bends at either end of a panel share its length between them.
  const most = Math.min(
    ...(['x', 'y', 'z'] as const)
      .filter((axis) => bends(axis) > 0)
      .map((axis) => {
        const count = Math.min(2, bends(axis))
        const flat = outer[axis] - LEAST_FLAT - (2 - count) * thickness
        return flat / count - bendReach({ bends: { radius: 0 } }, thickness)
      }),
  )
  if (spec.bends.radius > most)
    return [{ kind: 'bend radius', field: 'radius', most: Math.max(0, Math.floor(most)) }]
  const { rows, link, slit } = zoneOf(spec.bends, Math.PI / 2, thickness, 0, 100)
  if (rows < 2) {
    const flat = rows * spec.bends.link + (spec.bends.radius * Math.PI) / 2
    return [{ kind: 'bend link', field: 'link', most: Math.floor((flat / 3) * 10) / 10 }]
  }
  return link <= 0 || slit <= 0 ? [{ kind: 'bend slit', field: 'slit', least: 3 * spec.bends.bridge }] : []
}

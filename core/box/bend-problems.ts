import { zoneOf, type Zone } from '../bend'
import { thirdAxis, type Axis } from '../assembly'
import { bendReach, chainOf, seamedPanel } from './bends'
import { hasLatch, latchRoom, latchWall, thickestWedge } from './latch'
import type { SpecProblem } from './problems'
import { SIDES } from '../fittings'
import { boxSizes, opens, panelNames, setInOf, topEdge, type BoxSpec, type Thicknesses } from './spec'

/** What must be left flat of a panel beside its bends, mm; beside a seam, thicknesses more. [FM] */
const LEAST_FLAT = 10
const BESIDE_SEAM = 6

/** A link shorter than this does not twist, mm. [FM] */
const LEAST_TWIST = 1

/** Bridges are no narrower, mm: what the schema of slits allows. */
const LEAST_BRIDGE = 0.5

const QUARTER = Math.PI / 2

/** Everything else is joined by fingers: that is what a bend goes with. */
function hasFingers(spec: BoxSpec): boolean {
  const names = panelNames(spec)
  return (
    chainOf(spec).every((name) => names.includes(name)) &&
    spec.corners.kind === 'fingers' &&
    setInOf(spec.corners, 'x') === 0 &&
    spec.floor.kind === 'fingers' &&
    ['none', 'fingers'].includes(topEdge(spec)) &&
    !opens(spec) &&
    spec.tabs.over === 'between'
  )
}

/** Why no latch has room on its wall. */
function latchProblems(spec: BoxSpec, t: Thicknesses): SpecProblem[] {
  if (!hasLatch(spec)) return []
  const wall = latchWall(spec)
  const { inner } = boxSizes(spec, t)
  const [field, room] =
    SIDES[wall].axis === 'x' ? (['depth', inner.y] as const) : (['width', inner.x] as const)
  const most = thickestWedge(t[wall])
  if (t.dividers > most) return [{ kind: 'latch wedge', field: 'latch', most }]
  const least = latchRoom(t[wall])
  return room < least ? [{ kind: 'latch room', field: 'latch', size: field, least: least - room }] : []
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
  const largest = Math.min(
    ...(['x', 'y', 'z'] as const)
      .filter((axis) => bends(axis) > 0)
      .map((axis) => {
        const count = Math.min(2, bends(axis))
        const seam = seamedPanel(spec) ? BESIDE_SEAM * thickness : 0
        const flat = outer[axis] - LEAST_FLAT - seam - (2 - count) * thickness
        return flat / count - bendReach({ bends: { radius: 0 } }, thickness)
      }),
  )
  if (spec.bends.radius > largest)
    return [{ kind: 'bend radius', field: 'radius', most: Math.max(0, Math.floor(largest)) }]
  const [first, second] = chain.map((name) => SIDES[name].axis)
  const long = outer[thirdAxis(first, second)]
  // A bend reaches over the whole box, whose length along it says how long its slits can be.
  const zoneWith = (bridge: number): Zone => zoneOf({ ...spec.bends, bridge }, QUARTER, thickness, 0, long)
  const { rows, link, flat } = zoneWith(spec.bends.bridge)
  if (rows < 2) return [{ kind: 'bend link', field: 'link', most: Math.floor((flat / 2) * 10) / 10 }]
  if (link > LEAST_TWIST) return latchProblems(spec, t)
  let most = spec.bends.bridge
  while (most > LEAST_BRIDGE && zoneWith(most).link <= LEAST_TWIST) most = Number((most - 0.1).toFixed(1))
  return [{ kind: 'bend bridge', field: 'bridge', most: Math.max(LEAST_BRIDGE, most) }]
}

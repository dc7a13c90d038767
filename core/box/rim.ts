import { pointOnPart, type Feature, type Part } from '../assembly'
import { ellipseArc, type Ring } from '../geometry'
import { onGrid } from '../joints'
import { chainOf } from './bends'
import type { Fittings } from './fittings'
import type { SpecProblem } from './problems'
import type { Shell } from './shell'
import { boxSizes, type BoxSpec, type Thicknesses } from './spec'

type Rim = NonNullable<Fittings['rim']>

/** The lower front of an open box; null where all walls are alike. */
const rimOf = ({ top, fittings }: Pick<BoxSpec, 'top' | 'fittings'>): Rim | null =>
  top ? null : fittings.rim

/** How much lower than the others a front wall is, mm. */
export const frontDrop = (spec: Pick<BoxSpec, 'top' | 'fittings'>): number => rimOf(spec)?.drop ?? 0

/** How high the front wall reaches, mm above the walls' lower edge. */
export const frontTop = ({ spec, outer }: Pick<Shell, 'spec' | 'outer'>): number =>
  onGrid(outer.z - frontDrop(spec))

/** The inner corner of a step is round, so that nothing tears there: its radius, as a share and mm. [FM] */
const ROUND_SHARE = 1 / 3
const ROUND = 8

/** From where the sides rise to where they are as high as the back, mm from the front. */
function runOf({ room }: Shell, { run, shape }: Rim): [from: number, to: number] {
  const whole = room.max.y - room.min.y
  const reach = run > 0 ? Math.min(run, whole) : shape === 'step' ? whole / 2 : whole
  return [room.min.y, onGrid(room.min.y + reach)]
}

/** The edge of a side wall, from the front's height up to its own, as depth and height. */
function edgeOf(shell: Shell, rim: Rim): Ring {
  const [from, to] = runOf(shell, rim)
  const [low, high] = [frontTop(shell), shell.outer.z]
  switch (rim.shape) {
    case 'slope':
      return [
        { x: from, y: low },
        { x: to, y: high },
      ]
    case 'curve':
      return ellipseArc({ x: from, y: high }, [to - from, high - low], -Math.PI / 2, 0)
    case 'step': {
      const round = Math.min(ROUND, (to - from) * ROUND_SHARE, (high - low) * ROUND_SHARE)
      const corner = ellipseArc({ x: to - round, y: low + round }, [round, round], -Math.PI / 2, 0)
      return [{ x: from, y: low }, ...corner, { x: to, y: high }]
    }
  }
}

/** What a lower front takes off the side walls. */
export function rimFeatures(shell: Shell, part: Part): Feature[] {
  const rim = rimOf(shell.spec)
  if (!rim || (part.id !== 'left' && part.id !== 'right')) return []
  const edge = edgeOf(shell, rim)
  const beyond = shell.outer.z + 1
  const ring = [
    { x: -1, y: edge[0].y },
    ...edge,
    { x: edge[edge.length - 1].x, y: beyond },
    { x: -1, y: beyond },
  ]
  const shape = ring.map(({ x, y }) => pointOnPart(part.frame, { x: 0, y: x, z: y }))
  return [{ what: 'corner', depth: null, shape, joint: null }]
}

/** What must be left of the front above the floor, in thicknesses. [FM] */
const LEFT = 3

/** Why the front of a box cannot be lower. */
export function rimProblems(spec: BoxSpec, t: Thicknesses): SpecProblem[] {
  const rim = rimOf(spec)
  if (!rim) return []
  const { inner } = boxSizes(spec, t)
  const { pull, plate, lining, arch } = spec.fittings
  if (pull.kind !== 'none' || plate || lining || arch > 0 || chainOf(spec).length > 0)
    return [{ kind: 'rim with', field: 'rim' }]
  const most = Math.floor(inner.z - LEFT * t.front)
  return rim.drop > most ? [{ kind: 'rim drop', field: 'rim-drop', most: Math.max(0, most) }] : []
}

import { z } from 'zod'
import { pointOnPart } from '../../assembly'
import { ellipseArc, type Ring } from '../../geometry'
import { roundLength } from '../../joints'
import { problemOf, throughFeature, type FittingKind } from '../fitting'
import type { Base, Shell } from '../shell'

/** How the sides rise behind a lower front. */
export const RIM_SHAPES = ['slope', 'curve', 'step'] as const
export type RimShape = (typeof RIM_SHAPES)[number]

const schema = z.strictObject({
  type: z.literal('rim'),
  /** How much lower the front is; the sides rise over that run, 0: all of the depth, half for a step. mm */
  drop: z.number().min(1).max(2000),
  shape: z.enum(RIM_SHAPES),
  run: z.number().min(0).max(2000),
})
type Rim = z.infer<typeof schema>

/** The inner corner of a step is round, so that nothing tears there: its radius, as a share and mm. [FM] */
const ROUND_SHARE = 1 / 3
const ROUND = 8
/** What must be left of the front above the floor, in thicknesses. [FM] */
const LEFT = 3

/** How much lower than the others a front wall is, mm. */
export const frontDrop = ({ fittings }: Pick<Base, 'fittings'>): number =>
  (fittings.find(({ type }) => type === 'rim') as Rim | undefined)?.drop ?? 0

/** How high the front wall reaches, mm above the walls' lower edge. */
export const frontTop = ({ spec, outer }: Pick<Shell, 'spec' | 'outer'>): number =>
  roundLength(outer.z - frontDrop(spec))

/** From where the sides rise to where they are as high as the back, mm from the front. */
function runOf({ room }: Shell, { run, shape }: Rim): [from: number, to: number] {
  const whole = room.max.y - room.min.y
  const reach = run > 0 ? Math.min(run, whole) : shape === 'step' ? whole / 2 : whole
  return [room.min.y, roundLength(room.min.y + reach)]
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

/** What needs a front as high as the others. */
const NEEDS_FRONT = ['pull', 'plate', 'lining', 'rim-arch']

/** A front wall that is lower, in an open box. */
export const rim: FittingKind<Rim> = {
  type: 'rim',
  title: 'lower front',
  words: 'lower front file magazine display slope scoop',
  schema,
  of: 'box',
  fields: [
    { kind: 'length', key: 'drop', at: 'rim-drop', label: 'Front lower by' },
    {
      kind: 'choice',
      key: 'shape',
      at: 'rim-shape',
      label: 'The sides rise',
      options: RIM_SHAPES.map((value) => ({ value, label: value })),
    },
    { kind: 'length', key: 'run', at: 'rim-run', label: 'Over a depth of (0: all)' },
  ],
  begin: (spec) => ({ type: 'rim', drop: Math.max(1, Math.round(spec.height / 3)), shape: 'slope', run: 0 }),
  // What it takes off the side walls; the front is made lower from the first.
  features(own, shell, part) {
    if (part.id !== 'left' && part.id !== 'right') return []
    const edge = edgeOf(shell, own)
    const beyond = shell.outer.z + 1
    const ring = [
      { x: -1, y: edge[0].y },
      ...edge,
      { x: edge[edge.length - 1].x, y: beyond },
      { x: -1, y: beyond },
    ]
    return [
      throughFeature(
        'corner',
        ring.map(({ x, y }) => pointOnPart(part.frame, { x: 0, y: x, z: y })),
      ),
    ]
  },
  problems(own, { spec, t, inner, bent, isClosed }) {
    const isWhole = bent.length === 0 && !isClosed
    if (!isWhole || spec.fittings.some(({ type }) => NEEDS_FRONT.includes(type)))
      return [problemOf('rim', 'rim', 'with')]
    const most = Math.floor(inner.z - LEFT * t.front)
    return own.drop > most ? [problemOf('rim', 'rim-drop', 'drop', { most: Math.max(0, most) })] : []
  },
  sentences: {
    with: () =>
      'A lower front goes with plain walls: no lid, grip, plate, lining or arches, and no bend. ' +
      'Leave those out, or the front as high as the others.',
    drop: ({ most }, say) =>
      `That leaves too little of the front. Make it lower by at most ${say.short(most, 0)}.`,
  },
}

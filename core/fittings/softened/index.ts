import { z } from 'zod'
import { onPart, prismOf } from '../../assembly'
import { cornerCut, cornersOf, type Bounds, type Point, type Ring } from '../../geometry'
import { throughFeature, type FittingKind } from '../fitting'

const schema = z.strictObject({
  type: z.literal('softened'),
  kind: z.enum(['round', 'chamfer']),
  size: z.number().min(0.5).max(200),
})
type Softened = z.infer<typeof schema>

/** How far a point is from a rectangle, mm. */
const reach = ({ minX, minY, maxX, maxY }: Bounds, { x, y }: Point): number =>
  Math.hypot(Math.max(minX - x, x - maxX, 0), Math.max(minY - y, y - maxY, 0))

/** The corner that is taken off: what is beyond a quarter circle, or beyond the slope between its ends. */
function taken(kind: Softened['kind'], at: Point, inward: { x: 1 | -1; y: 1 | -1 }, size: number): Ring {
  if (kind === 'round') return cornerCut(at, inward, size)
  return [at, { x: at.x + inward.x * size, y: at.y }, { x: at.x, y: at.y + inward.y * size }]
}

/**
 * Free corners of parts, rounded or chamfered: those that no joint comes nearer to than the corner reaches
 * and the part is thick.
 */
export const softened: FittingKind<Softened> = {
  type: 'softened',
  title: 'free corners taken off',
  words: 'round corners chamfer soft',
  schema,
  of: 'box',
  fields: [
    {
      kind: 'choice',
      key: 'kind',
      at: 'softened-kind',
      label: 'Free corners are',
      options: [
        { value: 'round', label: 'round' },
        { value: 'chamfer', label: 'aslant' },
      ],
    },
    { kind: 'length', key: 'size', at: 'softened-size', label: 'Corner, size' },
  ],
  begin: () => ({ type: 'softened', kind: 'round', size: 6 }),
  features(own, { bent }, part, { joints, parts, shaped }) {
    if (part.tongue || shaped.includes(part.id) || bent.some((name) => name === part.id)) return []
    const { minX, minY, maxX, maxY } = part.blank
    const size = Math.min(own.size, (maxX - minX) / 2, (maxY - minY) / 2)
    const strips = joints
      .filter((joint) => joint.parts.includes(part.id))
      .map((joint) => {
        const { claims } = joint
        return onPart(part.frame, prismOf(joint, parts, claims[0].from, claims[claims.length - 1].to))
      })
    return cornersOf(part.blank)
      .filter(({ at }) => strips.every((strip) => reach(strip, at) > size + part.thickness))
      .map(({ at, inward }) => throughFeature('corner', taken(own.kind, at, inward, size)))
  },
}

import { z } from 'zod'
import { pointOnPart, type Size } from '../../assembly'
import { halfEllipse, rectangle } from '../../geometry'
import { grooveClaims, roundLength } from '../../joints'
import { LEAST_SKIN, problemOf, throughFeature, type LidKind } from '../fitting'
import { pointAt } from '../shell'

const schema = z.strictObject({
  type: z.literal('lid-rebate'),
  /** How far it reaches into each wall. */
  depth: z.number().min(0.1).max(50),
  /** Left beside the lid at each wall, and beyond its corners. [FM: 0.2 to 0.4 per side slides] */
  play: z.number().min(0).max(5),
  /** Width of the notch in its front edge that it is lifted by; 0 is none. */
  pull: z.number().min(0).max(200),
})
type RebateLid = z.infer<typeof schema>

/** A finger's notch is so wide, mm. [CP] */
const PULL = 16

/** A lid that lies in a rebate engraved into the upper edge of every wall, flush with it. */
export const rebateLid: LidKind<RebateLid> = {
  type: 'lid-rebate',
  name: 'rebate',
  title: 'lid that lies in a rebate',
  words: 'lid rebate rabbet flush inset lift off loose',
  schema,
  of: 'box',
  fields: [
    {
      kind: 'length',
      key: 'depth',
      at: 'rebate-depth',
      words: 'rebate rabbet',
      label: 'Rebate, depth into the walls',
      step: 0.1,
    },
    { kind: 'length', key: 'play', at: 'lid-play', label: 'Play of the lid', step: 0.05 },
    { kind: 'length', key: 'pull', at: 'pull', label: 'Notch for a finger, width', words: 'grip notch' },
  ],
  edge: 'none',
  sits: 'in',
  opens: true,
  begin: (spec, thickness, before) => ({
    type: 'lid-rebate',
    depth: Math.min(before?.depth ?? 1.5, Math.max(0.1, Number((thickness / 2).toFixed(2)))),
    play: before?.play ?? 0.3,
    pull: before?.pull || (Math.min(spec.width, spec.depth) >= 3 * PULL ? PULL : 0),
  }),
  block(_own, { room }, block) {
    for (const across of ['x', 'y'] as const) {
      block.min[across] = room.min[across]
      block.max[across] = room.max[across]
    }
    return block
  },
  joinTo({ depth, play }, { room }, wall) {
    const along = wall === 'front' || wall === 'back' ? 'x' : 'y'
    const [from, to] = [roundLength(room.min[along] + play), roundLength(room.max[along] - play)]
    return {
      kind: 'groove',
      claims: grooveClaims(from, to),
      depth,
      between: 'slide',
      slots: [true, false],
      shares: [to - from],
      // It lies on the rebate: what is left is at its sides.
      play: { walls: 0, ends: play, bottom: play },
    }
  },
  make: (_own, { outer }) => ({
    groups: [{ id: 'lid', motion: 'slide', parts: ['top'], way: { axis: 'z', sign: 1 }, range: outer.z }],
  }),
  features({ pull, play }, { room }, part) {
    if (part.id !== 'top') return []
    // Between the strips that lie in the rebates its corners would touch those of the walls.
    const corners = (['x', 'y'] as const).map((axis) => [
      [room.min[axis] - 1, room.min[axis] + play],
      [room.max[axis] - play, room.max[axis] + 1],
    ])
    const at = (x: number, y: number): { x: number; y: number } =>
      pointOnPart(part.frame, pointAt({ x, y }) as Size)
    const freed = play > 0 ? corners[0].flatMap((x) => corners[1].map((y) => [x, y])) : []
    const cuts = freed.map(([x, y]) => {
      const [a, b] = [at(x[0], y[0]), at(x[1], y[1])]
      const [minX, maxX] = [Math.min(a.x, b.x), Math.max(a.x, b.x)]
      return throughFeature('corner', rectangle(minX, Math.min(a.y, b.y), maxX, Math.max(a.y, b.y)))
    })
    if (pull <= 0) return cuts
    const { minX, maxX, minY } = part.blank
    const middle = (minX + maxX) / 2
    const [left, right] = [middle - pull / 2, middle + pull / 2]
    // Through the strip in the rebate as well: a fingertip gets under the lid beside the wall.
    const below = minY - 50
    const notch = halfEllipse(left, right, minY, pull / 2)
    return [
      ...cuts,
      throughFeature('finger notch', [...notch, { x: right, y: below }, { x: left, y: below }]),
    ]
  },
  problems(own, { t, inner }) {
    const thickness = Math.min(t.front, t.back, t.left, t.right)
    const depth = own.depth + own.play
    const most = Math.floor(Math.min(inner.x, inner.y) / 2)
    return [
      ...(depth > thickness - LEAST_SKIN
        ? [problemOf('lid-rebate', 'rebate-depth', 'groove', { depth, thickness })]
        : []),
      ...(own.pull > most ? [problemOf('lid-rebate', 'pull', 'pull', { most })] : []),
    ]
  },
  sentences: {
    groove: ({ depth, thickness }, say) =>
      `A rebate ${say.short(depth)} deep would go through ${say.short(thickness)}. ` +
      'Make it about half as deep as the wall is thick.',
    pull: ({ most }, say) => `The lid has no room for that notch. Make it at most ${say.short(most, 0)}.`,
  },
  note: () =>
    'The rebate is engraved as deep as the lid is thick below the rim, and that much wider at its sides. ' +
    'A test pocket on this sheet tells how deep the engraving goes. No notch: 0.',
}

import { disc, halfEllipse } from '../../geometry'
import { grooveClaims, roundLength } from '../../joints'
import { LEAST_SKIN, problemOf, roundUp, throughFeature, toHalf, type LidKind } from '../fitting'
import { LEAST_RAIL, railsBelow, railsOf } from './rails'
import { captiveRange, stopBelow, stopOf } from './stop'
import { slidingLidSchema, type SlidingLid } from './schema'

/** A finger goes through this, mm. [CP] */
const PULL = 16
/** How far behind its front edge a lid has its finger hole, in diameters. [FM] */
const PULL_PLACE = 1.25
/** A lid that is drawn out by less is not worth a groove, mm. [FM] */
const LEAST_WAY = 10

/** A lid that is drawn out over the front wall, in engraved grooves or between glued strips. */
export const slidingLid: LidKind<SlidingLid> = {
  type: 'lid-slide',
  name: 'slide',
  title: 'lid that slides',
  words: 'lid slide sliding groove rail drawn out pencil',
  schema: slidingLidSchema,
  of: 'box',
  edge: 'none',
  sits: 'over the front',
  opens: true,
  fields: [
    { kind: 'length', key: 'lowered', at: 'lowered', label: 'Top lowered by' },
    {
      kind: 'choice',
      key: 'rails',
      at: 'rails',
      label: 'It slides',
      options: [
        { value: false, label: 'in engraved grooves' },
        { value: true, label: 'between glued strips' },
      ],
    },
    {
      kind: 'choice',
      key: 'grip',
      at: 'grip',
      label: 'To pull it out',
      options: [
        { value: 'hole', label: 'a finger hole' },
        { value: 'notch', label: 'a notch for the thumb' },
      ],
    },
    { kind: 'switch', key: 'captive', at: 'captive', label: 'A strip keeps it from coming out' },
    {
      kind: 'length',
      key: 'depth',
      at: 'lid-depth',
      label: 'Groove depth',
      step: 0.1,
      when: (own: SlidingLid) => !own.rails,
    },
    { kind: 'length', key: 'play', at: 'lid-play', label: 'Play of the lid', step: 0.05 },
    { kind: 'length', key: 'pull', at: 'pull', label: 'Hole or notch, width', words: 'finger hole notch' },
  ],
  begin: (spec, thickness, before) => ({
    type: 'lid-slide',
    lowered: Math.max(before?.lowered ?? 0, toHalf(thickness)),
    depth: Math.min(before?.depth ?? 1.5, Math.max(0.1, Number((thickness / 2).toFixed(2)))),
    play: before?.play ?? 0.3,
    // A narrow lid has no room for a finger; it is pushed.
    pull: before?.pull ?? (Math.min(spec.width, spec.depth) >= 3 * PULL ? PULL : 0),
    grip: before?.grip ?? 'hole',
    rails: before?.rails ?? false,
    captive: before?.captive ?? false,
  }),
  lowered: (own) => own.lowered,
  hangs: (own, t) => Math.max(railsBelow(own, t), stopBelow(own, t)),
  block(own, { room }, block) {
    for (const across of ['x', 'y'] as const) {
      block.min[across] = room.min[across]
      block.max[across] = room.max[across]
    }
    if (own.rails) {
      block.min.x = roundLength(block.min.x + own.play)
      block.max.x = roundLength(block.max.x - own.play)
      block.max.y = roundLength(block.max.y - own.play)
    }
    block.min.y = 0 // over the front wall, level with its outside
    return block
  },
  joinTo(own, { room }, wall) {
    if (wall === 'front' || own.rails) return null
    // Its grooves run out over the front wall.
    const [from, to] = wall === 'back' ? [room.min.x, room.max.x] : [0, room.max.y]
    return {
      kind: 'groove',
      claims: grooveClaims(from, to),
      depth: own.depth,
      between: 'slide',
      slots: [true, false],
      shares: [to - from],
      play: { walls: own.play, ends: 0, bottom: own.play },
    }
  },
  make(own, shell) {
    const way = { axis: 'y' as const, sign: -1 as const }
    const slide = { id: 'lid', motion: 'slide' as const, way }
    const rails = railsOf(own, shell)
    if (!own.captive) return { added: rails, groups: [{ ...slide, parts: ['top'], range: shell.outer.y }] }
    const parts = ['top', 'stop']
    const range = captiveRange(own, shell)
    return {
      added: [...rails, stopOf(own, shell)],
      groups: [{ ...slide, parts, range, strikes: ['stop', 'front'] }],
      sheets: [parts],
    }
  },
  features(own, _shell, part) {
    const { pull } = own
    if (part.id !== 'top' || pull <= 0) return []
    const { minX, maxX, minY } = part.blank
    const middle = (minX + maxX) / 2
    if (own.grip === 'hole')
      return [throughFeature('finger hole', disc({ x: middle, y: minY + pull * PULL_PLACE }, pull / 2))]
    const notch = halfEllipse(middle - pull / 2, middle + pull / 2, minY, pull / 2)
    const below = [
      { x: middle - pull / 2, y: minY - 1 },
      { x: middle + pull / 2, y: minY - 1 },
    ]
    return [throughFeature('finger notch', [...notch, ...below])]
  },
  shaped: ['stop'],
  problems(own, { spec, t, inner }) {
    const web = roundUp(Math.min(t.front, t.left) / 2)
    const least = own.rails ? roundUp(own.play + LEAST_RAIL) : web
    const thickness = Math.min(t.back, t.left, t.right)
    const depth = own.depth + own.play
    const most = Math.floor(Math.min(inner.x, inner.y) / 2)
    const ledge = (spec.fittings as readonly { type: string; at?: number }[]).find(
      ({ type }) => type === 'tray-ledge',
    )
    const deep = Math.ceil(3 * t.top + own.play + LEAST_WAY)
    const high = Math.ceil(stopBelow(own, t) + (ledge?.at ?? 0) + 1)
    const of = problemOf.bind(null, 'lid-slide')
    return [
      ...(own.lowered < least - 1e-9 ? [of('lowered', 'near', { least })] : []),
      ...(!own.rails && depth > thickness - LEAST_SKIN
        ? [of('lid-depth', 'groove', { depth, thickness })]
        : []),
      ...(own.pull > most ? [of('pull', 'pull', { most })] : []),
      ...(own.captive && (inner.z < high || inner.y < deep)
        ? [of('captive', 'captive', { deep, high })]
        : []),
    ]
  },
  sentences: {
    near: ({ least }, say) =>
      `The top lies too near the edge for its slots or ledges. Make it at least ${say.short(least, 1)}.`,
    groove: ({ depth, thickness }, say) =>
      `A groove ${say.short(depth)} deep would go through ${say.short(thickness)}. ` +
      'Make it about half as deep as the wall is thick.',
    pull: ({ most }, say) =>
      `The lid has no room for that finger hole. Make it at most ${say.short(most, 0)}.`,
    captive: ({ high, deep }, say) =>
      `The strip under the lid needs ${say.short(high, 0)} of height and ` +
      `${say.short(deep, 0)} of depth inside. Make the box larger, or let the lid come out.`,
  },
  note: (own) =>
    own.rails
      ? 'Strips are glued to the side walls, below and above the lid; the play is left above it and at ' +
        'its sides.'
      : 'Grooves are engraved that much deeper than the lid reaches, and wider than its thickest reading. ' +
        'A test pocket on this sheet tells how deep the engraving goes. No hole: 0.',
  build: (own, from, together) =>
    own.captive && together.includes('stop')
      ? 'Glue the stop strip under the back edge of the lid first, square to it, and let it dry. ' +
        `Then slide the lid in ${from}: the wall that comes after it locks it in. Keep glue and varnish ` +
        'out of its way, and try how it runs before the glue of that wall grips.'
      : null,
}

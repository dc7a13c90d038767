import { z } from 'zod'
import { pointOnPart, type Block, type Joint, type Part } from '../../assembly'
import { cornerCut, disc } from '../../geometry'
import { roundLength, tenonClaims, tenonShares } from '../../joints'
import { problemOf, throughFeature, type LidKind } from '../fitting'
import { LIES, partOf, pointAt, type Shell } from '../shell'

const schema = z.strictObject({
  type: z.literal('lid-hinge'),
  /** Diameter of the pins that it turns on; play at its sides. mm */
  pin: z.number().min(0.5).max(20),
  play: z.number().min(0).max(5),
})
type PinLid = z.infer<typeof schema>

/** Wood round a pin, in thicknesses; room behind the lid and what a turning hole is wider by, mm. [FM] */
const ROUND = 1.15
const BEHIND = 0.5
/** Wood between a cheek and the edge of the lid, in thicknesses: over one, no thin web. [FM] */
const WEB = 1.25
const LOOSE = 0.3

/** Radius of the wood round a pin, mm. */
const pinRound = (pin: number, thickness: number): number => pin / 2 + Math.max(2, ROUND * thickness)

/** How far below its outside face such a lid reaches when it is opened, mm. */
function swingOf(pin: number, thickness: number): number {
  const round = pinRound(pin, thickness)
  return round + thickness + Math.hypot(round, round + thickness) + BEHIND
}

/** Where a lid turns, and how far. Lengths in mm, from the box's lower left corner at the front. */
interface Hinge {
  /** The pin's middle. */
  at: { y: number; z: number }
  /** Wood round the pin: radius of the cheeks below it, and how far the lid reaches behind it. */
  round: number
  /** From where to where the cheeks reach, and where the lid ends behind. */
  cheek: [from: number, to: number]
  low: number
  /** How far it opens until it lies against the back wall, degrees. */
  stop: number
}

/**
 * A lid on pins that clears the back wall by construction: all of it behind the pin is nearer to the pin than
 * the wall is. Opened, its outer face comes to lie against the wall's upper edge.
 */
function hingeOf({ pin }: PinLid, { room, outer, materials }: Shell): Hinge {
  const t = materials.mean.top
  const round = roundLength(pinRound(pin, t))
  const z = roundLength(room.max.z - round)
  const above = outer.z - z
  const reach = Math.hypot(round, above)
  const y = roundLength(room.max.y - BEHIND - reach)
  const corner = Math.hypot(reach + BEHIND, above)
  const stop = Math.PI / 2 - Math.atan2(above, reach + BEHIND) + Math.acos(above / corner)
  return {
    at: { y, z },
    round,
    cheek: [roundLength(y - Math.max(3 * round, 5 * t)), roundLength(y + round)],
    low: roundLength(z - round),
    // A touch before it: there it lies against the wall.
    stop: (stop * 180) / Math.PI - 0.5,
  }
}

/** What the lid covers: between the side walls, over the front wall, up to behind the pin. */
function lidOf(own: PinLid, shell: Shell): Block {
  const { room, slabs } = shell
  const [from, to] = slabs.top!
  return {
    min: { x: roundLength(room.min.x + own.play), y: 0, z: from },
    max: { x: roundLength(room.max.x - own.play), y: hingeOf(own, shell).cheek[1], z: to },
  }
}

const SIDES = ['left', 'right'] as const
const CHEEKS = ['cheek-left', 'cheek-right']

/** The cheeks under the lid, which the pins go through; each stands in the lid by tenons. */
function cheeksOf(own: PinLid, shell: Shell): { part: Part; joint: Joint }[] {
  const { spec, materials, outer } = shell
  const { cheek, low } = hingeOf(own, shell)
  const lid = lidOf(own, shell)
  const t = materials.mean.top
  return SIDES.map((side) => {
    const x: [number, number] =
      side === 'left' ? [lid.min.x, roundLength(lid.min.x + t)] : [roundLength(lid.max.x - t), lid.max.x]
    // Set in by a web, so that its tenons stand in closed slots.
    const by = (side === 'left' ? WEB : -WEB) * t
    const block: Block = {
      min: { x: roundLength(x[0] + by), y: cheek[0], z: low },
      max: { x: roundLength(x[1] + by), y: cheek[1], z: lid.max.z },
    }
    const id = `cheek-${side}`
    const about = { id, label: `cheek ${side}`, thickness: t, thickest: materials.thickest.top }
    const shares = tenonShares({ rule: 'shares', count: 3 }, cheek[1] - cheek[0], {
      mirrored: false,
      keyed: false,
    })
    const joint: Joint = {
      id: `top-${id}`,
      kind: 'tenon',
      parts: ['top', id],
      along: 'y',
      claims: tenonClaims(shares, cheek[0], cheek[1]),
      depth: null,
      between: 'glue',
      slots: [true, false],
      play: { walls: spec.play.slots, ends: spec.play.laps, bottom: 0 },
      proud: false,
      shares,
      full: false,
    }
    return { part: partOf(about, LIES[side], block, outer), joint }
  })
}

/** A lid that turns on pins in the side walls. */
export const pinLid: LidKind<PinLid> = {
  type: 'lid-hinge',
  name: 'hinge',
  title: 'lid that turns on pins',
  words: 'lid hinge pins turns opens swing',
  schema,
  of: 'box',
  fields: [
    { kind: 'length', key: 'play', at: 'lid-play', label: 'Play of the lid', step: 0.05 },
    {
      kind: 'length',
      key: 'pin',
      at: 'pin',
      words: 'hinge rod axle dowel',
      label: 'Pins, diameter',
      step: 0.5,
    },
  ],
  edge: 'none',
  sits: 'over the front',
  opens: true,
  begin: (_spec, _thickness, before) => ({
    type: 'lid-hinge',
    pin: before?.pin ?? 3,
    play: Math.max(before?.play ?? 0.3, 0.3),
  }),
  hangs: ({ pin }, t) => swingOf(pin, t.top) - t.top,
  slit: (own, shell) => shell.room.max.y - hingeOf(own, shell).cheek[1],
  block: lidOf,
  make(own, shell) {
    const { at, stop } = hingeOf(own, shell)
    const cheeks = cheeksOf(own, shell)
    const parts = ['top', ...CHEEKS]
    return {
      added: cheeks.map(({ part }) => ({ part, contact: null })),
      joints: cheeks.map(({ joint }) => joint),
      groups: [{ id: 'lid', motion: 'hinge', parts, axis: 'x', at: { x: 0, ...at }, range: stop }],
      sheets: [parts],
    }
  },
  features(own, shell, part) {
    const isCheek = part.id.startsWith('cheek')
    if (!(isCheek || part.id === 'left' || part.id === 'right')) return []
    const { at, round, cheek, low } = hingeOf(own, shell)
    const onOwn = (y: number, z: number): { x: number; y: number } =>
      pointOnPart(part.frame, pointAt({ y, z }))
    const hole = throughFeature('hole', disc(onOwn(at.y, at.z), (own.pin + (isCheek ? LOOSE : 0)) / 2))
    if (!isCheek) return [hole]
    const [front, back] = [onOwn(cheek[0], low), onOwn(cheek[1], low)]
    const way = front.x < back.x ? 1 : -1
    return [
      hole,
      throughFeature('corner', cornerCut(back, { x: -way as 1 | -1, y: 1 }, round)),
      throughFeature('corner', cornerCut(front, { x: way, y: 1 }, round)),
    ]
  },
  shaped: CHEEKS,
  // Through the wall, the room beside the lid with its web, and the cheek. [DEF]
  bought: (own, { materials: { mean: t } }) => [
    {
      what: 'pin',
      count: 2,
      sizes: [
        { label: 'diameter', length: own.pin },
        { label: 'long', length: Math.max(t.left, t.right) + own.play + WEB * t.top + t.top },
      ],
    },
  ],
  problems(own, { spec, t, inner }) {
    if (spec.corners.kind === 'lap' || spec.corners.kind === 'tenon')
      return [problemOf('lid-hinge', 'pin', 'corners')]
    const round = pinRound(own.pin, t.top)
    // As the hinge is worked out: cheeks before the pin, wood round it, and the reach behind it.
    const deep = Math.max(3 * round, 5 * t.top) + Math.hypot(round, round + t.top) + 2
    const isShort = inner.y < deep || inner.z < 2 * round + 1 || inner.x < 5 * t.top + 2 * own.play + 2
    const figures = { deep: Math.ceil(deep), high: Math.ceil(2 * round + 1) }
    return isShort ? [problemOf('lid-hinge', 'pin', 'room', figures)] : []
  },
  sentences: {
    corners: () => 'A lid on pins turns between flush walls. Join the corners with fingers or butt.',
    room: ({ deep, high }, say) =>
      `A lid on pins needs ${say.short(deep, 0)} inside from front to back and ` +
      `${say.short(high, 0)} of height. Make the box larger, or the pins thinner.`,
  },
  note: () =>
    'Two pins go through the side walls into cheeks under the lid: tight in the walls, loose in the cheeks.',
  build: (_own, from, together) =>
    together.includes('top')
      ? 'Glue the cheeks into the slots of the lid first, square to it; let it dry. Then set the lid in ' +
        `${from} and push a pin through each wall into its cheek. Glue holds the pins in the walls only.`
      : null,
}

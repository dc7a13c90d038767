import type { Block, Feature, Joint, Part } from '../assembly'
import { cornerCut, disc, type Ring } from '../geometry'
import { onGrid, tenonClaims, tenonShares } from '../joints'
import { LIES, partOf, slab, type Shell } from './shell'
import type { BoxSpec } from './spec'

/** Whether the top is a lid that turns on pins in the side walls. */
export const turns = ({ top, lid }: Pick<BoxSpec, 'top' | 'lid'>): boolean => top && lid.kind === 'hinge'

/** Wood round a pin, in thicknesses; room behind the lid and what a turning hole is wider by, mm. [FM] */
const ROUND = 1.15
const BEHIND = 0.5
/** Wood between a cheek and the edge of the lid, in thicknesses: over one, no thin web. [FM] */
const WEB = 1.25
const LOOSE = 0.3

/** Radius of the wood round a pin, mm. */
export const pinRound = (pin: number, thickness: number): number => pin / 2 + Math.max(2, ROUND * thickness)

/** How far below its outside face such a lid reaches when it is opened, mm. */
export function swingOf(pin: number, thickness: number): number {
  const round = pinRound(pin, thickness)
  return round + thickness + Math.hypot(round, round + thickness) + BEHIND
}

/** Where a lid turns, and how far. Lengths in mm, from the box's lower left corner at the front. */
export interface Hinge {
  /** The pin's middle. */
  at: { y: number; z: number }
  /** Wood round the pin: radius of the cheeks below it, and how far the lid reaches behind it. */
  round: number
  /** From where to where the cheeks reach, and where the lid ends behind. */
  cheek: [from: number, to: number]
  low: number
  /** What stands inside reaches no higher: the lid's back end swings down so far. */
  ceiling: number
  /** How far it opens until it lies against the back wall, degrees. */
  stop: number
}

/**
 * A lid on pins that clears the back wall by construction: all of it behind the pin is nearer to the pin than
 * the wall is. Opened, its outer face comes to lie against the wall's upper edge.
 */
export function hingeOf(shell: Shell): Hinge {
  const { spec, room, outer, materials } = shell
  const t = materials.mean.top
  const round = onGrid(pinRound(spec.lid.pin, t))
  const z = onGrid(room.max.z - round)
  const above = outer.z - z
  const reach = Math.hypot(round, above)
  const y = onGrid(room.max.y - BEHIND - reach)
  const corner = Math.hypot(reach + BEHIND, above)
  const stop = Math.PI / 2 - Math.atan2(above, reach + BEHIND) + Math.acos(above / corner)
  return {
    at: { y, z },
    round,
    cheek: [onGrid(y - Math.max(3 * round, 5 * t)), onGrid(y + round)],
    low: onGrid(z - round),
    ceiling: onGrid(z - reach - BEHIND),
    // A touch before it: there it lies against the wall.
    stop: (stop * 180) / Math.PI - 0.5,
  }
}

/** What the lid covers: between the side walls, over the front wall, up to behind the pin. */
export function hingedLid(shell: Shell): Block {
  const { spec, room } = shell
  const { play } = spec.lid
  const [from, to] = slab(shell, 'top')
  return {
    min: { x: onGrid(room.min.x + play), y: 0, z: from },
    max: { x: onGrid(room.max.x - play), y: hingeOf(shell).cheek[1], z: to },
  }
}

const SIDES = ['left', 'right'] as const

/** The cheeks under the lid, which the pins go through; each stands in the lid by tenons. */
export function cheeksOf(shell: Shell): { part: Part; joint: Joint }[] {
  const { spec, materials, outer } = shell
  if (!turns(spec)) return []
  const { cheek, low } = hingeOf(shell)
  const lid = hingedLid(shell)
  const t = materials.mean.top
  return SIDES.map((side) => {
    const x: [number, number] =
      side === 'left' ? [lid.min.x, onGrid(lid.min.x + t)] : [onGrid(lid.max.x - t), lid.max.x]
    // Set in by a web, so that its tenons stand in closed slots.
    const by = (side === 'left' ? WEB : -WEB) * t
    const block: Block = {
      min: { x: onGrid(x[0] + by), y: cheek[0], z: low },
      max: { x: onGrid(x[1] + by), y: cheek[1], z: lid.max.z },
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

/** The pin's hole in walls and cheeks, and what rounds the cheeks below. */
export function hingeFeatures(
  shell: Shell,
  part: Part,
  onOwn: (y: number, z: number) => { x: number; y: number },
): Feature[] {
  const { spec } = shell
  const isCheek = part.id.startsWith('cheek')
  if (!turns(spec) || !(isCheek || part.id === 'left' || part.id === 'right')) return []
  const { at, round, cheek, low } = hingeOf(shell)
  const through = (what: Feature['what'], shape: Ring): Feature => ({ what, depth: null, shape, joint: null })
  const hole = through('hole', disc(onOwn(at.y, at.z), (spec.lid.pin + (isCheek ? LOOSE : 0)) / 2))
  if (!isCheek) return [hole]
  const [front, back] = [onOwn(cheek[0], low), onOwn(cheek[1], low)]
  const way = front.x < back.x ? 1 : -1
  return [
    hole,
    through('corner', cornerCut(back, { x: -way as 1 | -1, y: 1 }, round)),
    through('corner', cornerCut(front, { x: way, y: 1 }, round)),
  ]
}

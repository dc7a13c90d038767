import { LIES_IN_USE, boxSizes, makeShell, type BoxSpec } from '../box'
import { withFitting, withoutFitting } from '../fittings'
import { roundLength } from '../joints'
import type { Size } from '../assembly'
import type { Cap, Halves, Nested } from './schema'
import { opened } from './opened'
import { LEAST, refused, type Member, type Place, type Result, type WholeContext } from './types'

const ORIGIN: Size = { x: 0, y: 0, z: 0 }
const asItIs = (name: string): Member => ({ name, copies: 1, fixed: (box) => box })
const standing = (label: string): Place => ({
  member: 0,
  label,
  pose: { lie: LIES_IN_USE.upright, at: ORIGIN },
  group: null,
})
const lifted = (label: string, pose: Place['pose'], range: number): Place => ({
  member: 1,
  label,
  pose,
  group: { way: { axis: 'z', sign: 1 }, range },
})

/** A tray that stands on ledges in a box. */
export function arrangeNested(nested: Nested, { first }: WholeContext): Result {
  const { at, ledge, height, play } = nested
  const { room, inner } = makeShell(first.box, first.materials)
  const most = roundLength(inner.z - at)
  if (at > inner.z - LEAST) return refused('at', { kind: 'reach', most: inner.z - LEAST })
  if (height > most) return refused('height', { kind: 'reach', most })
  const base: Member = {
    name: 'box',
    copies: 1,
    fixed: (box): BoxSpec => ({
      ...box,
      fittings: withFitting(box.fittings, { type: 'tray-ledge', at, width: ledge }),
    }),
  }
  const size = { width: roundLength(inner.x - 2 * play), depth: roundLength(inner.y - 2 * play), height }
  if (Math.min(size.width, size.depth) < LEAST)
    return refused('play', { kind: 'no room', size: 'width', left: Math.min(size.width, size.depth) })
  const tray: Member = {
    name: 'tray',
    copies: 1,
    fixed: (box): BoxSpec => ({ ...box, sizesAre: 'outer', ...size }),
  }
  const pose = {
    lie: LIES_IN_USE.upright,
    at: {
      x: roundLength(room.min.x + play),
      y: roundLength(room.min.y + play),
      z: roundLength(room.min.z + at),
    },
  }
  return {
    ok: true,
    arranged: { members: [base, tray], places: [standing('box'), lifted('tray', pose, inner.z)] },
  }
}

/**
 * Where a box must be put upside down so that its room begins at a place of the other one.
 * @param rim how high its floor's inside then lies, mm
 */
function turnedOver({ box, materials }: WholeContext['other'], over: Size, rim: number): Place['pose'] {
  const { room } = makeShell(box, materials)
  return {
    lie: LIES_IN_USE['upside down'],
    at: {
      x: roundLength(over.x - room.min.x),
      // Turned over about x, its back comes to the front.
      y: roundLength(over.y + room.max.y),
      z: roundLength(rim + room.min.z),
    },
  }
}

/** A second box upside down over the first, its floor on the first one's rim. */
export function arrangeCap({ over, play, byHand }: Cap, { first, other }: WholeContext): Result {
  const { outer } = boxSizes(first.box, first.materials.mean)
  if (over > outer.z) return refused('over', { kind: 'reach', most: outer.z })
  const cap: Member = {
    name: 'cap',
    copies: 1,
    fixed: (box): BoxSpec => ({
      ...box,
      sizesAre: 'inner',
      width: roundLength(outer.x + 2 * play),
      depth: roundLength(outer.y + 2 * play),
      height: over,
      fittings: opened(box),
      lies: 'upside down',
    }),
  }
  const pose = turnedOver(
    { ...other, box: byHand ? other.box : cap.fixed(other.box) },
    { x: -play, y: -play, z: 0 },
    outer.z,
  )
  return {
    ok: true,
    arranged: { members: [asItIs('box'), cap], places: [standing('box'), lifted('cap', pose, over)] },
  }
}

/** One box in two halves of the same foot; a lining in the lower one keeps the upper one in place. */
export function arrangeHalves(halves: Halves, { first, other }: WholeContext): Result {
  const { height, at, lining, play, byHand } = halves
  const upper = roundLength(height - at)
  if (at < LEAST || upper < LEAST)
    return refused('at', { kind: 'split', least: LEAST, most: roundLength(height - LEAST) })
  if (lining > upper) return refused('lining', { kind: 'reach', most: upper })
  // What is asked for inside the lining is so much less than what is between the walls.
  const lined = halves.inside === 'lining' ? 2 * (first.materials.mean.dividers + play) : 0
  const width = roundLength(halves.width + lined)
  const depth = roundLength(halves.depth + lined)
  const half =
    (high: number, isUpper: boolean): Member['fixed'] =>
    (box): BoxSpec => ({
      ...box,
      sizesAre: 'inner',
      width,
      depth,
      height: high,
      lies: isUpper ? 'upside down' : 'upright',
      fittings: isUpper
        ? withoutFitting(opened(box), 'lining')
        : withFitting(opened(box), { type: 'lining', above: lining, play }),
    })
  const [lower, lid] = [half(at, false), half(upper, true)]
  const shell = makeShell(byHand ? first.box : lower(first.box), first.materials)
  const over = { ...other, box: byHand ? other.box : lid(other.box) }
  const pose = turnedOver(
    over,
    shell.room.min,
    roundLength(shell.outer.z + makeShell(over.box, over.materials).inner.z),
  )
  return {
    ok: true,
    arranged: {
      members: [
        { name: 'lower half', copies: 1, fixed: lower },
        { name: 'upper half', copies: 1, fixed: lid },
      ],
      places: [standing('lower half'), lifted('upper half', pose, lining)],
    },
  }
}

import { z } from 'zod'
import { pointOnPart, type Block, type Part } from '../../assembly'
import { cornerCut, cornersOf, disc, halfEllipse, slotRing, type Point } from '../../geometry'
import { roundLength } from '../../joints'
import { problemOf, throughFeature, type FittingKind } from '../fitting'
import { LIES, partOf, pointAt, type Shell } from '../shell'

/** What a drawer is drawn out by. */
export const PULL_KINDS = ['hole', 'half-round', 'slot', 'knob'] as const

/** In the front wall: a hole, a half-round notch at the rim, a slot of twice the width, a glued disc. */
const pullSchema = z.strictObject({
  type: z.literal('pull'),
  kind: z.enum(PULL_KINDS),
  size: z.number().min(4).max(200),
})
type Pull = z.infer<typeof pullSchema>

/** A slot for fingers is so much longer than it is high; what is left beside a hole, in thicknesses. [FM] */
const SLOT_LONG = 3
const WEB = 1

const hasPlate = ({ spec }: Shell): boolean => spec.fittings.some(({ type }) => type === 'plate')

/** Where the middle of a drawer's front is, on the plane of the front or of its plate, and its upper edge. */
function frontOf({ outer }: Shell, { frame }: Part): { middle: Point; rim: number } {
  const middle = pointOnPart(frame, pointAt({ x: outer.x / 2, z: outer.z / 2 }))
  return { middle, rim: pointOnPart(frame, pointAt({ z: outer.z })).y }
}

/** What a drawer is drawn out by, in its front and in the plate before that. */
export const pull: FittingKind<Pull> = {
  type: 'pull',
  title: 'pull in the front',
  words: 'grip handle pull knob finger hole drawer',
  schema: pullSchema,
  of: 'either',
  fields: [
    {
      kind: 'choice',
      key: 'kind',
      at: 'pull-kind',
      label: 'In the front, to draw it out by',
      options: PULL_KINDS.map((value) => ({ value, label: value })),
    },
    { kind: 'length', key: 'size', at: 'pull-size', label: 'Size of the pull' },
  ],
  begin: () => ({ type: 'pull', kind: 'hole', size: 16 }),
  make({ kind, size }, shell) {
    if (kind !== 'knob') return {}
    const { outer, materials } = shell
    const about = { thickness: materials.mean.front, thickest: materials.thickest.front }
    const before = hasPlate(shell) ? roundLength(-about.thickness) : 0
    const [x, z, radius] = [outer.x / 2, outer.z / 2, size / 2]
    const block: Block = {
      min: { x: x - radius, y: roundLength(before - about.thickness), z: z - radius },
      max: { x: x + radius, y: before, z: z + radius },
    }
    const part = partOf({ ...about, id: 'knob', label: 'knob' }, LIES.front, block, outer)
    const area = Math.PI * radius * radius
    return { added: [{ part, contact: { parts: [hasPlate(shell) ? 'plate' : 'front', 'knob'], area } }] }
  },
  features({ kind, size }, shell, part) {
    if (part.id === 'knob') {
      // A disc: its blank loses the four corners.
      const radius = (part.blank.maxX - part.blank.minX) / 2
      return cornersOf(part.blank).map(({ at, inward }) =>
        throughFeature('corner', cornerCut(at, inward, radius)),
      )
    }
    if (part.id !== 'front' && part.id !== 'plate') return []
    const { middle, rim } = frontOf(shell, part)
    switch (kind) {
      case 'hole':
        return [throughFeature('finger hole', disc(middle, size / 2))]
      case 'slot':
        return [throughFeature('finger slot', slotRing(middle, SLOT_LONG * size, size))]
      case 'half-round': {
        // Through all that stands above the rim: a plate may reach higher than the wall behind it.
        const [left, right] = [middle.x - size / 2, middle.x + size / 2]
        const top = Math.max(rim, part.blank.maxY) + 1
        const notch = halfEllipse(left, right, rim, -size / 2)
        return [throughFeature('finger notch', [...notch, { x: left, y: top }, { x: right, y: top }])]
      }
      case 'knob':
        return []
    }
  },
  shaped: ['knob'],
  problems({ kind, size }, { t, outer }) {
    // Beside the walls and above the floor, so that no joint is cut into.
    const wide = outer.x - 2 * Math.max(t.left, t.right) - 2 * WEB * t.front
    const high = outer.z - 2 * t.floor - 2 * WEB * t.front
    const most = {
      hole: Math.min(wide, high),
      knob: Math.min(outer.x, outer.z),
      slot: Math.min(wide / 3, high),
      'half-round': Math.min(wide, 2 * (outer.z - t.floor - 2 * WEB * t.front)),
    }[kind]
    return size > most ? [problemOf('pull', 'pull-size', 'room', { most: Math.floor(most) })] : []
  },
  sentences: {
    room: ({ most }, say) =>
      `The front has no room for that. Make it at most ${say.short(Math.max(0, most), 0)}.`,
  },
}

import { z } from 'zod'
import { onPart, type Block, type Part } from '../../assembly'
import { flatLength } from '../../bend'
import { roundLength } from '../../joints'
import { problemOf, type LidKind } from '../fitting'
import { LIES, partOf, type AddedPart, type Shell, type Thicknesses } from '../shell'

const schema = z.strictObject({
  type: z.literal('lid-flip'),
  /** Depth of the board behind the lid that is glued to the walls, mm. */
  back: z.number().min(5).max(2000),
  /** How far it opens, degrees; radius inside of the bend, width of its links, mm. */
  opens: z.number().min(30).max(120),
  radius: z.number().min(1).max(100),
  link: z.number().min(0.2).max(20),
})
type FlipLid = z.infer<typeof schema>

/** Length of slits and of the wood between two of a row; a touch of air between lid and board, mm. [FM] */
const SLIT = { slit: 24, bridge: 3 }
const GAP = 0.2
/** How far the strip is glued beyond its slits, mm, at most and at least. [FM] */
const FLAP = 18
const LEAST_FLAP = 6
const HALVES: [string, string] = ['hinge-lid', 'hinge-back']

const angleOf = ({ opens }: FlipLid): number => (opens * Math.PI) / 180
/** Length of the slits' zone, flat, mm: an arc at mid-thickness. [DEF] */
const flatOf = (own: FlipLid, t: Thicknesses): number =>
  roundLength(flatLength(angleOf(own), own.radius, t.dividers))

/** Where lid and board meet, and how far the strip is glued on either, mm. */
function seamOf(own: FlipLid, { outer, materials }: Pick<Shell, 'outer' | 'materials'>) {
  const seam = roundLength(outer.y - own.back)
  const flat = flatOf(own, materials.mean)
  return { seam, flat, flap: roundLength(Math.min(FLAP, own.back - flat / 2, seam - flat / 2)) }
}

/**
 * How high the line is that a bend comes to turn about: as far from the flat sheet as from the opened one.
 * @param angle radians @param middle radius at mid-thickness, mm
 */
const turnsAbove = (angle: number, middle: number): number =>
  middle * (Math.tan(angle / 2) - angle / 2) * Math.tan((Math.PI - angle) / 2)

/** The two halves of the strip that are glued, and between them the slits, which lie on nothing. */
function stripOf(own: FlipLid, shell: Shell): AddedPart[] {
  const { outer, materials, slabs } = shell
  const { seam, flat, flap } = seamOf(own, shell)
  const [, under] = slabs.top!
  const about = { thickness: materials.mean.dividers, thickest: materials.thickest.dividers }
  const half = (id: string, label: string, y: [number, number]): Part =>
    partOf(
      { ...about, id, label },
      LIES.top,
      { min: { x: 0, y: y[0], z: under }, max: { x: outer.x, y: y[1], z: outer.z } },
      outer,
    )
  const [low, high] = [roundLength(seam - flat / 2), roundLength(seam + flat / 2)]
  const area = flap * outer.x
  const lid = half(HALVES[0], 'hinge strip on the lid', [roundLength(low - flap), low])
  const back = half(HALVES[1], 'hinge strip behind', [high, roundLength(high + flap)])
  return [
    { part: lid, contact: { parts: ['top', HALVES[0]], area } },
    { part: back, contact: { parts: ['top-back', HALVES[1]], area } },
  ]
}

/** A lid on the walls, that a strip of slit sheet holds to a board behind it: glued over both, it bends. */
export const flipLid: LidKind<FlipLid> = {
  type: 'lid-flip',
  name: 'flip',
  title: 'lid that flips up on a slit strip',
  words: 'lid flip living hinge bend strip opens swing',
  schema,
  of: 'box',
  fields: [
    { kind: 'length', key: 'back', at: 'flip-back', label: 'Board behind it, depth' },
    { kind: 'figure', key: 'opens', at: 'flip-opens', label: 'It opens to', unit: '°' },
    { kind: 'length', key: 'radius', at: 'flip-radius', label: 'Radius of the bend', step: 0.5 },
    { kind: 'length', key: 'link', at: 'flip-link', label: 'Width of the links', step: 0.1 },
  ],
  edge: 'none',
  sits: 'on the walls',
  opens: true,
  begin(spec, thickness, before) {
    const opens = before?.opens ?? 95
    const angle = (opens * Math.PI) / 180
    // A bend that leaves flaps to be glued on either side, in a shallow box as well.
    const widest = (spec.depth - 2 * thickness - 2 * LEAST_FLAP - 2) / angle - thickness / 2
    const usual = Math.max(4, Math.round(2 * thickness))
    const radius = before?.radius ?? Math.max(1, Math.min(usual, Math.floor(widest)))
    const half = flatLength(angle, radius, thickness) / 2
    const third = Math.round(spec.depth / 3)
    const back = Math.max(Math.ceil(half + LEAST_FLAP), Math.min(Math.ceil(half + FLAP), third))
    return { type: 'lid-flip', back: before?.back ?? back, opens, radius, link: before?.link ?? 0.8 }
  },
  // The strip lies on top of it, and counts as part of the box.
  lowered: (_own, t) => t.dividers,
  block(own, shell, block) {
    block.max.y = roundLength(seamOf(own, shell).seam - GAP / 2)
    return block
  },
  make(own, shell) {
    const { outer, materials, slabs } = shell
    const { seam, flat } = seamOf(own, shell)
    const [from, to] = slabs.top!
    const t = materials.mean
    const block: Block = {
      min: { x: 0, y: roundLength(seam + GAP / 2), z: from },
      max: { x: outer.x, y: outer.y, z: to },
    }
    const about = {
      id: 'top-back',
      label: 'board behind the lid',
      thickness: t.top,
      thickest: materials.thickest.top,
    }
    const board = partOf(about, LIES.top, block, outer)
    const area = t.back * outer.x + (t.left + t.right) * (own.back - t.back)
    const strip = stripOf(own, shell)
    const zone = onPart(board.frame, {
      min: { x: 0, y: roundLength(seam - flat / 2), z: to },
      max: { x: outer.x, y: roundLength(seam + flat / 2), z: outer.z },
    })
    const above = turnsAbove(angleOf(own), own.radius + t.dividers / 2)
    const at = { x: 0, y: seam, z: roundLength(to + t.dividers / 2 + above) }
    return {
      added: [{ part: board, contact: { parts: ['back', 'top-back'], area } }, ...strip],
      groups: [{ id: 'lid', motion: 'hinge', parts: ['top', HALVES[0]], axis: 'x', at, range: own.opens }],
      sheets: [HALVES],
      strips: [
        {
          id: 'hinge-strip',
          label: 'hinge strip',
          parts: HALVES,
          zone,
          angle: angleOf(own),
          slits: { radius: own.radius, link: own.link, ...SLIT },
        },
      ],
    }
  },
  shaped: HALVES,
  problems(own, { t, outer }) {
    const shell = { outer, materials: { mean: t, thickest: t } }
    const { flat, flap } = seamOf(own, shell)
    const least = Math.ceil(flat / 2 + LEAST_FLAP)
    if (own.back < least) return [problemOf('lid-flip', 'flip-back', 'near', { least })]
    const most = Math.floor(outer.y - least)
    return flap < LEAST_FLAP ? [problemOf('lid-flip', 'flip-back', 'far', { most })] : []
  },
  sentences: {
    near: ({ least }, say) =>
      'The strip has too little to be glued to. Make the board at least ' +
      `${say.short(least, 0)} deep, or the radius smaller.`,
    far: ({ most }, say) =>
      'That leaves too little of the lid for the strip. Make the board at most ' +
      `${say.short(Math.max(0, most), 0)} deep.`,
  },
  note: () =>
    'The strip is cut from the stock of the dividers and glued over lid and board, not over its slits. The ' +
    'board is glued to the walls, the lid to nothing else.',
  build: (_own, _from, together) =>
    together.includes(HALVES[0])
      ? 'Lay the lid and the board behind it side by side with a card between them. Glue the strip over ' +
        'both, up to its slits and no further: glue in the slits locks it. Let it dry flat under a ' +
        'weight, then bend it open slowly.'
      : null,
}

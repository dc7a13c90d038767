import { z } from 'zod'
import {
  FACE_SIDES,
  mapShapes,
  motifSchema,
  placeFields,
  placing,
  shapesOfMotif,
  type Place,
  type Shapes,
  type Words,
} from '../art'
import type { Bounds } from '../geometry'
import { PANEL_NAMES } from './names'
import { baseOf, OPPOSITE } from './opening'
import type { BoxSpec } from './spec'

const depth = z.number().min(0.05).max(50)
/** Round what goes into a pocket, on every side, mm. */
const play = z.number().min(-1).max(2)

/** What is done along a motif. Lengths in mm. */
export const howSchema = z.discriminatedUnion('kind', [
  /** Its areas are filled with rows. */
  z.strictObject({ kind: z.literal('engrave') }),
  /** Its areas are followed round. */
  z.strictObject({ kind: z.literal('score') }),
  /** Its areas are sunk, and a groove of that width along its lines. */
  z.strictObject({ kind: z.literal('pocket'), depth, groove: z.number().min(0.1).max(20) }),
  /** They are sunk, and cut once more from a stock (empty: the job's own) to be laid into that. */
  z.strictObject({ kind: z.literal('inlay'), depth, play, stock: z.string().max(60) }),
  /** They are sunk for magnets, and opposite to them, on another panel, for their partners. */
  z.strictObject({ kind: z.literal('magnet'), depth, play, with: z.enum(PANEL_NAMES).nullable() }),
  /** An operation of the maker's own, by its id. */
  z.strictObject({ kind: z.literal('own'), by: z.string().min(1).max(60) }),
])
export type How = z.infer<typeof howSchema>
export const HOW_KINDS = ['engrave', 'score', 'pocket', 'inlay', 'magnet', 'own'] as const

/** What is burnt into a face, placed by numbers on a panel, seen from that face. */
export const engravingSchema = z.strictObject({
  panel: z.enum(PANEL_NAMES),
  side: z.enum(FACE_SIDES),
  motif: motifSchema,
  how: howSchema,
  ...placeFields,
})
export type Engraving = z.infer<typeof engravingSchema>

/** Engravings that a box may have. */
export const MOST_ENGRAVINGS = 40

/** Until somebody says of which job: as the words stand in the text. */
export const NO_WORDS: Words = { job: '{job}', revision: '{revision}' }

/** An engraving on a panel, on its own plane. */
export interface Engraved extends Shapes {
  of: Engraving
  /** Which of all engravings it is, from 0. */
  index: number
}

/** Dots that all pictures on a box come to, each time they are burnt. */
export const dotsOfAll = ({ engravings, pictures }: Pick<BoxSpec, 'engravings' | 'pictures'>): number =>
  engravings.reduce((sum, { motif, mirrored }) => {
    const picture = motif.kind === 'picture' && pictures.find(({ id }) => id === motif.picture)
    if (!picture || motif.kind !== 'picture') return sum
    const high = (motif.width * picture.rows) / picture.columns
    return sum + ((mirrored ? 2 : 1) * motif.width * high) / motif.dots ** 2
  }, 0)

const turnedOver = ({ minX, maxX, minY, maxY }: Bounds): Bounds => ({ minX: -maxX, maxX: -minX, minY, maxY })

const swapped = (anchor: Place['anchor']): Place['anchor'] =>
  anchor.replace(/left|right/, (side) => (side === 'left' ? 'right' : 'left')) as Place['anchor']

/** All that is on a panel, on its own plane as it is seen from outside. @param face its rectangle, mm */
export function engravingsOn(
  spec: Pick<BoxSpec, 'engravings' | 'drawings' | 'pictures' | 'openings'>,
  panel: string,
  face: Bounds,
  words: Words = NO_WORDS,
): Engraved[] {
  return spec.engravings.flatMap((of, index): Engraved[] => {
    const isHere = of.panel === panel
    if (!isHere && !(of.mirrored && OPPOSITE[of.panel] === panel)) return []
    const shapes = shapesOfMotif(of.motif, spec, words)
    // The place is mirrored, the words are not: nobody reads them backwards.
    const place = isHere ? of : { ...of, anchor: swapped(of.anchor), right: -of.right, turn: -of.turn }
    const base = isHere ? baseOf(spec.openings, panel, of.from, face) : face
    if (of.side === 'outside') return [{ of, index, ...mapShapes(shapes, placing(place, base)) }]
    const seenFromInside = placing(place, turnedOver(base))
    const onto = (point: Parameters<typeof seenFromInside>[0]) => {
      const { x, y } = seenFromInside(point)
      return { x: -x, y }
    }
    return [{ of, index, ...mapShapes(shapes, onto) }]
  })
}

import { z } from 'zod'
import { mapShapes, motifSchema, placeFields, placing, shapesOfMotif, type Shapes, type Words } from '../art'
import type { Bounds } from '../geometry'
import { PANEL_NAMES } from './names'
import { OPPOSITE } from './opening'
import type { BoxSpec } from './spec'

/** What is burnt into a face, placed by numbers on the outside of a panel. */
export const engravingSchema = z.strictObject({
  panel: z.enum(PANEL_NAMES),
  motif: motifSchema,
  /** Whether areas are filled, or followed round. */
  as: z.enum(['engrave', 'score']),
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
}

/** All that is on a panel, on its own plane. @param face the rectangle of the panel, mm */
export function engravingsOn(
  { engravings, drawings }: Pick<BoxSpec, 'engravings' | 'drawings'>,
  panel: string,
  face: Bounds,
  words: Words = NO_WORDS,
): Engraved[] {
  return engravings.flatMap((of): Engraved[] => {
    const isHere = of.panel === panel
    if (!isHere && !(of.mirrored && OPPOSITE[of.panel] === panel)) return []
    const shapes = mapShapes(shapesOfMotif(of.motif, drawings, words), placing(of, face))
    if (isHere) return [{ of, ...shapes }]
    // The place is mirrored, the words are not: nobody reads them backwards.
    const anchor = swapped(of.anchor)
    const place = placing({ ...of, anchor, right: -of.right, turn: -of.turn }, face)
    return [{ of, ...mapShapes(shapesOfMotif(of.motif, drawings, words), place) }]
  })
}

const swapped = (anchor: Engraving['anchor']): Engraving['anchor'] =>
  anchor.replace(/left|right/, (side) => (side === 'left' ? 'right' : 'left')) as Engraving['anchor']

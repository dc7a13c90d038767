import { z } from 'zod'
import { FACE_SIDES, motifSchema, placeFields } from '../art'
import { FACE_PANELS } from '../fittings'

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
  z.strictObject({ kind: z.literal('magnet'), depth, play, with: z.enum(FACE_PANELS).nullable() }),
  /** An operation of the maker's own, by its id. */
  z.strictObject({ kind: z.literal('own'), by: z.string().min(1).max(60) }),
])
export type How = z.infer<typeof howSchema>
export const HOW_KINDS = ['engrave', 'score', 'pocket', 'inlay', 'magnet', 'own'] as const

/** What is burnt into a face, placed by numbers on a panel, seen from that face. */
export const engravingSchema = z.strictObject({
  panel: z.enum(FACE_PANELS),
  side: z.enum(FACE_SIDES),
  motif: motifSchema,
  how: howSchema,
  /** Whether it may run over the edge of its panel, onto what lies beside it on the sheet. */
  over: z.boolean(),
  ...placeFields,
})
export type Engraving = z.infer<typeof engravingSchema>

/** Engravings that a box may have. */
export const MOST_ENGRAVINGS = 40

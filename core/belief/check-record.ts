import { z } from 'zod'
import { slotSchema } from '../fit'
import { placeSchema } from './bed'

/** What was measured, beside squares and words, that says by how much a kerf is off its record. */
const CHECKS = ['calipers', 'face', 'place', 'setting', 'day', 'play', 'part'] as const
export type CheckKind = (typeof CHECKS)[number]

const off = z.number().min(-2).max(2)
const identifier = z.string().max(60)

/**
 * One such check: calipers closed on a gauge; the kerf on the other face, in other places of the bed, at the
 * cut's own setting, on another day; or the play of joints, or the size of parts, that were cut. mm.
 */
export const checkRecordSchema = z.strictObject({
  id: z.string().min(1).max(80),
  about: z.enum(CHECKS),
  /** Of which machine and stock; calipers belong to neither. */
  machineId: identifier.nullable(),
  stockId: identifier.nullable(),
  /** The kerf record that it is held against. */
  kerfId: identifier.nullable(),
  /** By how much the kerf is more than that record says: one figure, or one a joint. */
  off: z.array(off).min(1).max(40),
  /** Where on the bed each was cut; null where nobody knows. */
  at: z.array(placeSchema.nullable()).max(40),
  /** Half of the 95 % interval of each, mm. */
  doubt: z.number().min(0.001).max(0.5),
  /** Where plays of slots were measured, not of tabs. */
  slot: slotSchema.nullable(),
  on: z.string().max(40),
  note: z.string().max(120),
})
export type CheckRecord = z.infer<typeof checkRecordSchema>

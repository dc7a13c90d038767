import { z } from 'zod'
import { familySchema } from '../stock'
import { NORMAL_95 } from '../statistics'
import { FIT_WORDS, WORD_LIMITS, type FitWord } from './words'

/** Half of a 95 % interval as records keep it, mm. */
const half = z.number().min(0.001).max(0.5)
/**
 * Which sheet stood in the slots that something was said or measured of, where slots spoke for the box: its
 * stock, its thickness as it was read, and what that left open of the gap, one deviation, mm.
 */
export const slotSchema = z.strictObject({
  stockId: z.string().max(60).nullable(),
  thickness: z.number().min(0).max(100),
  sd: z.number().min(0).max(5),
})
export type SaidOfSlot = z.infer<typeof slotSchema>

const interference = z.number().min(-0.5).max(0.5)
export const interferenceSchema = interference

/**
 * What a maker's hands said once: the interference per glue line, mm, at which a joint was snug to them.
 * It belongs to the maker and to a family of material, not to a machine.
 */
export const tasteRecordSchema = z.strictObject({
  id: z.string().min(1).max(80),
  family: familySchema,
  interference,
  /** Half of its 95 % interval, mm, with the kerf's doubt in it. */
  doubt: half,
  /** The same without the kerf's doubt: what the comb or the word leaves open. */
  own: half,
  /** The kerf that it was reckoned with: its error is in the interference, the other way round. */
  kerfId: z.string().max(60).nullable(),
  /** Compensation per side, mm, of the comb pair that felt best: all that the comb itself read. */
  best: z.number().min(-1).max(1).nullable(),
  /** Where a slot spoke, not tabs: then half of the kerf's error, and half of the sheet's, are in it. */
  slot: slotSchema.nullable(),
  from: z.enum(['comb', 'verdict']),
  /** The word of a verdict; null for a comb, and for one from before words were kept. */
  word: z.enum(FIT_WORDS).nullable(),
  on: z.string().max(40),
  note: z.string().max(120),
})
export type TasteRecord = z.infer<typeof tasteRecordSchema>

/** The open-ended words are taken to be as wide as this, mm. [FM] */
const OPEN_WIDTH = 0.06

/** Middle and half-width of a word's range of gaps, mm. */
export function rangeOf(word: FitWord): { middle: number; half: number } {
  const i = WORD_LIMITS.findIndex((each) => each.word === word)
  const from = i === 0 ? WORD_LIMITS[0].upTo - OPEN_WIDTH : WORD_LIMITS[i - 1].upTo
  const to = WORD_LIMITS[i].upTo === Infinity ? from + OPEN_WIDTH : WORD_LIMITS[i].upTo
  return { middle: (from + to) / 2, half: (to - from) / 2 }
}

/**
 * What a verdict after cutting says: a joint that felt like `word` at interference `i` would have been snug
 * at `i + middle of word`. The kerf's own doubt goes into it.
 * @param gap per boundary that was predicted without taste, mm (`k − 2c − i`)
 */
export function tasteFromVerdict(
  word: FitWord,
  gap: number,
  kerfSd: number,
): { interference: number; own: number; doubt: number } {
  const { middle, half: own } = rangeOf(word)
  return { interference: middle - gap, own, doubt: Math.hypot(own, NORMAL_95 * kerfSd) }
}

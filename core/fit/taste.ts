import { z } from 'zod'
import { familySchema, type Family } from '../stock'
import { NORMAL_95 } from '../statistics'
import { WORD_LIMITS, type FitWord } from './words'

/**
 * What a maker's hands said once: the interference per glue line, mm, at which a joint was snug to them.
 * It belongs to the maker and to a family of material, not to a machine.
 */
export const tasteRecordSchema = z.strictObject({
  id: z.string().min(1).max(60),
  family: familySchema,
  interference: z.number().min(-0.5).max(0.5),
  /** Half of its 95 % interval, mm. */
  doubt: z.number().min(0.001).max(0.5),
  from: z.enum(['comb', 'verdict']),
  on: z.string().max(40),
  note: z.string().max(120),
})
export type TasteRecord = z.infer<typeof tasteRecordSchema>

/** A maker's own snug, apart from kerf: interference per glue line, mm. */
export interface Taste {
  offset: number
  sd: number
  count: number
}

/** Before anybody said anything: the words' ranges hold, give or take half a step of a comb. [FM] */
export const NO_TASTE: Taste = { offset: 0, sd: 0.005, count: 0 }

/** What all records of a family say together: their mean, weighted by how sure each is. */
export function tasteFor(records: TasteRecord[], family: Family): Taste {
  const own = records.filter((record) => record.family === family)
  if (own.length === 0) return NO_TASTE
  const weights = own.map(({ doubt }) => (NORMAL_95 / doubt) ** 2)
  const total = weights.reduce((sum, weight) => sum + weight, 0)
  return {
    offset: own.reduce((sum, { interference }, i) => sum + interference * weights[i], 0) / total,
    sd: Math.max(1 / Math.sqrt(total), 0.002),
    count: own.length,
  }
}

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
 * What a verdict after cutting says about taste: a joint that felt like `word` at interference `i` would have been snug at `i + middle of word`.
 * The kerf's own doubt goes into it.
 * @param gap per boundary that was predicted without taste, mm (`k − 2c − i`)
 */
export function tasteFromVerdict(
  word: FitWord,
  gap: number,
  kerfSd: number,
): { interference: number; doubt: number } {
  const { middle, half } = rangeOf(word)
  return { interference: middle - gap, doubt: Math.hypot(half, NORMAL_95 * kerfSd) }
}

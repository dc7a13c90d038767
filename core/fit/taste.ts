import { z } from 'zod'
import { familySchema, type Family } from '../stock'
import { NORMAL_95 } from '../statistics'
import { WORD_LIMITS, type FitWord } from './words'

/** Half of a 95 % interval as records keep it, mm. */
const half = z.number().min(0.001).max(0.5)
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
  from: z.enum(['comb', 'verdict']),
  on: z.string().max(40),
  note: z.string().max(120),
})
export type TasteRecord = z.infer<typeof tasteRecordSchema>

/** Kerfs whose errors a taste remembers one by one. */
const MOST_SHARES = 20

/** A maker's own snug, apart from kerf: interference per glue line, mm. */
export const tasteSchema = z.strictObject({
  offset: interference,
  /** Standard deviation of what has nothing to do with any kerf, mm. */
  own: z.number().min(0).max(0.5),
  /** How much of the offset rests on which kerf, with that kerf's standard deviation, mm. */
  kerfs: z
    .array(
      z.strictObject({
        id: z.string().max(60),
        share: z.number().min(0).max(1),
        sd: z.number().min(0).max(5),
      }),
    )
    .max(MOST_SHARES),
  count: z.number().int().min(0).max(10000),
})
export type Taste = z.infer<typeof tasteSchema>

/** Before anybody said anything: the words' ranges hold, give or take half a step of a comb. [FM] */
export const NO_TASTE: Taste = { offset: 0, own: 0.005, kerfs: [], count: 0 }

/** No taste is surer than this, mm: hands differ from day to day. [FM] */
const LEAST_SD = 0.002

/** Standard deviation of all that a taste may be off, mm. */
export const tasteSd = ({ own, kerfs }: Taste): number =>
  Math.hypot(own, ...kerfs.map(({ share, sd }) => share * sd))

/** What a record owes to its kerf, as a standard deviation, mm. */
const kerfPart = ({ doubt, own }: TasteRecord): number =>
  Math.sqrt(Math.max(0, doubt ** 2 - own ** 2)) / NORMAL_95

/**
 * What all records of a family say together: their mean, weighted by how sure each is. Records reckoned with
 * the same kerf share its error, so more of them do not average it away.
 */
export function tasteFor(records: TasteRecord[], family: Family): Taste {
  const own = records.filter((record) => record.family === family)
  if (own.length === 0) return NO_TASTE
  const weights = own.map(({ doubt }) => 1 / doubt ** 2)
  const total = weights.reduce((sum, weight) => sum + weight, 0)
  const shares = weights.map((weight) => weight / total)
  const kerfs = new Map<string, { share: number; sd: number }>()
  let apart = 0
  for (const [i, record] of own.entries()) {
    apart += ((shares[i] * record.own) / NORMAL_95) ** 2
    const key = record.kerfId ?? `alone ${record.id}`
    const known = kerfs.get(key)
    kerfs.set(key, { share: (known?.share ?? 0) + shares[i], sd: Math.max(known?.sd ?? 0, kerfPart(record)) })
  }
  const heaviest = [...kerfs]
    .map(([id, { share, sd }]) => ({ id: id.slice(0, 60), share: Math.min(1, share), sd }))
    .filter(({ sd }) => sd > 0)
    .sort((a, b) => b.share * b.sd - a.share * a.sd)
  const rest = heaviest.slice(MOST_SHARES).reduce((sum, { share, sd }) => sum + (share * sd) ** 2, 0)
  return {
    offset: own.reduce((sum, record, i) => sum + record.interference * shares[i], 0),
    own: Math.max(Math.sqrt(apart + rest), LEAST_SD),
    kerfs: heaviest.slice(0, MOST_SHARES),
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
 * What a verdict after cutting says about taste: a joint that felt like `word` at interference `i` would
 * have been snug at `i + middle of word`. The kerf's own doubt goes into it.
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

import { z } from 'zod'
import { thicknessSchema, type Thickness } from '../stock'
import { spec as words } from './spec-words'

export const TEST_METHODS = ['squares', 'strip', 'comb', 'slots'] as const
export type TestMethod = (typeof TEST_METHODS)[number]

/** Ways in which each square is read. */
const SQUARE_WAYS = ['both', 'across', 'along'] as const

/** Most slots of a gauge: also the largest number that an answer may be. */
const MOST_SLOTS = 30

/** How each kind of test piece is to be made, and what was read off it so far. Lengths in mm. */
export const trialSchema = z.strictObject({
  method: z.enum(TEST_METHODS),
  squares: z.strictObject({
    side: z.number().min(8).max(200),
    count: z.number().int().min(1).max(30),
    ways: z.enum(SQUARE_WAYS),
  }),
  strip: z.strictObject({
    length: z.number().min(30).max(500),
    lines: z.number().int().min(3).max(40),
  }),
  /** Compensation per side of the first pair, and the step from pair to pair. */
  comb: z.strictObject({
    from: z.number().min(-0.2).max(0.5),
    step: z.number().min(0.005).max(0.1),
    count: z.number().int().min(2).max(15),
  }),
  /** Widest slot is as wide as the sheet is thick and the shift more; each one is narrower by a step. */
  slots: z.strictObject({
    step: z.number().min(0.01).max(0.2),
    count: z.number().int().min(3).max(MOST_SLOTS),
    shift: z.number().min(-5).max(5),
    /**
     * The thickness that the gauge was made round and read with; later readings of the stock do not move it.
     */
    made: z.strictObject({ mean: thicknessSchema, sd: z.number().min(0).max(10) }).nullable(),
  }),
  /** The offcut it is cut from. */
  offcut: z.strictObject({ width: z.number().min(20).max(5000), height: z.number().min(20).max(5000) }),
  /** Readings in the order of the method; null where one is still to be taken. */
  readings: z.array(z.number().min(0).max(1000).nullable()).max(100),
  /**
   * Pair that felt best, or narrowest slot entered: its number from 0. `none`: the sheet entered no slot.
   */
  best: z
    .union([
      z
        .number()
        .int()
        .min(0)
        .max(MOST_SLOTS - 1),
      z.literal('none'),
    ])
    .nullable(),
  /** The record that its result was kept as; kept again, it takes that one's place. */
  keptAs: z.string().max(60).nullable(),
})
export type Trial = z.infer<typeof trialSchema>

export const newTrial = (method: TestMethod): Trial => ({
  method,
  squares: { side: 25, count: 5, ways: 'both' },
  strip: { length: 100, lines: 10 },
  comb: { from: 0.04, step: 0.01, count: 8 },
  slots: { step: 0.03, count: 12, shift: 0, made: null },
  offcut: { width: 220, height: 160 },
  readings: [],
  best: null,
  keptAs: null,
})

/** The same piece, cut and read anew; what was kept of the last one stays in the history. */
export const startAnew = (trial: Trial): Trial => ({
  ...trial,
  readings: [],
  best: null,
  keptAs: null,
  slots: { ...trial.slots, made: null },
})

/** A trial with its piece changed: what was read off the old one does not hold for it. */
export function reshaped<M extends TestMethod>(trial: Trial, method: M, part: Partial<Trial[M]>): Trial {
  const next = { ...trial, [method]: { ...trial[method], ...part } }
  return method === 'squares' ? next : startAnew(next)
}

/** Thickness that a gauge is drawn round: the one it was made with, else the stock's as it is now. */
export const gaugeThickness = (
  { slots: { made } }: Trial,
  now: Pick<Thickness, 'mean' | 'sd'>,
): { mean: number; sd: number } => made ?? { mean: now.mean, sd: now.sd }

/** A gauge that is written or read now: it keeps the thickness of this moment. */
export const fixGauge = (trial: Trial, now: Pick<Thickness, 'mean' | 'sd'>): Trial =>
  trial.method === 'slots' && trial.slots.made === null
    ? { ...trial, slots: { ...trial.slots, made: { mean: now.mean, sd: now.sd } } }
    : trial

/** What is asked for at the bench, one after another, with the place where the reading is kept. */
export function readingPrompts({ method, squares }: Trial): { text: string; index: number }[] {
  if (method === 'squares') {
    const named = (i: number): string => (squares.count === 1 ? 'the square' : `square ${i + 1}`)
    return Array.from({ length: squares.count }, (_, i) => [
      { text: `${named(i)}, across`, index: 2 * i, way: 'across' },
      { text: `${named(i)}, along`, index: 2 * i + 1, way: 'along' },
    ])
      .flat()
      .filter(({ way }) => squares.ways === 'both' || squares.ways === way)
      .map(({ text, index }) => ({ text, index }))
  }
  if (method === 'strip') {
    return [words.gapPiecesPushed, words.gapAgainPushed, words.gapThirdTime].map((text, index) => ({
      text,
      index,
    }))
  }
  return []
}

const round = (value: number): number => Math.round(value * 10000) / 10000

/** Compensation per side of each comb pair, mm. */
export const combSteps = ({ comb: { from, step, count } }: Trial): number[] =>
  Array.from({ length: count }, (_, i) => round(from + i * step))

/**
 * What each comb pair is called, on the piece and on the screen: its compensation in hundredths of a
 * millimetre, `7` for 0.07.
 */
export const combNames = (trial: Trial): string[] =>
  combSteps(trial).map((step) => String(Number((step * 100).toFixed(1))))

/** Drawn width of each slot of the gauge, narrowest first, mm. */
export const slotWidths = ({ slots: { step, count, shift } }: Trial, thickness: number): number[] =>
  Array.from({ length: count }, (_, i) => round(thickness + shift - (count - 1 - i) * step))

/** Narrowest slot that can be cut and told apart, mm. */
const LEAST_SLOT = 0.05

/**
 * The same piece shifted to where the answer lies beyond its end; null when it cannot be shifted further.
 * @param way 'up' towards more kerf or more compensation
 */
export function shiftedPiece(trial: Trial, way: 'up' | 'down', thickness: number): Trial | null {
  if (trial.method === 'comb') {
    const { from, step, count } = trial.comb
    const next = round(way === 'up' ? from + (count - 2) * step : Math.max(-0.2, from - (count - 2) * step))
    if (next === from || next > 0.5) return null
    return reshaped(trial, 'comb', { from: next })
  }
  const { step, count, shift } = trial.slots
  const next = round(way === 'up' ? shift - (count - 2) * step : shift + (count - 2) * step)
  if (Math.abs(next) > 5 || thickness + next - (count - 1) * step < LEAST_SLOT) return null
  return reshaped(trial, 'slots', { shift: next })
}

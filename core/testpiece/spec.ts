import { z } from 'zod'

export const TEST_METHODS = ['squares', 'strip', 'comb', 'slots'] as const
export type TestMethod = (typeof TEST_METHODS)[number]

/** How each kind of test piece is to be made, and what was read off it so far. Lengths in mm. */
export const trialSchema = z.strictObject({
  method: z.enum(TEST_METHODS),
  squares: z.strictObject({ side: z.number().min(8).max(200), count: z.number().int().min(1).max(30) }),
  strip: z.strictObject({ length: z.number().min(30).max(500), lines: z.number().int().min(3).max(40) }),
  /** Compensation per side of the first pair, and the step from pair to pair. */
  comb: z.strictObject({
    from: z.number().min(0).max(0.5),
    step: z.number().min(0.005).max(0.1),
    count: z.number().int().min(2).max(15),
  }),
  /** Widest slot is as wide as the sheet is thick; each one is narrower by a step. */
  slots: z.strictObject({ step: z.number().min(0.01).max(0.2), count: z.number().int().min(3).max(30) }),
  /** The offcut it is cut from. */
  offcut: z.strictObject({ width: z.number().min(20).max(5000), height: z.number().min(20).max(5000) }),
  /** Readings in the order of the method; null where one is still to be taken. */
  readings: z.array(z.number().min(0).max(1000).nullable()).max(100),
  /** Pair that felt best, or narrowest slot entered: its number from 0. */
  best: z.number().int().min(0).max(30).nullable(),
})
export type Trial = z.infer<typeof trialSchema>

export const newTrial = (method: TestMethod): Trial => ({
  method,
  squares: { side: 25, count: 5 },
  strip: { length: 100, lines: 10 },
  comb: { from: 0.04, step: 0.01, count: 8 },
  slots: { step: 0.03, count: 12 },
  offcut: { width: 220, height: 160 },
  readings: [],
  best: null,
})

/** What is asked for at the bench, one after another. */
export function readingPrompts({ method, squares }: Trial): string[] {
  if (method === 'squares')
    return Array.from({ length: squares.count }, (_, i) => [
      `square ${i + 1}, across`,
      `square ${i + 1}, along`,
    ]).flat()
  if (method === 'strip')
    return ['the gap, pieces pushed together', 'the gap again, pushed anew', 'the gap a third time']
  return []
}

const round = (value: number): number => Math.round(value * 10000) / 10000

/** Compensation per side of each comb pair, mm. */
export const combSteps = ({ comb: { from, step, count } }: Trial): number[] =>
  Array.from({ length: count }, (_, i) => round(from + i * step))

/** What each comb pair is called, on the piece and on the screen: its compensation in hundredths of a millimetre, `7` for 0.07. */
export const combNames = (trial: Trial): string[] =>
  combSteps(trial).map((step) => String(Number((step * 100).toFixed(1))))

/** Drawn width of each slot of the gauge, narrowest first, mm. */
export const slotWidths = ({ slots: { step, count } }: Trial, thickness: number): number[] =>
  Array.from({ length: count }, (_, i) => round(thickness - (count - 1 - i) * step))

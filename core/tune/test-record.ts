import { z } from 'zod'
import { IN_METRIC, parseSpeed, short, type Say } from '../length'
import { familySchema, thicknessSchema } from '../stock'

export const TEST_RESULTS = ['not through', 'just through', 'clean', 'charred'] as const
export type TestResult = (typeof TEST_RESULTS)[number]

/** How a cut is made: mm/s, per cent, passes, air. */
export const settingSchema = z.strictObject({
  speed: z.number().min(0.1).max(5000),
  power: z.number().min(1).max(100),
  passes: z.number().int().min(1).max(20),
  air: z.boolean(),
})
export type Setting = z.infer<typeof settingSchema>

/** A setting in words, `12 mm/s, 65 %, 1 pass`; records keep it in metric. */
export const settingWords = ({ speed, power, passes }: Setting, say: Say = IN_METRIC): string =>
  `${say.speed(speed)}, ${short(power)} %, ${passes} ${passes === 1 ? 'pass' : 'passes'}`

/**
 * Whether words such as `settingWords` makes name another setting; what they leave out is not held against
 * it.
 */
export function namesOtherSetting(words: string, { speed, power, passes }: Setting): boolean {
  const differs = (said: number, now: number): boolean => Math.abs(said - now) > 0.005 * now
  const spoken = /\d+(?:[.,]\d+)?\s*(?:mm\/s|mm\/min|in\/min)/.exec(words)
  const parsed = spoken && parseSpeed(spoken[0])
  if (parsed?.ok && differs(parsed.value, speed)) return true
  const figures: [RegExp, number][] = [
    [/(\d+(?:[.,]\d+)?)\s*%/, power],
    [/(\d+)\s*pass/, passes],
  ]
  return figures.some(([pattern, now]) => {
    const said = pattern.exec(words)
    return said !== null && differs(Number(said[1].replace(',', '.')), now)
  })
}

/** A test cut and what came of it. `thickness` is the stock's when it was made, in mm. */
export const testRecordSchema = z.strictObject({
  id: z.string().min(1).max(60),
  machineId: z.string().min(1).max(60),
  stockId: z.string().min(1).max(60),
  family: familySchema,
  thickness: thicknessSchema,
  setting: settingSchema,
  result: z.enum(TEST_RESULTS),
  /** When it was made, a date; empty where nobody knows. */
  on: z.string().max(40),
})
export type TestRecord = z.infer<typeof testRecordSchema>

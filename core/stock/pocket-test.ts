import { z } from 'zod'

/** A pocket that was burnt into a stock: with what, and how deep it came out. In mm and mm/s. */
export const pocketTestSchema = z.strictObject({
  id: z.string().min(1).max(60),
  machineId: z.string().max(60),
  watts: z.number().min(0.1).max(5000),
  speed: z.number().min(0.1).max(5000),
  power: z.number().min(1).max(100),
  passes: z.number().int().min(1).max(20),
  depth: z.number().min(0.01).max(50),
  on: z.string().max(40),
})
export type PocketTest = z.infer<typeof pocketTestSchema>

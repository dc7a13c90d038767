import { z } from 'zod'

export const MOST_WALLS = 12
export const MOST_PARTITIONS = 6
/** Where a divider stands on a wall: which one, and how far along it, as a share. */
const end = z.strictObject({
  wall: z.number().int().min(1).max(MOST_WALLS),
  share: z.number().min(0.05).max(0.95),
})
/** A divider that stands upright from one wall to another. */
export const partitionSchema = z.strictObject({ from: end, to: end })
export type Partition = z.infer<typeof partitionSchema>

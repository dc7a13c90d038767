import { z } from 'zod'
import { settingSchema } from './test-record'

/** Operations that a maker may have beside ours. */
export const MOST_OWN = 6

/** An operation of the maker's own: what engravings may be done by. In the order in which they are cut. */
export const ownOperationSchema = z.strictObject({
  id: z.string().min(1).max(60),
  /** As the layer is called in files. */
  name: z.string().min(1).max(40),
  colour: z.string().regex(/^#[0-9a-f]{6}$/),
  /** Whether areas are filled with rows, or followed round. */
  how: z.enum(['fill', 'follow']),
  setting: settingSchema,
})
export type OwnOperation = z.infer<typeof ownOperationSchema>

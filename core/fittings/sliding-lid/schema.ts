import { z } from 'zod'

/** Lengths in mm. */
export const slidingLidSchema = z.strictObject({
  type: z.literal('lid-slide'),
  /** How far its outside face lies below the walls' upper edge. */
  lowered: z.number().min(0).max(500),
  /** How far it reaches into the walls. */
  depth: z.number().min(0.1).max(50),
  /**
   * Added to the thickest reading for the grooves that it slides in, and left beyond its sides.
   * [FM: 0.2 to 0.4 per side slides]
   */
  play: z.number().min(0).max(5),
  /** Diameter of the hole or of the notch in its front edge that it is drawn out by; 0 is none. */
  pull: z.number().min(0).max(200),
  grip: z.enum(['hole', 'notch']),
  /** Whether it runs between glued strips, not in grooves. */
  rails: z.boolean(),
  /** Whether a strip under it keeps it from being drawn out altogether. */
  captive: z.boolean(),
})
export type SlidingLid = z.infer<typeof slidingLidSchema>

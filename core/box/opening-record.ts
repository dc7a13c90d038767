import { z } from 'zod'
import { placeFields } from '../art'
import { FACE_PANELS } from '../fittings'

const length = z.number().min(0.5).max(2000)
const gap = z.number().min(0.3).max(500)

/** Shapes that a panel is opened by. Lengths in mm. */
export const openingShapeSchema = z.discriminatedUnion('kind', [
  z.strictObject({ kind: z.literal('round'), diameter: length }),
  z.strictObject({
    kind: z.literal('rectangle'),
    width: length,
    height: length,
    /** Of its corners. */
    radius: z.number().min(0).max(1000),
  }),
  z.strictObject({ kind: z.literal('slot'), length, width: length }),
  /** A regular polygon; across its corners. */
  z.strictObject({ kind: z.literal('polygon'), sides: z.number().int().min(3).max(24), across: length }),
  /** To hang by: a hole for the screw's head, and a slot above it for its neck. */
  z.strictObject({ kind: z.literal('keyhole'), head: length, neck: length, rise: length }),
  /** A field of small holes: in rows, upright slots, or six-sided ones. */
  z.strictObject({
    kind: z.literal('vents'),
    pattern: z.enum(['holes', 'slots', 'honeycomb']),
    width: length,
    height: length,
    size: length,
    /** Wood between two of them. */
    web: gap,
  }),
  /** A window that ends round above, as high in all. */
  z.strictObject({ kind: z.literal('arch'), width: length, height: length }),
  /** A half-round taken out of an edge, as deep as said: anchored on that edge, it hangs from there. */
  z.strictObject({ kind: z.literal('scoop'), width: length, depth: length }),
  /** Letters that are cut out, what is inside of them held by bridges. */
  z.strictObject({
    kind: z.literal('letters'),
    text: z.string().min(1).max(60),
    height: z.number().min(5).max(500),
    bridge: z.number().min(0.5).max(20),
  }),
])
export type OpeningShape = z.infer<typeof openingShapeSchema>
export const OPENING_KINDS = [
  'round',
  'rectangle',
  'slot',
  'polygon',
  'arch',
  'scoop',
  'keyhole',
  'vents',
  'letters',
] as const

/** How an opening is repeated: the middle of all is where one would be. */
export const repeatSchema = z.discriminatedUnion('kind', [
  /** So many beside and above each other, so far apart. */
  z.strictObject({
    kind: z.literal('grid'),
    columns: z.number().int().min(1).max(40),
    rows: z.number().int().min(1).max(40),
    apart: z.number().min(0).max(2000),
  }),
  /** So many round a circle, the first of them above its middle; each turned with its place, or none. */
  z.strictObject({
    kind: z.literal('circle'),
    count: z.number().int().min(1).max(120),
    radius: z.number().min(0).max(1000),
    turned: z.boolean(),
  }),
])
export type Repeat = z.infer<typeof repeatSchema>

/** An opening, placed by numbers on the outside of a panel: it keeps its place when the box changes size. */
export const openingSchema = z.strictObject({
  id: z.string().min(1).max(60),
  panel: z.enum(FACE_PANELS),
  shape: openingShapeSchema,
  ...placeFields,
  repeat: repeatSchema,
})
export type Opening = z.infer<typeof openingSchema>

/** Openings that a box may have, and single holes that they may come to. */
export const MOST_OPENINGS = 40
export const MOST_HOLES = 1500

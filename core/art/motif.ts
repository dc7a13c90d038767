import { z } from 'zod'

/** What is done along the lines of one group of a drawing. */
export const GROUP_USES = ['engrave', 'score', 'cut', 'leave out'] as const
export type GroupUse = (typeof GROUP_USES)[number]

/** Points that one drawing may have, and drawings that a box may keep. */
export const MOST_POINTS = 40_000
export const MOST_DRAWINGS = 6

const place = z.number().min(-20_000).max(20_000)

/** Artwork that was read in: mm, y up, from its own lower left corner. */
export const drawingSchema = z.strictObject({
  id: z.string().min(1).max(60),
  name: z.string().min(1).max(80),
  width: z.number().min(0.01).max(20_000),
  height: z.number().min(0).max(20_000),
  groups: z
    .array(
      z.strictObject({
        name: z.string().max(80),
        use: z.enum(GROUP_USES),
        /** x and y by turns. */
        lines: z
          .array(
            z.strictObject({
              closed: z.boolean(),
              at: z
                .array(place)
                .min(4)
                .max(2 * MOST_POINTS),
            }),
          )
          .max(MOST_POINTS),
      }),
    )
    .max(40),
})
export type Drawing = z.infer<typeof drawingSchema>

/** What is put on a face. Lengths in mm. */
export const motifSchema = z.discriminatedUnion('kind', [
  z.strictObject({
    kind: z.literal('text'),
    text: z.string().min(1).max(120),
    /** Of its capitals. */
    height: z.number().min(1.5).max(300),
    letters: z.enum(['single lines', 'filled']),
  }),
  z.strictObject({
    kind: z.literal('ruler'),
    long: z.number().min(5).max(3000),
    high: z.number().min(2).max(60),
    unit: z.enum(['mm', 'in']),
  }),
  z.strictObject({
    kind: z.literal('code'),
    text: z.string().min(1).max(300),
    size: z.number().min(8).max(300),
  }),
  z.strictObject({
    kind: z.literal('drawing'),
    drawing: z.string().min(1).max(60),
    width: z.number().min(1).max(3000),
  }),
  z.strictObject({ kind: z.literal('round'), diameter: z.number().min(1).max(1000) }),
  z.strictObject({
    kind: z.literal('rectangle'),
    width: z.number().min(1).max(3000),
    height: z.number().min(1).max(3000),
    radius: z.number().min(0).max(1000),
  }),
  /** A picture as dots: by error diffusion, or black where it is darker than a level of 0 to 255. */
  z.strictObject({
    kind: z.literal('picture'),
    picture: z.string().min(1).max(60),
    width: z.number().min(2).max(1000),
    /** From row to row and from dot to dot. */
    dots: z.number().min(0.05).max(2),
    way: z.enum(['diffused', 'threshold']),
    level: z.number().int().min(1).max(254),
  }),
])
export type Motif = z.infer<typeof motifSchema>
export const MOTIF_KINDS = ['text', 'ruler', 'code', 'round', 'rectangle', 'drawing', 'picture'] as const

/** Words that a text may have in braces, and what they stand for now. */
export type Words = Record<'job' | 'revision', string>

import { z } from 'zod'
import { pictureRecord as words } from './words'

/** Points that a kept picture may have, pictures that a box may keep, and dots that one may come to. */
export const MOST_PIXELS = 160_000
export const MOST_PICTURES = 3
export const MOST_DOTS = 200_000

/** A picture that was read in, as greys from black (0) to white (255), from its upper left corner. */
export const pictureSchema = z
  .strictObject({
    id: z.string().min(1).max(60),
    name: z.string().min(1).max(80),
    columns: z.number().int().min(2).max(2000),
    rows: z.number().int().min(2).max(2000),
    /** A byte for each point, in base 64. */
    grey: z.base64().max(Math.ceil(MOST_PIXELS / 3) * 4),
  })
  .refine(({ columns, rows, grey }) => Math.ceil((columns * rows) / 3) * 4 === grey.length, {
    message: words.differentNumberPoints,
    path: ['grey'],
  })
export type Picture = z.infer<typeof pictureSchema>

import { z } from 'zod'
import { follow as words } from './words'

/** Fields of a box that may follow other figures. */
export const FOLLOWING = [
  'width',
  'depth',
  'height',
  'set-in',
  'raised',
  'lowered',
  'arch',
  'scoop',
  'columns-height',
  'rows-height',
] as const
export type Following = (typeof FOLLOWING)[number]

/** A sum over named figures, as it was typed, and what bare figures in it count. */
const sumSchema = { text: z.string().min(1).max(120), unit: z.enum(['mm', 'in']) }

/** A figure that the maker named. */
export const namedFigureSchema = z.strictObject({
  name: z.string().regex(/^[a-z][a-z0-9]{0,23}$/, words.wordSmallLetters),
  ...sumSchema,
})

/** A field of one of the things that follows a sum. */
export const followSchema = z.strictObject({
  thing: z.string().regex(/^[a-z]{1,2}$/),
  field: z.enum(FOLLOWING),
  ...sumSchema,
})
export type Follow = z.infer<typeof followSchema>

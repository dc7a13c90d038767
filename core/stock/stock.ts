import { z } from 'zod'
import { bendTestSchema } from '../bend'
import { offcutSchema } from './offcut'
import { pocketTestSchema } from './pocket-test'
import { stock as words } from './words'

export const familySchema = z.enum(['plywood', 'fibreboard', 'solid wood', 'acrylic', 'card', 'other'])
export type Family = z.infer<typeof familySchema>

/**
 * What a family of sheet material brings with it: whether it crushes in a joint, and what to beware of. [CP]
 */
export const FAMILIES: Record<Family, { crushes: 'a little' | 'never' | 'easily'; cautions: string[] }> = {
  plywood: {
    crushes: 'a little',
    cautions: [words.glueLinesKnots],
  },
  fibreboard: {
    crushes: 'a little',
    cautions: [words.fumesFineDust, words.thickBoardHolds],
  },
  'solid wood': {
    crushes: 'a little',
    cautions: [words.resinKnotsFlare],
  },
  acrylic: {
    crushes: 'never',
    cautions: [words.vapourBurnsAir],
  },
  card: {
    crushes: 'easily',
    cautions: [words.cardCatchesFire],
  },
  other: {
    crushes: 'never',
    cautions: [words.notKnownHere],
  },
}

/** Shear modulus across the sheet, N/mm²: what a link resists its twist with. [FM] */
export const SHEAR_MODULUS: Record<Family, number> = {
  plywood: 600,
  fibreboard: 1000,
  'solid wood': 700,
  acrylic: 1100,
  card: 200,
  other: 600,
}

const side = z.number().min(10).max(5000)

/** Thickness of a sheet, mm: from paper to the thickest board. */
export const thicknessSchema = z.number().min(0.05).max(50)

/** A thickness reading, mm, film off: where on the sheet, and when. */
const readingSchema = z.strictObject({
  value: thicknessSchema,
  spot: z.string().max(40),
  on: z.string().max(40),
})
export type Reading = z.infer<typeof readingSchema>

/** Readings that one batch keeps. */
export const MOST_READINGS = 200

/**
 * One batch of sheet material. Lengths in mm; `nominal` is only its name, `readings` are what was measured.
 */
export const stockSchema = z.strictObject({
  id: z.string().min(1).max(60),
  name: z.string().min(1).max(80),
  /** Which delivery: another one of the same name is another stock, with its own readings. */
  batch: z.string().max(80),
  family: familySchema,
  nominal: thicknessSchema,
  readings: z.array(readingSchema).max(MOST_READINGS),
  sheetWidth: side,
  sheetHeight: side,
  sheetsAtHand: z.number().int().min(0).max(999),
  offcuts: z.array(offcutSchema).max(100),
  pricePerSheet: z.number().min(0).max(100000),
  /** Whether the face grain runs along the sheet's width or its height. */
  grain: z.enum(['none', 'width', 'height']),
  /** Bends that were tried in it. */
  bends: z.array(bendTestSchema).max(200),
  /** Test pockets that were burnt in it. */
  pockets: z.array(pocketTestSchema).max(200),
  notes: z.string().max(2000),
})
export type Stock = z.infer<typeof stockSchema>

/** An ordinary sheet that nothing is known of yet. */
export const newStock = (id: string, name: string): Stock => ({
  id,
  name,
  batch: '',
  family: 'plywood',
  nominal: 3,
  readings: [],
  sheetWidth: 600,
  sheetHeight: 400,
  sheetsAtHand: 1,
  offcuts: [],
  pricePerSheet: 0,
  grain: 'none',
  bends: [],
  pockets: [],
  notes: '',
})

/** The next delivery of a stock: the same in everything but what was measured and what is there. */
export const newBatch = (stock: Stock, id: string, batch: string): Stock => ({
  ...stock,
  id,
  batch,
  readings: [],
  offcuts: [],
  bends: [],
  pockets: [],
  sheetsAtHand: 1,
  notes: '',
})

/** Name and batch as one line. */
export const stockTitle = ({ name, batch }: Pick<Stock, 'name' | 'batch'>): string =>
  batch ? `${name}, ${batch}` : name

import { z } from 'zod'

const money = z.number().min(0).max(100_000)
const minutes = z.number().min(0).max(600)

/** Something bought for each box: pins, magnets, felt, a bag to post it in. */
export const extraSchema = z.strictObject({
  what: z.string().min(1).max(60),
  /** How many for one box, and what one costs. */
  count: z.number().min(0).max(1000),
  each: money,
})
export type Extra = z.infer<typeof extraSchema>

/** Lines of what is bought for each box. */
export const MOST_EXTRAS = 20

/** Boxes that one price is asked for. */
const MOST_BOXES = 1000

/** What a maker reckons with: hourly rates, minutes that nothing else says, and what goes on top. */
export const priceTermsSchema = z.strictObject({
  /** As it is written after a figure. */
  currency: z.string().trim().min(1).max(6),
  /** An hour of the maker, and of the machine with its power, tube and filter. */
  hour: money,
  machineHour: money,
  /** A kilogram of glue. */
  glue: money,
  /** Minutes once for the whole order: measuring, files, first test. */
  setUp: minutes,
  /** Minutes for each sheet: on the bed, focused, out again. */
  perSheet: minutes,
  /** Minutes for each box once it is glued: sanding, oil, packing. */
  finishing: minutes,
  extras: z.array(extraSchema).max(MOST_EXTRAS),
  /** What a piece left over counts for, as a share of what it cost. */
  rest: z.number().min(0).max(1),
  /** What goes on top, as a share of the cost. */
  margin: z.number().min(0).max(5),
  boxes: z.number().int().min(1).max(MOST_BOXES),
  /** Who asks, who offers, and for how many days it holds. */
  customer: z.string().max(120),
  seller: z.string().max(120),
  days: z.number().int().min(0).max(365),
  note: z.string().max(400),
})
export type PriceTerms = z.infer<typeof priceTermsSchema>

/**
 * Before anybody said what they reckon with: rates are left at nothing, for they are nobody's but the
 * maker's; minutes and shares are a start. [FM]
 */
export const NO_TERMS: PriceTerms = {
  currency: '€',
  hour: 0,
  machineHour: 0,
  glue: 0,
  setUp: 15,
  perSheet: 3,
  finishing: 10,
  extras: [],
  rest: 0.5,
  margin: 0,
  boxes: 1,
  customer: '',
  seller: '',
  days: 30,
  note: '',
}

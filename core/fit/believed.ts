import { z } from 'zod'
import { NORMAL_95, normalBelow, solveRising } from '../statistics'

const shift = z.number().min(-5).max(5)
const variance = z.number().min(0).max(25)

/** Cases that are kept apart in what is believed. */
export const MOST_CASES = 24

/**
 * What is believed of how tabs fit, as it was when a job took it over: cases, each with how likely it is. By
 * how much the kerf is off its record and where the maker's own snug lies, mm, with their variances, how much
 * they hang together, and how much one joint of one copy differs from the next.
 */
export const fitBeliefSchema = z.strictObject({
  /** The kerf record that it is about; null where the kerf is assumed. */
  kerfId: z.string().max(60).nullable(),
  /** How often something was measured or said of it, beside the kerf record. */
  count: z.number().int().min(0).max(100_000),
  /** By how much its deviations are widened, or narrowed, by what came of earlier promises. */
  scale: z.number().min(0.1).max(10),
  /**
   * What words and plays of slots say of the sheet: by how much its mean is off the one that was read, and
   * the deviation of that, mm; null while no slot said anything of it.
   */
  thickness: z
    .strictObject({ from: z.number().min(0).max(100), shift, sd: z.number().min(0).max(5) })
    .nullable(),
  cases: z
    .array(
      z.strictObject({
        weight: z.number().min(0).max(1),
        kerf: shift,
        taste: shift,
        kerfVariance: variance,
        tasteVariance: variance,
        together: shift,
        apart: variance,
      }),
    )
    .min(1)
    .max(MOST_CASES),
})
export type FitBelief = z.infer<typeof fitBeliefSchema>
type FitCase = FitBelief['cases'][number]

/** A figure that is one of several normal ones, each so likely. */
export type Figure = readonly { weight: number; mean: number; sd: number }[]

export const meanOf = (figure: Figure): number =>
  figure.reduce((sum, { weight, mean }) => sum + weight * mean, 0)

export function sdOf(figure: Figure): number {
  const middle = meanOf(figure)
  return Math.sqrt(
    figure.reduce((sum, { weight, mean, sd }) => sum + weight * ((mean - middle) ** 2 + sd * sd), 0),
  )
}

/** Odds that a figure is below a value. */
export const belowOf = (figure: Figure, value: number): number =>
  figure.reduce(
    (sum, { weight, mean, sd }) =>
      sum + weight * (sd > 0 ? normalBelow((value - mean) / sd) : value >= mean ? 1 : 0),
    0,
  )

/** Half of the interval about its mean that holds a figure in 95 of 100. */
export function half95(figure: Figure): number {
  const middle = meanOf(figure)
  const most = Math.max(...figure.map(({ mean, sd }) => Math.abs(mean - middle) + 3 * NORMAL_95 * sd))
  if (most === 0) return 0
  return solveRising((half) => belowOf(figure, middle + half) - belowOf(figure, middle - half), 0.95, 0, most)
}

const figureBy = ({ cases }: FitBelief, each: (one: FitCase) => { mean: number; variance: number }): Figure =>
  cases.map((one) => {
    const { mean, variance } = each(one)
    return { weight: one.weight, mean, sd: Math.sqrt(Math.max(0, variance)) }
  })

/** By how much the kerf of any one joint is off its record, mm. */
export const kerfFigure = (belief: FitBelief): Figure =>
  figureBy(belief, ({ kerf, kerfVariance, apart }) => ({ mean: kerf, variance: kerfVariance + apart }))

/** By how much the kerf is believed to be off its record, mm: compensation follows it. */
export const kerfShift = ({ cases }: FitBelief): number =>
  cases.reduce((sum, { weight, kerf }) => sum + weight * kerf, 0)

/**
 * The gap of a joint as it feels, mm, from what it is drawn as.
 * @param share of the kerf's error that reaches it @param more variance of its own, mm²
 */
export const feltFigure = (belief: FitBelief, gap: number, share = 1, more = 0): Figure =>
  figureBy(belief, ({ kerf, taste, kerfVariance, tasteVariance, together, apart }) => ({
    mean: gap + share * kerf + taste,
    variance: share ** 2 * kerfVariance + tasteVariance + 2 * share * together + share ** 2 * apart + more,
  }))

/** By how much a joint feels looser than it was reckoned, mm. */
export const feltOf = (belief: FitBelief): Figure => feltFigure(belief, 0)

/** A maker's own snug, apart from kerf: interference per glue line, mm, and its deviation. */
export interface Taste {
  offset: number
  sd: number
}
export function tasteOf(belief: FitBelief): Taste {
  const figure = figureBy(belief, ({ taste, tasteVariance }) => ({ mean: taste, variance: tasteVariance }))
  return { offset: meanOf(figure), sd: sdOf(figure) }
}

/** The same belief about a kerf that is already moved to where it is believed to be. */
export function centred(belief: FitBelief): FitBelief {
  const moved = kerfShift(belief)
  return { ...belief, cases: belief.cases.map((each) => ({ ...each, kerf: each.kerf - moved })) }
}

/** A belief that is one case: a kerf's deviation alone, and a snug. */
export const plainBelief = (kerfSd: number, { offset, sd }: Taste, apart = 0): FitBelief => ({
  kerfId: null,
  count: 0,
  scale: 1,
  thickness: null,
  cases: [
    {
      weight: 1,
      kerf: 0,
      taste: offset,
      kerfVariance: kerfSd ** 2,
      tasteVariance: sd ** 2,
      together: 0,
      apart: apart ** 2,
    },
  ],
})

/** A belief whose doubts about kerf and joints are so many times as wide; the snug is left as it was said. */
export const widenedBy = (belief: FitBelief, scale: number): FitBelief => ({
  ...belief,
  scale: belief.scale * scale,
  cases: belief.cases.map((each) => ({
    ...each,
    kerfVariance: Math.min(25, each.kerfVariance * scale ** 2),
    together: Math.max(-5, Math.min(5, each.together * scale)),
    apart: Math.min(25, each.apart * scale ** 2),
  })),
})

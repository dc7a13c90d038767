import { normalBelow } from '../statistics'

const { exp, PI, sqrt } = Math

/** One case of what may be true: figures that are normal together, and how likely the case is. */
export interface Case {
  weight: number
  mean: Float64Array
  /** Covariance, row by row. */
  spread: Float64Array
}

/** A sum of figures, by their places, each so many times. */
export type Sum = readonly (readonly [place: number, times: number])[]

/** A deviation that is one of several, each so likely. */
export type Spread = readonly { sd: number; weight: number }[]

const density = (z: number): number => exp((-z * z) / 2) / sqrt(2 * PI)

/** What one way of reading an observation says of a sum: how likely it was, and how mean and spread move. */
interface Told {
  likely: number
  /** Mean and variance of the sum move by these many of its own covariances. */
  mean: number
  variance: number
}

/** A case of independent figures. */
export function caseOf(sds: number[], weight: number): Case {
  const spread = new Float64Array(sds.length ** 2)
  for (const [i, sd] of sds.entries()) spread[i * sds.length + i] = sd * sd
  return { weight, mean: new Float64Array(sds.length), spread }
}

/** Mean and variance of a sum. */
export function momentsOf({ mean, spread }: Case, sum: Sum): { mean: number; variance: number } {
  const n = mean.length
  let middle = 0
  let variance = 0
  for (const term of sum) {
    const row = term[0] * n
    middle += term[1] * mean[term[0]]
    for (const other of sum) variance += term[1] * other[1] * spread[row + other[0]]
  }
  return { mean: middle, variance }
}

/**
 * Takes an observation in. Where it can be read in several ways, each way is followed and they are put
 * together again by their mean and spread. [PUB: Kalman 1960 for one way; Minka, Expectation Propagation for
 * Approximate Bayesian Inference, 2001, for putting together: assumed-density filtering]
 */
function moved(each: Case, sum: Sum, ways: Told[]): Case {
  const { mean, spread } = each
  const n = mean.length
  const along = new Float64Array(n)
  for (const term of sum) for (let i = 0, at = term[0]; i < n; i++, at += n) along[i] += term[1] * spread[at]
  const likely = ways.reduce((total, way) => total + way.likely, 0)
  if (!(likely > 0)) return { ...each, weight: 0 }
  let [by, square, less] = [0, 0, 0]
  for (const way of ways) {
    const weight = way.likely / likely
    by += weight * way.mean
    square += weight * way.mean ** 2
    less += weight * way.variance
  }
  const shrink = less - (square - by * by)
  const next = { weight: each.weight * likely, mean: mean.slice(), spread: spread.slice() }
  const moves = next.spread
  for (let i = 0, at = 0; i < n; i++) {
    next.mean[i] += along[i] * by
    if (along[i] === 0) at += n
    else for (let j = 0; j < n; j++, at++) moves[at] -= along[i] * along[j] * shrink
  }
  return next
}

/** Cases that still matter. Their weights are not made up to 1: what they fell to says how likely it was. */
function weighty(cases: Case[]): Case[] {
  const most = cases.reduce((best, { weight }) => Math.max(best, weight), 0)
  return cases.filter(({ weight }) => weight > 1e-8 * most)
}

/** A sum was read as a figure. */
export function readAs(cases: Case[], sum: Sum, value: number, noise: Spread): Case[] {
  return weighty(
    cases.map((each) => {
      const { mean, variance } = momentsOf(each, sum)
      const off = value - mean
      return moved(
        each,
        sum,
        noise.map(({ sd, weight }) => {
          const all = variance + sd * sd
          return {
            likely: (weight * density(off / sqrt(all))) / sqrt(all),
            mean: off / all,
            variance: 1 / all,
          }
        }),
      )
    }),
  )
}

/**
 * A sum was said to lie between two figures, either of which may be endless.
 * @param soft how far from them it may be all the same @param slip odds that it says nothing
 */
export function saidWithin(
  cases: Case[],
  sum: Sum,
  from: number,
  to: number,
  soft: Spread,
  slip: number,
): Case[] {
  return weighty(
    cases.map((each) => {
      const { mean, variance } = momentsOf(each, sum)
      const ways = soft.map(({ sd, weight }): Told => {
        const all = sqrt(variance + sd * sd)
        const [a, b] = [(from - mean) / all, (to - mean) / all]
        const within = normalBelow(b) - normalBelow(a)
        if (within < 1e-300) return { likely: 0, mean: 0, variance: 0 }
        const [da, db] = [density(a), density(b)]
        const shift = (da - db) / within
        const [ea, eb] = [Number.isFinite(a) ? a * da : 0, Number.isFinite(b) ? b * db : 0]
        const left = 1 + (ea - eb) / within - shift * shift
        return { likely: (1 - slip) * weight * within, mean: shift / all, variance: (1 - left) / (all * all) }
      })
      return moved(each, sum, [...ways, { likely: slip, mean: 0, variance: 0 }])
    }),
  )
}

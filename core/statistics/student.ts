import { solveRising } from './normal'

/**
 * Logarithm of the gamma function, Lanczos' approximation (g = 7, nine coefficients). From memory; checked
 * against a library in the tests.
 */
function logGamma(x: number): number {
  const coefficients = [
    676.5203681218851, -1259.1392167224028, 771.32342877765313, -176.61502916214059, 12.507343278686905,
    -0.13857109526572012, 9.9843695780195716e-6, 1.5056327351493116e-7,
  ]
  const shifted = x - 1
  const sum = coefficients.reduce(
    (total, coefficient, i) => total + coefficient / (shifted + i + 1),
    0.99999999999980993,
  )
  const t = shifted + 7.5
  return 0.5 * Math.log(2 * Math.PI) + (shifted + 0.5) * Math.log(t) - t + Math.log(sum)
}

/**
 * Regularised incomplete beta function by its continued fraction, evaluated from the front (Lentz). [PUB:
 * Abramowitz & Stegun 26.5.8]
 */
function incompleteBeta(x: number, a: number, b: number): number {
  if (x <= 0) return 0
  if (x >= 1) return 1
  if (x > (a + 1) / (a + b + 2)) return 1 - incompleteBeta(1 - x, b, a)
  const front =
    Math.exp(logGamma(a + b) - logGamma(a) - logGamma(b) + a * Math.log(x) + b * Math.log(1 - x)) / a
  const tiny = 1e-300
  let [c, d] = [1, 1 - ((a + b) * x) / (a + 1)]
  d = 1 / (Math.abs(d) < tiny ? tiny : d)
  let fraction = d
  for (let m = 1; m <= 200; m++) {
    for (const step of [
      (m * (b - m) * x) / ((a + 2 * m - 1) * (a + 2 * m)),
      (-(a + m) * (a + b + m) * x) / ((a + 2 * m) * (a + 2 * m + 1)),
    ]) {
      d = 1 + step * d
      d = 1 / (Math.abs(d) < tiny ? tiny : d)
      c = 1 + step / c
      c = Math.abs(c) < tiny ? tiny : c
      fraction *= d * c
    }
    if (Math.abs(d * c - 1) < 1e-14) break
  }
  return front * fraction
}

/** Student's t distribution function. @param freedom degrees of freedom, above 0 */
export function studentBelow(t: number, freedom: number): number {
  const tail = incompleteBeta(freedom / (freedom + t * t), freedom / 2, 0.5) / 2
  return t > 0 ? 1 - tail : tail
}

/**
 * The value that Student's t stays below with probability `p`. @param p 0.5 to 1 @param freedom degrees of
 * freedom, above 0
 */
export function studentQuantile(p: number, freedom: number): number {
  const key = `${p} ${freedom}`
  const known = quantiles.get(key)
  if (known !== undefined) return known
  const quantile = solveRising((t) => studentBelow(t, freedom), p, 0, 1e4)
  quantiles.set(key, quantile)
  return quantile
}

/** The same few are asked for again and again: one per number of readings. */
const quantiles = new Map<string, number>()

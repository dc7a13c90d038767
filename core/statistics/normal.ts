const { abs, exp, PI, sqrt } = Math // looked up once: these are called millions of times

/** Half-width of the central 95 % of a normal distribution, in standard deviations. [DEF] */
export const NORMAL_95 = 1.959964

/**
 * Standard normal distribution function. Abramowitz & Stegun, Handbook of Mathematical Functions, 26.2.17
 * (|error| < 7.5e-8). [PUB]
 */
export function normalBelow(z: number): number {
  const t = 1 / (1 + 0.2316419 * abs(z))
  const tail =
    (exp((-z * z) / 2) / sqrt(2 * PI)) *
    t *
    (0.31938153 + t * (-0.356563782 + t * (1.781477937 + t * (-1.821255978 + t * 1.330274429))))
  return z > 0 ? 1 - tail : tail
}

/** Finds where a rising function reaches a value, by halving. @param low @param high bracket the place */
export function solveRising(rising: (x: number) => number, value: number, low: number, high: number): number {
  for (let i = 0; i < 60; i++) {
    const middle = (low + high) / 2
    if (rising(middle) < value) low = middle
    else high = middle
  }
  return (low + high) / 2
}

/** The chance that an even figure over ±`even` and a normal one add up to no more than ±`half`. */
function chanceWithin(half: number, even: number, sd: number): number {
  const pieces = 24 // Simpson's rule over the even part
  let sum = 0
  for (let i = 0; i <= pieces; i++) {
    const u = -even + (2 * even * i) / pieces
    const weight = i === 0 || i === pieces ? 1 : i % 2 === 1 ? 4 : 2
    sum += weight * (normalBelow((half - u) / sd) - normalBelow((-half - u) / sd))
  }
  return sum / (3 * pieces)
}

/** The same few are asked for again and again: one per gauge and sheet. */
const known = new Map<string, number>()
const MOST_KNOWN = 500

/**
 * Half-width of the central 95 % of what is the sum of something even over ±`even` and something normal.
 * A step of a gauge is even, the reading beside it is normal.
 * @param sd standard deviation of the normal part
 */
export function evenPlusNormal95(even: number, sd: number): number {
  if (sd <= 0) return 0.95 * even
  if (even <= 0) return NORMAL_95 * sd
  const key = `${even} ${sd}`
  const before = known.get(key)
  if (before !== undefined) return before
  const half = solveRising((each) => chanceWithin(each, even, sd), 0.95, 0, even + 6 * sd)
  if (known.size >= MOST_KNOWN) known.clear()
  known.set(key, half)
  return half
}

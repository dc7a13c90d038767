import { sumOf } from './summary'

/** As many promises that came as often as they should are behind a record from the first. [FM] */
const BEHIND = 8
/** A record never widens or narrows by more than that. [FM] */
const MOST = 3
const LEAST = 0.7

/**
 * By how much stated deviations are to be widened, from how far off they were: the square root of the mean
 * square of what came over what was expected of it, with a few promises behind it that were right.
 * [PUB: Gelman et al., Bayesian Data Analysis, 2.6: a variance with its inverse-χ² prior]
 * @param came squared deviations, each in its own stated ones @param expected what they come to when right
 */
export function widthScale(came: number[], expected: number[] = came.map(() => 1)): number {
  return Math.max(LEAST, Math.min(MOST, Math.sqrt((BEHIND + sumOf(came)) / (BEHIND + sumOf(expected)))))
}

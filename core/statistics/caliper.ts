import { NORMAL_95 } from './normal'
import { standardNormal } from './random'

const { max, sqrt } = Math

/**
 * Standard deviation of one reading with ordinary calipers, mm: their error of ±0.02 is two of them. [FM]
 */
export const CALIPER_SD = 0.01

/** Calipers show steps of this, mm. [FM] */
const CALIPER_STEP = 0.01

/** Standard deviation of one reading as it is written down, in those steps, mm. [DEF: variances add] */
export const READING_SD = Math.hypot(CALIPER_SD, CALIPER_STEP / sqrt(12))

/**
 * A hand may be steadier than the usual one, and its readings say so by their own spread: the floor reckons
 * with this much of it, so that floor and spread together hold the truth in 95 of 100, and not in 99. Found
 * by simulation (coverage.test.ts).
 */
const STEADY = 0.83

/**
 * The least that half of a 95 % interval can be, mm: readings that agree by chance are not surer than hand
 * and calipers.
 * @param readings that go into the mean
 */
export const caliperFloor = (readings: number): number =>
  max(CALIPER_STEP / 2, (NORMAL_95 * CALIPER_SD * STEADY) / sqrt(readings))

/**
 * Half of a 95 % interval with that floor; the calipers' own error where a single reading has no spread. mm
 */
export const halfWithFloor = (half: number | null, readings: number): number =>
  half === null ? NORMAL_95 * READING_SD : max(half, caliperFloor(readings))

/** Calipers in a hand: the one model of them, for what is reckoned and what is simulated. mm */
export interface Calipers {
  /** What they show at the finest. */
  step: number
  /** Error of one reading, a standard deviation. */
  hand: number
  /** Added to every reading: off zero, or a hand that squeezes. */
  zero: number
}
export const CALIPERS: Calipers = { step: CALIPER_STEP, hand: CALIPER_SD, zero: 0 }

/** What a thing is measured with, and the deviation of one reading, mm. A ruler is for nothing fine. [FM] */
export const INSTRUMENTS = { calipers: READING_SD, micrometer: 0.004, feelers: 0.012, ruler: 0.15 } as const
export type Instrument = keyof typeof INSTRUMENTS
export const INSTRUMENT_NAMES = ['calipers', 'micrometer', 'feelers', 'ruler'] as const

/** What they show of a length, mm. */
export const shownBy = ({ step, hand, zero }: Calipers, length: number, random: () => number): number =>
  Number((Math.round((length + zero + hand * standardNormal(random)) / step) * step).toFixed(6))

import { CALIPER_SD, halfWithFloor, summarise } from '../statistics'
import type { Stock } from './stock'

/** A sheet's thickness as it is known. Lengths in mm. */
export interface Thickness {
  mean: number
  thinnest: number
  thickest: number
  /** Thickest minus thinnest. */
  spread: number
  /** Half of the spread, and no less than calipers can tell: what stands behind ± on the screen. */
  halfSpread: number
  /** Standard deviation from place to place: what a part cut anywhere may meet. */
  sd: number
  /**
   * What a panel cut anywhere may be off the mean, as a standard deviation: a few readings say little of how
   * much a sheet varies, so what sheets usually do counts as well, and the mean itself is in doubt.
   */
  anywhere: number
  /** The two that it is made of, as deviations: from place to place, and of the mean itself. */
  local: number
  meanSd: number
  /** Half of the 95 % interval of the mean; null with fewer than two readings. */
  meanDoubt: number | null
  values: number[]
  readings: number
  measured: boolean
  /** The thinnest and the thickest place when the sheet is uneven; null otherwise. */
  uneven: { thinnest: Stock['readings'][number]; thickest: Stock['readings'][number] } | null
}

/**
 * What is assumed when there is neither a reading nor a name: the commonest sheet in hobby workshops. [CP]
 */
const ASSUMED = 3

/** A sheet whose readings spread more than this is uneven, mm. [CP] */
const UNEVEN = 0.2

/**
 * How far a sheet may be from its label, as a standard deviation, mm: sheets sold as 3 mm are 2.7 to 3.3 mm.
 * [FM]
 */
const LABEL_SD = 0.15

/**
 * One reading says nothing about the rest of the sheet, which is taken to vary this much, as a standard
 * deviation, mm. [FM]
 */
const ONE_SPOT_SD = 0.05

/** Half a step of the calipers: readings that all agree are still only known to that, mm. [DEF] */
const HALF_STEP = 0.005

/**
 * Readings that all agree are still read in steps of 0.01 mm: 0.01 ÷ √12. [DEF: standard deviation of an
 * even spread]
 */
const RESOLVED_SD = CALIPER_SD / Math.sqrt(12)

function unevenness(readings: Stock['readings'], spread: number): Thickness['uneven'] {
  if (spread <= UNEVEN) return null
  const sorted = [...readings].sort((a, b) => a.value - b.value)
  return { thinnest: sorted[0], thickest: sorted[sorted.length - 1] }
}

/**
 * Sheets usually vary this much from place to place, as a standard deviation, mm, and as many readings as
 * that is worth. [FM]
 */
const USUAL = { sd: 0.036, readings: 5 }

/**
 * How far a panel cut anywhere may be off the mean: the readings' own spread, pooled with what is usual, and
 * the mean's doubt on top. [DEF: pooled variance, and that of a new value beside a mean of n]
 */
function spreadAnywhere(
  measured: boolean,
  count: number,
  sd: number,
): Pick<Thickness, 'anywhere' | 'local' | 'meanSd'> {
  if (!measured) {
    return { anywhere: LABEL_SD, local: USUAL.sd, meanSd: Math.sqrt(LABEL_SD ** 2 - USUAL.sd ** 2) }
  }
  if (count === 1) {
    return { anywhere: Math.hypot(ONE_SPOT_SD, USUAL.sd), local: USUAL.sd, meanSd: ONE_SPOT_SD }
  }
  const pooled = ((count - 1) * sd ** 2 + USUAL.readings * USUAL.sd ** 2) / (count - 1 + USUAL.readings)
  return {
    anywhere: Math.sqrt(pooled * (1 + 1 / count)),
    local: Math.sqrt(pooled),
    meanSd: Math.sqrt(pooled / count),
  }
}

/** A thickness that is believed to be another than was read, by so much. @param meanSd deviation left, mm */
export const movedThickness = (thickness: Thickness, shift: number, meanSd: number): Thickness => {
  const moved = (value: number): number => Math.round((value + shift) * 1000) / 1000
  return {
    ...thickness,
    mean: moved(thickness.mean),
    thinnest: moved(thickness.thinnest),
    thickest: moved(thickness.thickest),
    anywhere: Math.hypot(thickness.local, meanSd),
    meanSd,
  }
}

function spreadOfPlaces(measured: boolean, count: number, sd: number): number {
  if (!measured) return LABEL_SD
  return count === 1 ? ONE_SPOT_SD : Math.max(sd, RESOLVED_SD)
}

/**
 * Thickness from the readings of a stock; its nominal where there is none.
 * The mean is rounded to a micrometre, so that every figure derived from it can be written down exactly.
 */
export function thicknessOf(stock: Pick<Stock, 'nominal' | 'readings'> | null): Thickness {
  const readings = stock?.readings ?? []
  const measured = readings.length > 0
  const values = measured ? readings.map(({ value }) => value) : [stock?.nominal ?? ASSUMED]
  const { mean, sd, half } = summarise(values)
  const [thinnest, thickest] = [Math.min(...values), Math.max(...values)]
  const spread = thickest - thinnest
  return {
    mean: Math.round(mean * 1000) / 1000,
    thinnest,
    thickest,
    spread,
    halfSpread: Math.max(spread / 2, HALF_STEP),
    sd: spreadOfPlaces(measured, values.length, sd),
    ...spreadAnywhere(measured, values.length, sd),
    meanDoubt: half === null ? null : halfWithFloor(half, values.length),
    values,
    readings: readings.length,
    measured,
    uneven: unevenness(readings, spread),
  }
}

/**
 * The two figures to use in place of "the" thickness, mm: tabs as long as the mean, slots for the thickest
 * place.
 */
export const advisedNumbers = ({ mean, thickest }: Thickness): { tabLength: number; slotWidth: number } => ({
  tabLength: mean,
  slotWidth: thickest,
})

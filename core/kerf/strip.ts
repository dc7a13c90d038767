import { halfWithFloor, outliers, summarise } from '../statistics'
import type { KerfResult } from './result'
import { strip as words } from './words'

/**
 * Kerf from a strip cut across by `lines` parallel lines, its pieces pushed together: `k = gap ÷ lines`.
 * [FM] The error of the calipers is divided by the lines. With one reading of the gap the interval is the
 * calipers' own.
 * @param gaps readings of the gap, mm, at least one
 * @throws when there is none
 */
export function kerfFromStrip(lines: number, gaps: number[]): KerfResult {
  if (gaps.length === 0) throw new Error(words.kerffromstripMeasureGap)
  const { mean, half } = summarise(gaps)
  return {
    method: 'strip',
    width: mean / lines,
    doubt: halfWithFloor(half, gaps.length) / lines,
    kx: null,
    ky: null,
    odd: outliers(gaps),
    basis: { lines, gap: mean, readings: gaps.length },
  }
}

import { halfWithFloor, outliers, summarise } from '../statistics'
import type { KerfResult } from './result'
import { squares as words } from './words'

/** Readings of squares, mm: one per square in each direction that was read. */
export interface SquareReadings {
  xs: number[]
  ys: number[]
}

/**
 * Kerf from squares of a known drawn side: `kx = a − mean(x)`, `ky = a − mean(y)`, `k` their mean. [DEF]
 * Squares read one way only give that direction's kerf. The interval is Student's t over the squares' own
 * means, so that a beam that is not round does not widen it, and no narrower than hand and calipers allow.
 * @param side drawn side, mm
 * @param readings as many each way, or none in one of them
 * @throws when there are no readings, or not as many each way
 */
export function kerfFromSquares(side: number, { xs, ys }: SquareReadings): KerfResult {
  const ways = [xs, ys].filter((readings) => readings.length > 0)
  if (ways.length === 0 || ways.some(({ length }) => length !== ways[0].length)) {
    throw new Error(words.kerffromsquaresMeasure)
  }
  const each = ways[0].map(
    (_, i) => side - ways.reduce((sum, readings) => sum + readings[i], 0) / ways.length,
  )
  const { mean: width, half, n, sd } = summarise(each)
  const kerfOf = (readings: number[]): number | null =>
    readings.length > 0 ? side - summarise(readings).mean : null
  const marked = (readings: number[], offset: number): number[] =>
    outliers(readings).map((i) => 2 * i + offset)
  return {
    method: 'squares',
    width,
    doubt: half === null ? null : halfWithFloor(half, n * ways.length),
    kx: kerfOf(xs),
    ky: kerfOf(ys),
    odd: [...marked(xs, 0), ...marked(ys, 1)].sort((a, b) => a - b),
    basis: { side, squares: n, ways: ways.length, spread: sd, fromSpread: half },
  }
}

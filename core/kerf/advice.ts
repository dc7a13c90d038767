import { fixed } from '../length'
import { halfWidthFor, NORMAL_95 } from '../statistics'
import { CALIPER_SD } from './methods'
import type { KerfMethod } from './record'

/** What the next measurement would bring, worked out from the error model. Lengths in mm. */
export interface Advice {
  says: string
  doubtAfter: number
  kind: 'enough' | 'more squares' | 'strip' | 'again' | 'first'
}

/** Odds of the wanted word above which measuring again is not worth the time. [FM] */
const ENOUGH = 0.95

/** Readings of the gap that a strip is advised with, and cuts in it. */
const STRIP = { readings: 3, lines: 10 }

/** Most squares that anybody will cut and measure once more. */
const MOST_MORE = 8

/** Half of the 95 % interval that a slit strip would give, expected from the calipers' error. */
export const stripDoubt = (lines = STRIP.lines, readings = STRIP.readings): number =>
  (NORMAL_95 * CALIPER_SD) / Math.sqrt(readings) / lines

/** How many more squares halve the doubt; null when it takes too many. @param sd of the squares' own kerfs, mm */
export function moreSquares(sd: number, n: number): { more: number; doubtAfter: number } | null {
  const now = halfWidthFor(sd, n)
  for (let more = 1; more <= MOST_MORE; more++) {
    const doubtAfter = halfWidthFor(sd, n + more)
    if (doubtAfter <= now / 2) return { more, doubtAfter }
  }
  return null
}

/**
 * What to do next, most useful first.
 * @param doubt half of the kerf's 95 % interval now, mm; null when there is none
 * @param method the kerf was measured by
 * @param squares spread and number of the squares measured so far; null for another method
 * @param odds chance of the wanted word as things stand, and what it would be with a given doubt
 */
export function adviseNext(
  doubt: number | null,
  method: KerfMethod,
  squares: { sd: number; n: number } | null,
  odds: { word: string; now: number; with: (doubt: number) => number },
): Advice[] {
  const percent = (share: number): string => `${Math.round(share * 100)} %`
  if (doubt !== null && odds.now >= ENOUGH)
    return [
      {
        kind: 'enough',
        doubtAfter: doubt,
        says: `Good enough: the fit is ${percent(odds.now)} ${odds.word} already. Another reading would change nothing at the bench.`,
      },
    ]
  const advice: Advice[] = []
  if (doubt === null)
    advice.push({
      kind: 'first',
      doubtAfter: CALIPER_SD * NORMAL_95,
      says: 'One square gives a figure but no interval: measure at least one more.',
    })
  if (squares && squares.n >= 2 && squares.sd > 0) {
    const next = moreSquares(squares.sd, squares.n)
    if (next)
      advice.push({
        kind: 'more squares',
        doubtAfter: next.doubtAfter,
        says: `${next.more === 1 ? 'One more square' : `${next.more} more squares`} would bring the doubt from ${fixed(doubt!, 3)} to about ${fixed(next.doubtAfter, 3)} mm: ${odds.word} ${percent(odds.with(next.doubtAfter))} instead of ${percent(odds.now)}.`,
      })
  }
  const strip = stripDoubt()
  if (method === 'strip' && doubt !== null && strip < 0.6 * doubt) {
    advice.push({
      kind: 'again',
      doubtAfter: strip,
      says: `The readings of the gap differ more than calipers do: push the pieces together anew and read it again. Three that agree would leave about ± ${fixed(strip, 3)} mm: ${odds.word} ${percent(odds.with(strip))} instead of ${percent(odds.now)}.`,
    })
  } else if (method !== 'strip' && (doubt === null || strip < 0.6 * doubt)) {
    advice.push({
      kind: 'strip',
      doubtAfter: strip,
      says: `A slit strip would be better: the calipers’ 0.02 mm is divided by ${STRIP.lines} cuts, which leaves about ± ${fixed(strip, 3)} mm: ${odds.word} ${percent(odds.with(strip))} instead of ${percent(odds.now)}.`,
    })
  }
  return advice.sort((a, b) => a.doubtAfter - b.doubtAfter)
}

import { percent, type Say } from '../length'
import { caliperFloor, halfWithFloor, halfWidthFor } from '../statistics'
import type { KerfMethod } from './record'
import { advice as words } from './words'

/** What the next measurement would bring, worked out from the error model. Lengths in mm. */
export interface Advice {
  says: string
  doubtAfter: number
  kind: 'enough' | 'more squares' | 'strip' | 'again' | 'first'
}

/** Odds of the wanted word above which measuring again is not worth the time. [FM] */
const ENOUGH = 0.95

/** Less than that is not worth a piece cut and read. [FM] */
const GAIN = 0.01

/** Readings of the gap that a strip is advised with, and cuts in it. */
const STRIP = { readings: 3, lines: 10 }

/** Most squares that anybody will cut and measure once more. */
const MOST_MORE = 8

/** Half of the 95 % interval that a slit strip would give, expected from the calipers' error. */
export const stripDoubt = (lines = STRIP.lines, readings = STRIP.readings): number =>
  (readings === 1 ? halfWithFloor(null, 1) : caliperFloor(readings)) / lines

/**
 * How many more squares halve the doubt; null when it takes too many.
 * @param sd of the squares' own kerfs, mm
 * @param ways each square is read
 */
export function moreSquares(sd: number, n: number, ways = 2): { more: number; doubtAfter: number } | null {
  const expected = (count: number): number => Math.max(halfWidthFor(sd, count), caliperFloor(count * ways))
  const now = expected(n)
  for (let more = 1; more <= MOST_MORE; more++) {
    const doubtAfter = expected(n + more)
    if (doubtAfter <= now / 2) return { more, doubtAfter }
  }
  return null
}

/** Chance of the wanted word as things stand, and what it would be with a given doubt. */
export interface WantedOdds {
  word: string
  now: number
  with: (doubt: number) => number
}

function squaresAdvice(
  doubt: number,
  squares: { sd: number; n: number },
  odds: WantedOdds,
  say: Say,
): Advice[] {
  const next = squares.n >= 2 && squares.sd > 0 ? moreSquares(squares.sd, squares.n) : null
  if (!next) return []
  const more = next.more === 1 ? words.moreSquare : `${next.more} more squares`
  return [
    {
      kind: 'more squares',
      doubtAfter: next.doubtAfter,
      says: words.wouldBring(
        more,
        say.finePlain(doubt),
        say.fine(next.doubtAfter),
        odds.word,
        percent(odds.with(next.doubtAfter)),
        percent(odds.now),
      ),
    },
  ]
}

function stripAdvice(doubt: number | null, method: KerfMethod, odds: WantedOdds, say: Say): Advice[] {
  const strip = stripDoubt()
  if (doubt !== null && strip >= 0.6 * doubt) return []
  if (method === 'strip' && doubt === null) return []
  const then = words.aboutInstead(say.fine(strip), odds.word, percent(odds.with(strip)), percent(odds.now))
  const kind = method === 'strip' ? 'again' : 'strip'
  const says =
    kind === 'again'
      ? words.readingsGapDiffer(then)
      : words.slitStripBetter(say.short(0.02, 3), STRIP.lines, then)
  return [{ kind, doubtAfter: strip, says }]
}

/**
 * What to do next, most useful first.
 * @param doubt half of the kerf's 95 % interval now, mm; null when there is none
 * @param method the kerf was measured by
 * @param squares spread and number of the squares measured so far; null for another method
 */
export function adviseNext(
  doubt: number | null,
  method: KerfMethod,
  squares: { sd: number; n: number } | null,
  odds: WantedOdds,
  say: Say,
): Advice[] {
  if (doubt !== null && odds.now >= ENOUGH) {
    const says = words.goodEnoughFit(percent(odds.now), odds.word)
    return [{ kind: 'enough', doubtAfter: doubt, says }]
  }
  const first: Advice = {
    kind: 'first',
    doubtAfter: halfWithFloor(null, 1),
    says: words.squareGivesFigure,
  }
  const advice = [
    ...(doubt === null && method === 'squares' ? [first] : []),
    ...(squares && doubt !== null ? squaresAdvice(doubt, squares, odds, say) : []),
    ...stripAdvice(doubt, method, odds, say),
  ]
  const worth = advice.filter(
    ({ kind, doubtAfter }) => kind === 'first' || odds.with(doubtAfter) > odds.now + GAIN,
  )
  if (worth.length > 0 || doubt === null) return worth.sort((a, b) => a.doubtAfter - b.doubtAfter)
  const says = words.goodEnoughReadings(percent(odds.now), odds.word)
  return [{ kind: 'enough', doubtAfter: doubt, says }]
}

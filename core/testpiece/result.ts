import {
  kerfFromSlots,
  kerfFromSquares,
  kerfFromStrip,
  readComb,
  type CombResult,
  type Kerf,
  type KerfResult,
} from '../kerf'
import type { Taste } from '../fit'
import { summarise } from '../statistics'
import type { Thickness } from '../stock'
import { combSteps, slotWidths, type Trial } from './spec'

/** What a trial says so far; null for what cannot be said yet. */
export interface TrialResult {
  kerf: KerfResult | null
  comb: CombResult | null
  /** Spread and number of the squares, for advice; null for another method. */
  squares: { sd: number; n: number } | null
}

/** Squares of which both readings are there. */
function fullSquares({ readings, squares: { count } }: Trial): { xs: number[]; ys: number[] } {
  const xs: number[] = []
  const ys: number[] = []
  for (let i = 0; i < count; i++) {
    const [x, y] = [readings[2 * i] ?? null, readings[2 * i + 1] ?? null]
    if (x !== null && y !== null) {
      xs.push(x)
      ys.push(y)
    }
  }
  return { xs, ys }
}

/** Standard deviation of one thickness reading beside the slot, mm. [FM] */
const SPOT_SD = 0.01

/** Works out what was read off a test piece. */
export function trialResult(trial: Trial, thickness: Thickness, kerf: Kerf, taste: Taste): TrialResult {
  const nothing: TrialResult = { kerf: null, comb: null, squares: null }
  if (trial.method === 'squares') {
    const { xs, ys } = fullSquares(trial)
    if (xs.length === 0) return nothing
    const each = xs.map((x, i) => (x + ys[i]) / 2)
    return {
      ...nothing,
      kerf: kerfFromSquares(trial.squares.side, xs, ys),
      squares: { sd: summarise(each).sd, n: each.length },
    }
  }
  if (trial.method === 'strip') {
    const gaps = trial.readings.filter((reading) => reading !== null)
    return gaps.length === 0 ? nothing : { ...nothing, kerf: kerfFromStrip(trial.strip.lines, gaps) }
  }
  if (trial.best === null) return nothing
  if (trial.method === 'comb') {
    const best = combSteps(trial)[trial.best]
    return best === undefined ? nothing : { ...nothing, comb: readComb(best, trial.comb.step, kerf, taste) }
  }
  const spot = trial.readings[0] ?? null
  const entered = slotWidths(trial, thickness.mean)[trial.best]
  return entered === undefined
    ? nothing
    : {
        ...nothing,
        kerf: kerfFromSlots(
          entered,
          trial.slots.step,
          spot ?? thickness.mean,
          spot === null ? thickness.sd : SPOT_SD,
        ),
      }
}

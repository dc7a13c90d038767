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
import { CALIPER_SD } from '../statistics'
import type { Thickness } from '../stock'
import { combSteps, gaugeThickness, slotWidths, type Trial } from './spec'

/** What a trial says so far; null for what cannot be said yet. */
export interface TrialResult {
  kerf: KerfResult | null
  comb: CombResult | null
  /** Spread and number of the squares, for advice; null for another method. */
  squares: { sd: number; n: number } | null
  /** Where the test piece should have gone on; null when the answer lies inside it. */
  beyond: 'up' | 'down' | null
}

const NOTHING: TrialResult = { kerf: null, comb: null, squares: null, beyond: null }

/** Squares of which every reading is there that is to be taken. */
function fullSquares({ readings, squares: { count, ways } }: Trial): { xs: number[]; ys: number[] } {
  const xs: number[] = []
  const ys: number[] = []
  for (let i = 0; i < count; i++) {
    const x = ways === 'along' ? null : (readings[2 * i] ?? null)
    const y = ways === 'across' ? null : (readings[2 * i + 1] ?? null)
    if (ways === 'both' && (x === null || y === null)) continue
    if (x !== null) xs.push(x)
    if (y !== null) ys.push(y)
  }
  return { xs, ys }
}

function squaresResult(trial: Trial): TrialResult {
  const read = fullSquares(trial)
  if (read.xs.length + read.ys.length === 0) return NOTHING
  const kerf = kerfFromSquares(trial.squares.side, read)
  const { spread, squares } = kerf.basis
  return { ...NOTHING, kerf, squares: { sd: spread ?? 0, n: squares ?? 0 } }
}

function combResult(trial: Trial, best: number, kerf: Kerf, taste: Taste): TrialResult {
  const steps = combSteps(trial)
  if (steps[best] === undefined) return NOTHING
  const end = best === 0 ? 'first' : best === steps.length - 1 ? 'last' : null
  const comb = readComb(steps[best], trial.comb.step, kerf, taste, end)
  return { ...NOTHING, comb, beyond: end === 'first' ? 'down' : end === 'last' ? 'up' : null }
}

function slotsResult(trial: Trial, best: number | 'none', now: Thickness): TrialResult {
  const made = gaugeThickness(trial, now)
  const widths = slotWidths(trial, made.mean)
  const spot = trial.readings[0] ?? null
  const there = spot === null ? made : { mean: spot, sd: CALIPER_SD }
  const { step } = trial.slots
  if (best === 'none') {
    const kerf = kerfFromSlots(widths[widths.length - 1], step, there, 'none')
    return { ...NOTHING, kerf, beyond: 'down' }
  }
  if (widths[best] === undefined) return NOTHING
  const answer = best === 0 ? 'even the narrowest' : 'between'
  const kerf = kerfFromSlots(widths[best], step, there, answer)
  return { ...NOTHING, kerf, beyond: best === 0 ? 'up' : null }
}

/** Works out what was read off a test piece. */
export function trialResult(trial: Trial, thickness: Thickness, kerf: Kerf, taste: Taste): TrialResult {
  if (trial.method === 'squares') return squaresResult(trial)
  if (trial.method === 'strip') {
    const gaps = trial.readings.filter((reading) => reading !== null)
    return gaps.length === 0 ? NOTHING : { ...NOTHING, kerf: kerfFromStrip(trial.strip.lines, gaps) }
  }
  if (trial.best === null) return NOTHING
  if (trial.method === 'slots') return slotsResult(trial, trial.best, thickness)
  return trial.best === 'none' ? NOTHING : combResult(trial, trial.best, kerf, taste)
}

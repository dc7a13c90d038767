import type { Job } from '../job'
import { keepLayout, type Arranged } from './arrange'
import type { Part } from './parts'
import { restsOf } from './rest'

/** What a layout is judged by, in this order. */
export interface LayoutScore {
  /** Parts that lie nowhere. */
  unplaced: number
  /** Whole sheets, and offcuts by what they count for. */
  weight: number
  /** The largest piece that is left over, mm². */
  rest: number
}

export function scoreOf(layout: Arranged, parts: Part[], job: Job): LayoutScore {
  const arrangement = keepLayout(layout, parts, job)
  const rests = restsOf({ ...job, layout: { ...job.layout, arrangement } }, parts)
  return {
    unplaced: layout.unplaced.length,
    weight: rests.reduce((sum, { surface }) => sum + surface.weight, 0),
    rest: Math.max(0, ...rests.flatMap(({ remnants }) => remnants.map(({ area }) => area))),
  }
}

/** Weights that differ by less are the same. */
const SAME = 1e-9

export function isBetterLayout(a: LayoutScore, b: LayoutScore): boolean {
  if (a.unplaced !== b.unplaced) return a.unplaced < b.unplaced
  if (Math.abs(a.weight - b.weight) > SAME) return a.weight < b.weight
  return a.rest > b.rest + 1
}

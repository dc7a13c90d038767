import type { Job } from '../job'
import { placedShape, sharedLength, wholeBoxes } from '../nest'
import { jobForStock } from './materials'
import { keepLayout, type Arranged } from './kept-layout'
import { layoutRules, partsByMaterial, type Part } from './parts'
import { restsOf } from './rest'

/** What a layout is judged by, in this order. */
export interface LayoutScore {
  /** Boxes that have all their parts. */
  whole: number
  /** Parts that lie nowhere. */
  unplaced: number
  /** Whole sheets, and offcuts by what they count for. */
  weight: number
  /** How many of either. */
  sheets: number
  offcuts: number
  /** The largest piece that is left over, mm². */
  rest: number
  /** Straight edges that are cut once for two parts, mm: the laser's time. */
  shared: number
}

/** Straight edges of two parts that are cut once, mm: of every stock whose edges may be shared. */
function sharedIn({ placements }: Arranged, parts: Part[], job: Job): number {
  let length = 0
  for (const { material, parts: own } of partsByMaterial(parts, job)) {
    if (!layoutRules(jobForStock(job, material)).shareEdges) continue
    const byId = new Map(own.map((part) => [part.id, part]))
    const lying = placements.filter(({ part }) => byId.has(part))
    for (const number of new Set(lying.map(({ sheet }) => sheet))) {
      const on = lying.filter(({ sheet }) => sheet === number)
      length += sharedLength(on.map((each) => placedShape(byId.get(each.part)!, each)))
    }
  }
  return length
}

export function scoreOf(layout: Arranged, parts: Part[], job: Job): LayoutScore {
  const arrangement = keepLayout(layout, parts, job)
  const rests = restsOf({ ...job, layout: { ...job.layout, arrangement } }, parts)
  return {
    whole: wholeBoxes(parts, layout.unplaced).whole,
    unplaced: layout.unplaced.length,
    weight: rests.reduce((sum, { surface }) => sum + surface.weight, 0),
    sheets: rests.filter(({ offcut }) => offcut === null).length,
    offcuts: rests.filter(({ offcut }) => offcut !== null).length,
    rest: Math.max(0, ...rests.flatMap(({ remnants }) => remnants.map(({ area }) => area))),
    shared: sharedIn(layout, parts, job),
  }
}

/** Weights that differ by less are the same. */
const SAME = 1e-9

export function isBetterLayout(a: LayoutScore, b: LayoutScore): boolean {
  if (a.whole !== b.whole) return a.whole > b.whole
  if (a.unplaced !== b.unplaced) return a.unplaced < b.unplaced
  if (Math.abs(a.weight - b.weight) > SAME) return a.weight < b.weight
  if (Math.abs(a.rest - b.rest) > 1) return a.rest > b.rest
  return a.shared > b.shared + 1
}

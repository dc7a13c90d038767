import { nestSteps, type Layout, type NestProgress, type Placement } from '../nest'
import type { Arrangement, Job } from '../job'
import { seenBy } from './materials'
import { layoutRules, layoutSignature, partsByMaterial, surfaceFor, type Part } from './parts'

/** Pinned placements of parts that still exist. */
function pinnedIn(job: Job, parts: Part[]): Placement[] {
  const ids = new Set(parts.map(({ id }) => id))
  return (job.layout.arrangement?.placements ?? []).filter(({ part, pinned }) => pinned && ids.has(part))
}

/** A layout as a job keeps it. */
export const keepLayout = (layout: Layout, parts: Part[], job: Job): Arrangement => ({
  signature: layoutSignature(parts, job),
  byHand: false,
  ...layout,
})

const joined = (a: Layout, b: Layout): Layout => ({
  placements: [...a.placements, ...b.placements],
  unplaced: [...a.unplaced, ...b.unplaced],
})

/**
 * Lays out a job's parts step by step, stock by stock, each on its own sheets; what is pinned stays. Sheets
 * are counted within their stock.
 */
export function* arrangeSteps(parts: Part[], job: Job): Generator<NestProgress, Layout> {
  const groups = partsByMaterial(parts, job)
  let done: Layout = { placements: [], unplaced: [] }
  for (const [i, { material, parts: own }] of groups.entries()) {
    const seen = seenBy(job, material)
    const steps = nestSteps(own, layoutRules(seen), surfaceFor(seen), pinnedIn(job, own))
    for (;;) {
      const step = steps.next()
      if (step.done) {
        done = joined(done, step.value)
        break
      }
      const { tried, of, layout } = step.value
      // What comes after is not laid out yet: stopped now, it would be missing.
      const rest: Layout = {
        placements: [],
        unplaced: groups.slice(i + 1).flatMap((group) => group.parts.map(waiting)),
      }
      yield { tried: i * of + tried, of: of * groups.length, layout: joined(joined(done, layout), rest) }
    }
  }
  return done
}

const waiting = ({ id }: Part): Layout['unplaced'][number] => ({
  part: id,
  why: 'full',
  size: [0, 0],
  room: [0, 0],
})

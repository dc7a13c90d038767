import { nestSteps, type Layout, type Placement } from '../nest'
import type { Arrangement, Job } from '../job'
import { layoutRules, layoutSignature, surfaceFor, type Part } from './parts'

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

/** Lays out a job's parts step by step; what is pinned stays. */
export const arrangeSteps = (parts: Part[], job: Job): ReturnType<typeof nestSteps> =>
  nestSteps(parts, layoutRules(job), surfaceFor(job), pinnedIn(job, parts))

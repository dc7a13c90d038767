import { lastOf, nestSteps, type Layout, type Placement } from '../nest'
import { layoutRules, layoutSignature, roomFor, type Part } from './parts'
import type { Job } from './schema'

export type Arrangement = NonNullable<Job['layout']['arrangement']>

/** Pinned placements of parts that still exist. */
export function pinnedIn(job: Job, parts: Part[]): Placement[] {
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
  nestSteps(parts, layoutRules(job), roomFor(job), pinnedIn(job, parts))

/** The same at one go. */
export const arrange = (parts: Part[], job: Job): Arrangement =>
  keepLayout(lastOf(arrangeSteps(parts, job)), parts, job)

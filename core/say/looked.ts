import type { CutPlan, DerivedBox, DerivedThing, Part } from '../derive'
import type { Job } from '../job'
import type { Check } from '../plan'

/** What the checks look at: a plan, and the job and parts it was made from. */
export interface Looked {
  job: Job
  box: DerivedBox
  things: DerivedThing[]
  parts: Part[]
  plan: CutPlan
}

export const ok = (id: string, title: string, detail: string): Check => ({ id, state: 'ok', title, detail })
export const look = (id: string, title: string, detail: string): Check => ({
  id,
  state: 'look',
  title,
  detail,
})
export const stop = (id: string, title: string, detail: string): Check => ({
  id,
  state: 'stop',
  title,
  detail,
})

import type { CutPlan, DerivedBox, DerivedThing, Part } from '../derive'
import type { Job } from '../job'
import type { FitPrediction } from '../fit'
import type { Check, Format } from '../plan'

/** What the checks look at: a plan, and the job and parts it was made from. */
export interface CheckInput {
  job: Job
  box: DerivedBox
  things: DerivedThing[]
  parts: Part[]
  plan: CutPlan
  fit: FitPrediction
  /** What is about to be written. */
  formats: readonly Format[]
  known: MachineFacts
}

/** What the bench knows of a job's machine: kerfs of its other stocks, full width, mm. */
export interface MachineFacts {
  kerfs: number[]
}
export const NO_FACTS: MachineFacts = { kerfs: [] }

/** The first few sentences, and how many more there are. */
export const listed = (items: string[], most = 3): string =>
  items.slice(0, most).join(' ') + (items.length > most ? ` And ${items.length - most} more.` : '')

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

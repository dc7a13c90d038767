import type { CutPlan, Helpful, JobUse, LayoutScore, LoadPlan, Part, StockKnown } from '@core/derive'
import type { Arrangement, Job } from '@core/job'
import type { Placement } from '@core/nest'
import type { PackedPaths } from '@core/plan'

/** What the page asks of the planning worker. A newer request replaces an older one. */
export type Request =
  | {
      kind: 'plan'
      sequence: number
      job: Job
      /** Its parts, made already to be drawn, and the depths of its pockets. */
      parts: Part[]
      depths: number[]
      /** What was worked out before: it is taken where it is for these parts and settings. */
      known: Arrangement | null
      layOut: 'if stale' | 'always' | 'search on'
      /** Of a search by several: which of how many it is. */
      lane?: { at: number; of: number }
    }
  /** With the stocks on the bench that it could be cut from instead. */
  | { kind: 'what helps'; sequence: number; job: Job; known: StockKnown[] }
  | { kind: 'stop layout' }

export type PlanRequest = Extract<Request, { kind: 'plan' }>

/** A plan with its paths as blocks of figures, to be handed over without copying. */
export type PackedPlan = Omit<CutPlan, 'loads'> & {
  loads: (Omit<LoadPlan, 'paths'> & { packed: PackedPaths })[]
}

export type Answer =
  /** Said while it works, so that nobody takes it for dead. */
  | { kind: 'alive'; sequence: number }
  | {
      kind: 'progress'
      sequence: number
      tried: number
      of: number
      /** Of a search that goes on, from 1. */
      round: number
      /** How many rounds are done. */
      done: number
      sheets: number
      /** What the best layout of it is judged by. */
      score: LayoutScore | null
      /** That layout, to be drawn. */
      best: Placement[]
    }
  | {
      kind: 'planned'
      sequence: number
      /** The layout that the plan is of; null where it is the job's own. */
      arrangement: Arrangement | null
      /** Found by a search that the maker asked for: what there was before, and what it found. */
      search: { before: LayoutScore; after: LayoutScore } | null
      plan: PackedPlan | null
      use: JobUse | null
    }
  | { kind: 'helps'; sequence: number; tried: number; of: number; found: Helpful[]; done: boolean }
  | { kind: 'failed'; sequence: number; message: string }

import type { CutPlan, JobUse, LoadPlan } from '@core/derive'
import type { Arrangement, Job } from '@core/job'
import type { PackedPaths } from '@core/plan'

/** What the page asks of the planning worker. A newer request replaces an older one. */
export type Request =
  { kind: 'plan'; sequence: number; job: Job; layOut: 'if stale' | 'always' } | { kind: 'stop layout' }

/** A plan with its paths as blocks of figures, to be handed over without copying. */
export type PackedPlan = Omit<CutPlan, 'loads'> & {
  loads: (Omit<LoadPlan, 'paths'> & { packed: PackedPaths })[]
}

export type Answer =
  | { kind: 'progress'; sequence: number; tried: number; of: number; sheets: number; unplaced: number }
  | {
      kind: 'planned'
      sequence: number
      arrangement: Arrangement | null
      plan: PackedPlan | null
      use: JobUse | null
    }
  | { kind: 'failed'; sequence: number; message: string }

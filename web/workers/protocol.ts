import type { SheetUse } from '@core/nest'
import type { CutPlan, Arrangement, Job } from '@core/job'

/** What the page asks of the planning worker. A newer request replaces an older one. */
export type Request =
  { kind: 'plan'; sequence: number; job: Job; layOut: 'if stale' | 'always' } | { kind: 'stop layout' }

export type Answer =
  | { kind: 'progress'; sequence: number; tried: number; of: number; sheets: number; unplaced: number }
  | {
      kind: 'planned'
      sequence: number
      arrangement: Arrangement | null
      plan: CutPlan | null
      use: SheetUse | null
    }
  | { kind: 'failed'; sequence: number; message: string }

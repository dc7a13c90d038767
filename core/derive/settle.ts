import type { Job } from '../job'
import type { Say } from '../length'
import { settleFigures, type Settled } from './follow'
import { settleWhole } from './whole'

/**
 * A job with all that follows from what its maker decided: figures that follow others, then boxes that stand
 * in each other. The job itself where nothing changes.
 * @returns or one sentence: why that cannot be worked out
 */
export function settleJob(job: Job, say: Say): Settled {
  const figures = settleFigures(job)
  return figures.ok ? settleWhole(figures.job, say) : figures
}

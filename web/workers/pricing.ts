import { runCostSteps } from '@core/derive'
import type { Job } from '@core/job'
import type { Clock } from '@core/plan'
import type { RunCost } from '@core/price'
import { breathe } from './planning'

/** What is asked of it: the costs of cutting a job so many times, one count after the other. */
export interface PriceRequest {
  sequence: number
  job: Job
  counts: number[]
  clock: Clock | null
}

/** One count is worked out; null where the job cannot be made or laid out. */
export interface PriceAnswer {
  sequence: number
  boxes: number
  run: RunCost | null
}

/** Works out what runs cost, the newest request alone. @param breath for so long nobody is listened to, ms */
export function makePricer(
  answer: (message: PriceAnswer) => void,
  breath: number,
): (request: PriceRequest) => void {
  let latest = 0

  async function work({ sequence, job, counts, clock }: PriceRequest): Promise<void> {
    for (const boxes of counts) {
      const steps = runCostSteps(job, boxes, clock)
      let since = performance.now()
      for (;;) {
        const step = steps.next()
        if (step.done) {
          answer({ sequence, boxes, run: step.value })
          break
        }
        if (performance.now() - since < breath) continue
        await breathe()
        if (sequence !== latest) return
        since = performance.now()
      }
    }
  }

  return (request) => {
    latest = request.sequence
    void work(request)
  }
}

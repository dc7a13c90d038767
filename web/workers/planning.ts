import { arrangeSteps, keepLayout, needsLayout, planOf, prepare, withLayout, type Part } from '@core/derive'
import type { Arrangement, Job } from '@core/job'
import { packPlan } from './packing'
import type { Answer, Request } from './protocol'

/** Whoever plans, in a worker or on the page: how it answers, and how long it works before it listens. */
export interface Host {
  answer: (message: Answer, blocks?: ArrayBuffer[]) => void
  /** Milliseconds of work between two breaths. */
  breath: number
}

const breathe = (): Promise<void> => new Promise((resolve) => setTimeout(resolve))

type PlanRequest = Extract<Request, { kind: 'plan' }>

/** Plans what it is asked for; a newer request replaces an older one. */
export function makePlanner({ answer, breath }: Host): (request: Request) => void {
  let latest = 0
  let stopped = false

  /** Lays out; null when a newer request came meanwhile. Stopped early it hands on the best so far. */
  async function layOut(sequence: number, parts: Part[], job: Job): Promise<Arrangement | null> {
    const steps = arrangeSteps(parts, job)
    let since = performance.now()
    for (;;) {
      const step = steps.next()
      if (step.done) return keepLayout(step.value, parts, job)
      if (performance.now() - since < breath) continue
      const { layout: best, tried, of } = step.value
      const sheets = best.placements.reduce((most, { sheet }) => Math.max(most, sheet + 1), 0)
      answer({ kind: 'progress', sequence, tried, of, sheets, unplaced: best.unplaced.length })
      await breathe()
      if (sequence !== latest) return null
      if (stopped) return keepLayout(best, parts, job)
      since = performance.now()
    }
  }

  async function plan({ sequence, job, layOut: when }: PlanRequest): Promise<void> {
    await breathe() // lets a newer request that already waits be heard first
    if (sequence !== latest) return
    const prepared = prepare(job)
    if (prepared.things.some(({ box }) => box.panels === null))
      return answer({ kind: 'planned', sequence, arrangement: null, plan: null, use: null })
    const isStale = needsLayout(job, prepared.parts)
    const wanted = when === 'always' || (isStale && !job.layout.arrangement?.byHand)
    const fresh = wanted ? await layOut(sequence, prepared.parts, job) : null
    if (sequence !== latest) return
    const laidOut = fresh ? withLayout(job, fresh) : job
    const { plan: made, use } = planOf(laidOut, prepared)
    const { packed, blocks } = made ? packPlan(made) : { packed: null, blocks: [] }
    answer({ kind: 'planned', sequence, arrangement: fresh, plan: packed, use }, blocks)
  }

  return (request) => {
    if (request.kind === 'stop layout') {
      stopped = true
      return
    }
    const { sequence } = request
    latest = sequence
    stopped = false
    plan(request).catch((error: Error) => answer({ kind: 'failed', sequence, message: error.message }))
  }
}

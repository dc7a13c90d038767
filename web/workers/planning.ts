import {
  arrangeSteps,
  isBetterLayout,
  keepLayout,
  needsLayout,
  planOf,
  prepare,
  scoreOf,
  whatHelps,
  withLayout,
  type Arranged,
  type LayoutScore,
  type Part,
} from '@core/derive'
import type { Job } from '@core/job'
import { packPlan } from './packing'
import type { Answer, PlanRequest, Request } from './protocol'

/** Whoever plans, in a worker or on the page: how it answers, and how long it works before it listens. */
export interface Host {
  answer: (message: Answer, blocks?: ArrayBuffer[]) => void
  /** Milliseconds of work between two breaths. */
  breath: number
}

const ALONE = { at: 0, of: 1 }

/** A search that nobody stops ends by itself. */
const MOST_ROUNDS = 500

const sheetsIn = ({ placements }: Arranged): number =>
  placements.reduce((most, { sheet }) => Math.max(most, sheet + 1), 0)

const NO_STEP = { kind: 'helps', tried: 0, of: 0 } as const

const breathe = (): Promise<void> => new Promise((resolve) => setTimeout(resolve))

/** Plans what it is asked for; a newer request replaces an older one. */
export function makePlanner({ answer, breath }: Host): (request: Request) => void {
  let latest = 0
  let stopped = false
  /** The best of a search that goes on. */
  let found: { layout: Arranged; score: LayoutScore; before: LayoutScore; done: number } | null = null

  /** Lays out; null when a newer request came meanwhile. Stopped early it hands on the best so far. */
  async function layOut(sequence: number, parts: Part[], job: Job, round = 0): Promise<Arranged | null> {
    const steps = arrangeSteps(parts, job, round)
    let since = performance.now()
    for (;;) {
      const step = steps.next()
      if (step.done) return step.value
      if (performance.now() - since < breath) continue
      const { layout: best, tried, of } = step.value
      const known = round > 0 && found ? found : { layout: best, score: null }
      const { score, layout } = known
      const [sheets, done] = [sheetsIn(layout), found?.done ?? 0]
      answer({ kind: 'progress', sequence, tried, of, round, done, sheets, score, best: layout.placements })
      await breathe()
      if (sequence !== latest) return null
      if (stopped) return best
      since = performance.now()
    }
  }

  /** Goes on from the layout that there is, another way each round, until it is stopped. */
  async function searchOn(
    sequence: number,
    parts: Part[],
    job: Job,
    { at, of } = ALONE,
  ): Promise<Arranged | null> {
    const { arrangement } = job.layout
    found = null
    const before = arrangement && !needsLayout(job, parts) ? arrangement : await layOut(sequence, parts, job)
    if (!before) return null
    const score = scoreOf(before, parts, job)
    found = { layout: before, score, before: score, done: 0 }
    for (let round = 1 + at; !stopped && round <= MOST_ROUNDS; round += of) {
      const layout = await layOut(sequence, parts, job, round)
      if (!layout) return null
      const score = scoreOf(layout, parts, job)
      if (isBetterLayout(score, found.score)) found = { ...found, layout, score }
      found.done++
    }
    return found.layout
  }

  async function plan({ sequence, job, layOut: when, lane }: PlanRequest): Promise<void> {
    await breathe() // lets a newer request that already waits be heard first
    if (sequence !== latest) return
    const prepared = prepare(job)
    if (prepared.things.some(({ box }) => box.panels === null))
      return answer({ kind: 'planned', sequence, arrangement: null, search: null, plan: null, use: null })
    const isStale = needsLayout(job, prepared.parts)
    const wanted = when === 'always' || (isStale && !job.layout.arrangement?.byHand)
    const isSearch = when === 'search on'
    const layout = isSearch
      ? await searchOn(sequence, prepared.parts, job, lane)
      : wanted
        ? await layOut(sequence, prepared.parts, job)
        : null
    if (sequence !== latest) return
    const fresh = layout && keepLayout(layout, prepared.parts, job)
    const laidOut = fresh ? withLayout(job, fresh) : job
    const { plan: made, use } = planOf(laidOut, prepared)
    const { packed, blocks } = made ? packPlan(made) : { packed: null, blocks: [] }
    const search = isSearch && found ? { before: found.before, after: found.score } : null
    answer({ kind: 'planned', sequence, arrangement: fresh, search, plan: packed, use }, blocks)
  }

  /** Tries what would save a sheet, until that is done, stopped, or something else is asked for. */
  async function findHelp(sequence: number, job: Job): Promise<void> {
    const steps = whatHelps(job)
    let since = performance.now()
    for (;;) {
      const step = steps.next()
      if (step.done) return answer({ ...NO_STEP, sequence, found: step.value, done: true })
      if (performance.now() - since < breath) continue
      await breathe()
      if (sequence !== latest) return
      const done = stopped
      answer({ kind: 'helps', sequence, ...step.value, done })
      if (done) return
      since = performance.now()
    }
  }

  return (request) => {
    if (request.kind === 'stop layout') {
      stopped = true
      return
    }
    const { sequence } = request
    latest = sequence
    stopped = false
    const work = request.kind === 'plan' ? plan(request) : findHelp(sequence, request.job)
    work.catch((error: Error) => answer({ kind: 'failed', sequence, message: error.message }))
  }
}

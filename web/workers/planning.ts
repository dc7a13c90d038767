import {
  arrangeSteps,
  isBetterLayout,
  isLayoutOf,
  keepLayout,
  planCut,
  scoreOf,
  useOf,
  withLayout,
  type Arranged,
  type LayoutScore,
  type Part,
} from '@core/derive'
import type { Arrangement, Job } from '@core/job'
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

export const breathe = (): Promise<void> => new Promise((resolve) => setTimeout(resolve))

/** The layout there is: the maker's own, or what was worked out before; null where neither is of these. */
function layoutThere(job: Job, parts: Part[], known: Arrangement | null): Arrangement | null {
  const { arrangement } = job.layout
  if (arrangement?.byHand) return arrangement
  return [arrangement, known].find((each) => each && isLayoutOf(each, job, parts)) ?? null
}

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
  async function searchOn({ sequence, parts, job, known, lane }: PlanRequest): Promise<Arranged | null> {
    const { at, of } = lane ?? ALONE
    found = null
    const there = layoutThere(job, parts, known)
    const isThere = there && isLayoutOf(there, job, parts)
    const before = isThere ? there : await layOut(sequence, parts, job)
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

  /** The layout to plan with; null when a newer request came meanwhile. */
  async function layoutFor(request: PlanRequest): Promise<Arrangement | null> {
    const { sequence, job, parts, known, layOut: when } = request
    const there = when === 'if stale' ? layoutThere(job, parts, known) : null
    if (there) return there
    const layout = when === 'search on' ? await searchOn(request) : await layOut(sequence, parts, job)
    return layout && keepLayout(layout, parts, job)
  }

  async function plan(request: PlanRequest): Promise<void> {
    const { sequence, job, parts, depths } = request
    await breathe() // lets a newer request that already waits be heard first
    if (sequence !== latest) return
    answer({ kind: 'alive', sequence })
    const layout = await layoutFor(request)
    if (sequence !== latest || !layout) return
    const laidOut = withLayout(job, layout)
    answer({ kind: 'alive', sequence })
    const { packed, blocks } = packPlan(planCut(laidOut, parts, depths))
    const search =
      request.layOut === 'search on' && found ? { before: found.before, after: found.score } : null
    const arrangement = layout === job.layout.arrangement ? null : layout
    const use = useOf(laidOut, parts)
    answer({ kind: 'planned', sequence, arrangement, search, plan: packed, use }, blocks)
  }

  return (request) => {
    if (request.kind === 'stop layout') {
      stopped = true
      return
    }
    if (request.kind !== 'plan') return
    const { sequence } = request
    latest = sequence
    stopped = false
    plan(request).catch((error: Error) => answer({ kind: 'failed', sequence, message: error.message }))
  }
}

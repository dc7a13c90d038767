import {
  arrangeSteps,
  deriveBox,
  keepLayout,
  layoutSignature,
  makeParts,
  planCut,
  useOf,
  type Arrangement,
  type Job,
  type Part,
} from '@core/job'
import type { Answer, Request } from './protocol'

/** How long it works before it listens, milliseconds. */
const BREATH = 40

let latest = 0
let stopped = false
const answer = (message: Answer): void => self.postMessage(message)
const breathe = (): Promise<void> => new Promise((resolve) => setTimeout(resolve))

/** Lays out; null when a newer request came meanwhile. Stopped early it hands on the best so far. */
async function layOut(sequence: number, parts: Part[], job: Job): Promise<Arrangement | null> {
  const steps = arrangeSteps(parts, job)
  let since = performance.now()
  for (;;) {
    const step = steps.next()
    if (step.done) return keepLayout(step.value, parts, job)
    if (performance.now() - since < BREATH) continue
    const { layout: best, tried, of } = step.value
    answer({
      kind: 'progress',
      sequence,
      tried,
      of,
      sheets: best.placements.reduce((most, { sheet }) => Math.max(most, sheet + 1), 0),
      unplaced: best.unplaced.length,
    })
    await breathe()
    if (sequence !== latest) return null
    if (stopped) return keepLayout(best, parts, job)
    since = performance.now()
  }
}

async function plan({ sequence, job, layOut: when }: Extract<Request, { kind: 'plan' }>): Promise<void> {
  await breathe() // lets a newer request that already waits be heard first
  if (sequence !== latest) return
  const box = deriveBox(job)
  if (!box.panels) return answer({ kind: 'planned', sequence, arrangement: null, plan: null, use: null })
  const parts = makeParts(box.panels, job.copies, box.kerf.perSide)
  const { arrangement } = job.layout
  const isStale = arrangement?.signature !== layoutSignature(parts, job)
  const wanted = when === 'always' || (isStale && !arrangement?.byHand)
  const fresh = wanted ? await layOut(sequence, parts, job) : null
  if (sequence !== latest) return
  const laidOut = fresh ? { ...job, layout: { ...job.layout, arrangement: fresh } } : job
  answer({
    kind: 'planned',
    sequence,
    arrangement: fresh,
    plan: planCut(laidOut, box, parts),
    use: laidOut.layout.arrangement && useOf(laidOut, parts),
  })
}

self.onmessage = ({ data }: MessageEvent<Request>): void => {
  if (data.kind === 'stop layout') {
    stopped = true
    return
  }
  latest = data.sequence
  stopped = false
  plan(data).catch((error: Error) =>
    answer({ kind: 'failed', sequence: data.sequence, message: error.message }),
  )
}

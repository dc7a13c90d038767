import { defineStore } from 'pinia'
import { computed, shallowRef, toRaw, watch } from 'vue'
import type { CutPlan, Job } from '@core/job'
import type { SheetUse } from '@core/nest'
import type { Answer, Request } from '@web/workers/protocol'
import { useJob } from './job'
import { useMessages } from './messages'

/** How long nothing must be typed before a plan is asked for, milliseconds. */
const QUIET = 90

/** The parts of a job that a plan is made from; a note or a tick asks for no new one. */
const inputs = ({ measure, box, copies, interference, layout, tune, cut: { compensation, labels, off } }: Job): unknown[] =>
  [measure, box, copies, interference, layout, tune, compensation, labels, off]

/** Layout and plan of the job on the screen, worked out in a worker whenever something they rest on changes. */
export const usePlanner = defineStore('planner', () => {
  const jobs = useJob()
  const plan = shallowRef<CutPlan | null>(null)
  const use = shallowRef<SheetUse | null>(null)
  const progress = shallowRef<Extract<Answer, { kind: 'progress' }> | null>(null)
  const busy = shallowRef(false)
  const worker = new Worker(new URL('../workers/planner.worker.ts', import.meta.url), { type: 'module' })
  let sequence = 0
  let waiting: ReturnType<typeof setTimeout> | undefined
  const ask = (request: Request): void => worker.postMessage(request)

  function request(layOut: 'if stale' | 'always'): void {
    const { job } = jobs
    if (!job) return
    busy.value = true
    const own = ++sequence
    clearTimeout(waiting)
    waiting = setTimeout(() => ask({ kind: 'plan', sequence: own, job: toRaw(jobs.job ?? job), layOut }), layOut === 'always' ? 0 : QUIET)
  }

  worker.onmessage = ({ data }: MessageEvent<Answer>): void => {
    if (data.sequence !== sequence) return
    if (data.kind === 'progress') { progress.value = data; return }
    busy.value = false
    progress.value = null
    if (data.kind === 'failed') { useMessages().say('stop', `The plan could not be worked out: ${data.message}. Undo the last change, or export the job and report it.`); return }
    plan.value = data.plan
    use.value = data.use
    const { arrangement } = data
    if (arrangement) jobs.amend((draft) => { draft.layout.arrangement = arrangement })
  }

  const watched = computed(() => (jobs.job ? inputs(jobs.job) : []))
  watch(watched, (now, before) => {
    if (now.length !== before?.length || now.some((value, i) => value !== before[i])) request('if stale')
  }, { immediate: true })
  watch(() => jobs.job?.id, () => { plan.value = null; use.value = null })

  return { plan, use, progress, busy, layOutAgain: () => request('always'), stopLayout: () => ask({ kind: 'stop layout' }) }
})

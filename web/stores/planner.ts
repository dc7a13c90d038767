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
const inputs = ({
  measure,
  box,
  copies,
  interference,
  layout,
  tune,
  cut: { compensation, labels, off },
}: Job): unknown[] => [measure, box, copies, interference, layout, tune, compensation, labels, off]

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
  let planned: unknown[] = [] // what the last answer was worked out from
  const ask = (request: Request): void => worker.postMessage(request)

  /** @param quiet how long to wait for more typing, milliseconds */
  function request(layOut: 'if stale' | 'always', quiet: number): void {
    const { job } = jobs
    if (!job) return
    busy.value = true
    const own = ++sequence
    const send = (): void => ask({ kind: 'plan', sequence: own, job: toRaw(jobs.job ?? job), layOut })
    clearTimeout(waiting)
    if (quiet === 0)
      send() // at once, so that the worker works while the page is drawn
    else waiting = setTimeout(send, quiet)
  }

  worker.onmessage = ({ data }: MessageEvent<Answer>): void => {
    if (data.sequence !== sequence) return
    if (data.kind === 'progress') {
      progress.value = data
      return
    }
    busy.value = false
    progress.value = null
    if (data.kind === 'failed') {
      useMessages().say(
        'stop',
        `The plan could not be worked out: ${data.message}. Undo the last change, or export the job and report it.`,
      )
      return
    }
    plan.value = data.plan
    use.value = data.use
    const { arrangement } = data
    if (arrangement)
      jobs.amend((draft) => {
        draft.layout.arrangement = arrangement
      })
    if (jobs.job) planned = inputs(jobs.job)
  }

  watch(
    () => jobs.job?.id,
    () => {
      plan.value = null
      use.value = null
    },
  )
  const watched = computed(() => (jobs.job ? inputs(jobs.job) : []))
  watch(
    watched,
    (now) => {
      // Back at what was planned last, as by Undo, another plan may be under way all the same.
      const differs =
        busy.value || now.length !== planned.length || now.some((value, i) => value !== planned[i])
      if (differs) request('if stale', plan.value ? QUIET : 0)
    },
    { immediate: true },
  )

  return {
    plan,
    use,
    progress,
    busy,
    layOutAgain: () => request('always', 0),
    stopLayout: () => ask({ kind: 'stop layout' }),
  }
})

import { defineStore } from 'pinia'
import { computed, shallowRef, toRaw, watch } from 'vue'
import type { CutPlan, JobUse, LayoutScore } from '@core/derive'
import type { Arrangement, Job } from '@core/job'
import { unpackPlan } from '@web/workers/packing'
import { PlannerClient } from '@web/workers/planner-client'
import type { Answer, PlanRequest } from '@web/workers/protocol'
import { useJob } from './job'
import { useMessages } from './messages'

/** How long nothing must be typed before a plan is asked for, milliseconds. */
const QUIET = 90

/** The parts of a job that a plan is made from; a note or a tick asks for no new one. */
const inputs = (job: Job): unknown[] => {
  const { measure, box, thing, copies, also, interference, layout, tune, cut } = job
  const { compensation, labels, letters, face, turn, off, start, bridges, files } = cut
  const marking = [compensation, labels, letters, face, turn, off, start, bridges, files, cut.frame, cut.look]
  return [measure, box, thing, copies, also, interference, layout, tune, ...marking]
}

/** A layout that a search began with or came to, and what it is judged by. */
export interface Judged {
  arrangement: Arrangement
  score: LayoutScore
}

/**
 * Layout and plan of the job on the screen, worked out in the background whenever something they rest on
 * changes.
 */
export const usePlanner = defineStore('planner', () => {
  const jobs = useJob()
  const plan = shallowRef<CutPlan | null>(null)
  const use = shallowRef<JobUse | null>(null)
  /** What would save a sheet, as far as it is known. */
  const helps = shallowRef<Extract<Answer, { kind: 'helps' }> | null>(null)
  const progress = shallowRef<Extract<Answer, { kind: 'progress' }> | null>(null)
  /** What the last search began with and came to: either can be taken. */
  const compared = shallowRef<{ before: Judged; after: Judged } | null>(null)
  const busy = shallowRef(false)
  /** Why there is no plan; empty while there is one, or one is being made. */
  const failure = shallowRef('')
  let sequence = 0
  let waiting: ReturnType<typeof setTimeout> | undefined
  let planned: unknown[] = [] // what the last answer was worked out from

  const client = new PlannerClient({
    answer: take,
    trouble: (sentence) => void useMessages().say('look', sentence),
  })

  /** @param quiet how long to wait for more typing, milliseconds */
  function request(layOut: PlanRequest['layOut'], quiet: number): void {
    const { job } = jobs
    if (!job) return
    busy.value = true
    helps.value = null
    failure.value = ''
    const own = ++sequence
    const send = (): void => client.ask({ kind: 'plan', sequence: own, job: toRaw(jobs.job ?? job), layOut })
    clearTimeout(waiting)
    if (quiet === 0)
      send() // at once, so that the worker works while the page is drawn
    else waiting = setTimeout(send, quiet)
  }

  function take(answer: Answer): void {
    if (answer.sequence !== sequence) return
    if (answer.kind === 'helps') {
      helps.value = answer
      return
    }
    if (answer.kind === 'progress') {
      progress.value = answer
      return
    }
    busy.value = false
    progress.value = null
    if (answer.kind === 'failed') {
      failure.value = answer.message
      const sentence =
        `The plan could not be worked out: ${answer.message}. Undo the last change, ` +
        'or export the job and report it.'
      useMessages().say('stop', sentence)
      return
    }
    plan.value = answer.plan && unpackPlan(answer.plan)
    use.value = answer.use
    const { arrangement } = answer
    if (arrangement) {
      const put = (draft: Job): void => {
        draft.layout.arrangement = arrangement
      }
      const before = jobs.job?.layout.arrangement
      if (answer.search) jobs.edit(put)
      else jobs.amend(put)
      const { search } = answer
      compared.value =
        search && before
          ? {
              before: { arrangement: before, score: search.before },
              after: { arrangement, score: search.after },
            }
          : null
    }
    if (jobs.job) planned = inputs(jobs.job)
  }

  /** Asks what would save a sheet; whatever is changed meanwhile ends that. */
  function askWhatHelps(): void {
    if (busy.value || !jobs.job) return
    const own = ++sequence
    helps.value = { kind: 'helps', sequence: own, tried: 0, of: 0, found: [], done: false }
    client.ask({ kind: 'what helps', sequence: own, job: toRaw(jobs.job) })
  }

  watch(
    () => jobs.job?.id,
    () => {
      plan.value = null
      use.value = null
      compared.value = null
    },
  )
  const watched = computed(() => (jobs.job ? inputs(jobs.job) : []))
  watch(
    watched,
    (now) => {
      // Back at what was planned last, as by Undo, another plan may be under way all the same.
      const isOther = now.length !== planned.length || now.some((value, i) => value !== planned[i])
      if (busy.value || isOther) request('if stale', plan.value ? QUIET : 0)
    },
    { immediate: true },
  )

  return {
    plan,
    use,
    progress,
    compared,
    busy,
    failure,
    layOutAgain: () => request('always', 0),
    helps,
    askWhatHelps,
    searchOn: () => request('search on', 0),
    stopLayout: () => client.ask({ kind: 'stop layout' }),
  }
})

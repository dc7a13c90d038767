import { defineStore } from 'pinia'
import { computed, shallowRef, toRaw, watch } from 'vue'
import {
  planInputs,
  withLayout,
  type CutPlan,
  type JobUse,
  type LayoutScore,
  type Part,
  type StockKnown,
} from '@core/derive'
import type { Arrangement, Job } from '@core/job'
import { loadWorkedOut, saveWorkedOut } from '@web/data/worked-out'
import { unpackPlan } from '@web/workers/packing'
import { PlannerClient } from '@web/workers/planner-client'
import type { Answer, PlanRequest } from '@web/workers/protocol'
import { oncePainted } from '@web/once-painted'
import { useJob } from './job'
import { useMessages } from './messages'
import { planner as words } from './words'

/** How long nothing must be typed before a plan is asked for, milliseconds. */
const QUIET = 90

type Planned = Extract<Answer, { kind: 'planned' }>

/** What a plan is made of, as whoever derives it has it. */
export interface PlanInput {
  /** The job that it was made of. */
  job: Job
  parts: Part[]
  depths: number[]
  /** Whether every box of it can be made: there is no plan of one that cannot. */
  canBeMade: boolean
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
  let asked: PlanRequest['layOut'] = 'if stale'
  let callOff = (): void => undefined
  let planned: unknown[] = [] // what the last answer was worked out from
  let source: (() => PlanInput) | null = null
  /** The layout that was worked out for the job on the screen; it is loaded with the job. */
  const workedOut = shallowRef<Arrangement | null>(null)
  let workedOutLoaded: Promise<void> = Promise.resolve()

  /** What lies where: as the maker has it where they had a hand in it, else as it was worked out. */
  const arrangement = computed((): Arrangement | null => {
    const own = jobs.job?.layout.arrangement ?? null
    return own?.byHand ? own : (workedOut.value ?? own)
  })

  const client = new PlannerClient({
    answer: take,
    trouble: (sentence) => void useMessages().say('look', sentence),
  })

  /** What of the present job a plan rests on; its parts may say its name, or how often it was cut. */
  const inputsNow = (): unknown[] => (jobs.job ? planInputs(jobs.job) : [])
  const isOther = (now: unknown[]): boolean =>
    now.length !== planned.length || now.some((value, i) => value !== planned[i])

  /** Hands over what was made for the page already: nothing is derived twice. */
  async function send(own: number, layOut: PlanRequest['layOut']): Promise<void> {
    await workedOutLoaded
    if (own !== sequence || !jobs.job || !source) return
    const { job, parts, depths, canBeMade } = source()
    // The page has not been painted with the last edit yet.
    if (job !== jobs.job) return ask(own, layOut)
    if (!canBeMade) return settle(null, null)
    const known = workedOut.value
    client.ask({ kind: 'plan', sequence: own, job: toRaw(job), parts, depths, known, layOut })
  }

  function ask(own: number, layOut: PlanRequest['layOut'], quiet = 0): void {
    callOff()
    const work = (): void => void send(own, layOut)
    if (quiet === 0) callOff = oncePainted(work)
    else {
      const timer = setTimeout(work, quiet)
      callOff = () => clearTimeout(timer)
    }
  }

  /** @param quiet how long to wait for more typing, milliseconds */
  function request(layOut: PlanRequest['layOut'], quiet = 0): void {
    if (!jobs.job) return
    busy.value = true
    helps.value = null
    failure.value = ''
    asked = layOut
    ask(++sequence, layOut, quiet)
  }

  function settle(made: CutPlan | null, used: JobUse | null): void {
    busy.value = false
    progress.value = null
    plan.value = made
    use.value = used
    planned = inputsNow()
  }

  function take(answer: Answer): void {
    if (answer.sequence !== sequence) return
    if (answer.kind === 'helps') helps.value = answer
    else if (answer.kind === 'progress') progress.value = answer
    else if (answer.kind === 'failed') fail(answer.message)
    else if (answer.kind === 'planned') hold(answer)
  }

  function fail(message: string): void {
    busy.value = false
    progress.value = null
    failure.value = message
    const sentence = words.planCouldNot(message)
    useMessages().say('stop', sentence)
  }

  /** A layout that the maker asked for in place of their own is an edit; any other is kept beside the job. */
  function hold({ arrangement: found, search, plan: packed, use: used }: Planned): void {
    const before = arrangement.value
    const isAsked = search !== null || asked === 'always'
    const own = jobs.job?.layout.arrangement ?? null
    // Laid out again nothing is the maker's any more but what they pinned.
    const isTheirs = search !== null || found?.placements.some(({ pinned }) => pinned)
    if (found && isAsked && (search || own))
      jobs.edit((draft) => {
        draft.layout.arrangement = isTheirs ? found : null
      })
    if (found && isAsked && isTheirs) workedOut.value = null
    else {
      workedOut.value = found
      if (found && jobs.job) void saveWorkedOut(jobs.job.id, found).catch(() => undefined)
    }
    // A layout that is taken of the two goes on being compared.
    if (found)
      compared.value =
        search && before
          ? {
              before: { arrangement: before, score: search.before },
              after: { arrangement: found, score: search.after },
            }
          : null
    settle(packed && unpackPlan(packed), used)
  }

  /**
   * Asks what would save a sheet; whatever is changed meanwhile ends that.
   * @param known stocks that it could be cut from instead
   */
  function askWhatHelps(known: StockKnown[]): void {
    if (busy.value || !jobs.job) return
    const own = ++sequence
    helps.value = { kind: 'helps', sequence: own, tried: 0, of: 0, found: [], done: false }
    const laid = arrangement.value ? withLayout(jobs.job, arrangement.value) : jobs.job
    client.ask({ kind: 'what helps', sequence: own, job: toRaw(laid), known })
  }

  watch(
    () => jobs.job?.id,
    (id) => {
      plan.value = null
      use.value = null
      compared.value = null
      workedOut.value = null
      if (id === undefined) return
      workedOutLoaded = loadWorkedOut(id).then(
        (found) => void (jobs.job?.id === id && (workedOut.value ??= found)),
        () => undefined,
      )
    },
    { immediate: true },
  )
  watch(computed(inputsNow), (now) => {
    // Back at what was planned last, as by Undo, another plan may be under way all the same.
    if (source && (busy.value || isOther(now))) request('if stale', plan.value ? QUIET : 0)
  })

  /** From here on the job on the screen is planned, of what is made for the page. */
  function planFrom(made: () => PlanInput): void {
    source = made
    request('if stale')
    watch(
      () => jobs.job && made().parts,
      () => {
        if (jobs.job && !busy.value) request('if stale', QUIET)
      },
    )
  }

  return {
    plan,
    use,
    progress,
    compared,
    busy,
    failure,
    arrangement,
    planFrom,
    layOutAgain: () => request('always'),
    helps,
    askWhatHelps,
    searchOn: () => request('search on'),
    stopLayout: () => client.ask({ kind: 'stop layout' }),
  }
})

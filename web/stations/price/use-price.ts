import { computed, onUnmounted, ref, shallowRef, toRaw, watch, type ComputedRef } from 'vue'
import { spoilChances, workOf } from '@core/derive'
import { billOf, type Bill, type RunCost } from '@core/price'
import type { Priced } from '@core/say'
import type { PriceAnswer, PriceRequest } from '@web/workers/pricing'
import { useDerived } from '@web/stores/derived'
import { useOpenJob } from '@web/stores/job'
import { usePrice as words } from './words'

/** Counts that are always looked at beside the one that is asked for. */
const COUNTS = [1, 10, 100]

export interface Prices {
  /** Of as many boxes as are asked for; null while it is worked out, or where it cannot be. */
  asked: ComputedRef<Priced | null>
  /** Of every count, as it comes. */
  bills: ComputedRef<Bill[]>
  counts: ComputedRef<number[]>
  /** Counts that cannot be laid out. */
  refused: ComputedRef<number[]>
  /** Why what is asked for has no price. */
  trouble: ComputedRef<string>
}

const CANNOT = words.cannotLaidOut

/** What a job costs by the layouts of its counts, which a worker of its own makes. */
export function usePrice(): Prices {
  const jobs = useOpenJob()
  const derived = useDerived()
  const runs = shallowRef<Record<number, RunCost | null>>({})
  const failure = ref('')
  let worker: Worker | null = null
  let sequence = 0

  function hear({ data }: MessageEvent<PriceAnswer>): void {
    if (data.sequence !== sequence) return
    runs.value = { ...runs.value, [data.boxes]: data.run }
  }
  function begin(): Worker {
    const started = new Worker(new URL('../../workers/pricing.worker.ts', import.meta.url), {
      type: 'module',
    })
    started.onmessage = hear
    started.onerror = () => {
      worker = null
      failure.value = words.priceCouldNot
    }
    return started
  }
  function ask(counts: number[]): void {
    if (counts.length === 0) return
    worker ??= begin()
    const request: PriceRequest = { sequence, job: toRaw(jobs.job), counts, clock: derived.clock }
    worker.postMessage(request)
  }

  const counts = computed(() => [...new Set([jobs.job.price.boxes, ...COUNTS])].sort((a, b) => a - b))
  /** What the layouts rest on: prices and hours change none of them. */
  const made = computed(() => {
    const { measure, thing, box, copies, also, interference, layout, tune, cut } = jobs.job
    return [measure, thing, box, copies, also, interference, layout.settings, tune, cut, derived.clock]
  })
  const wanted = (): number[] => [
    jobs.job.price.boxes,
    ...counts.value.filter((count) => count !== jobs.job.price.boxes),
  ]
  watch(
    made,
    (now, before) => {
      if (before && now.every((each, i) => each === before[i])) return
      sequence++
      runs.value = {}
      failure.value = ''
      ask(wanted())
    },
    { immediate: true },
  )
  watch(
    () => jobs.job.price.boxes,
    () => {
      sequence++
      ask(wanted().filter((count) => runs.value[count] === undefined))
    },
  )
  onUnmounted(() => worker?.terminate())

  const work = computed(() => workOf(jobs.job, derived.things))
  const chances = computed(() => spoilChances(jobs.job, derived.things, derived.parts.length))
  const bills = computed(() =>
    counts.value.flatMap((count) => {
      const run = runs.value[count]
      return run ? [billOf(run, work.value, chances.value, jobs.job.price)] : []
    }),
  )
  const asked = computed((): Priced | null => {
    const { price: terms } = jobs.job
    const run = runs.value[terms.boxes]
    const bill = bills.value.find(({ boxes }) => boxes === terms.boxes)
    return run && bill ? { bill, run, work: work.value, chances: chances.value, terms } : null
  })
  const refused = computed(() => counts.value.filter((count) => runs.value[count] === null))
  const trouble = computed(
    () => failure.value || (refused.value.includes(jobs.job.price.boxes) ? CANNOT : ''),
  )
  return { asked, bills, counts, refused, trouble }
}

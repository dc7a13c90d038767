import { computed, onUnmounted, ref, shallowRef, watch, type ComputedRef, type Ref } from 'vue'
import { runsOf, type Job } from '@core/job'
import { inQueue, withoutReserved, type Order, type QueuedOrder } from '@core/orders'
import { clockOf, type Run } from '@core/plan'
import type { RunCost } from '@core/price'
import { isUnreadable, loadJob } from '@web/data/jobs'
import { useBench } from '@web/stores/bench'
import type { PriceAnswer, PriceRequest } from '@web/workers/pricing'
import { useQueue as words } from './words'

export interface Queue {
  /** Waiting orders in their turn, each with what cutting it comes to as far as it is known. */
  queued: ComputedRef<QueuedOrder[]>
  /** The order that is being laid out; null where all are. */
  working: Ref<string | null>
  /** Why an order cannot be laid out, by its id. */
  troubles: Ref<Record<string, string>>
  /** The jobs that are ordered, as they are stored. */
  jobs: Ref<Map<string, Job>>
}

const GONE = words.jobNoLonger
const CANNOT = words.cannotLaidOut

interface Pricer {
  /** What one order comes to; null where it cannot be laid out. */
  ask: (job: Job, boxes: number) => Promise<RunCost | null>
  end: () => void
}

/** A worker that lays orders out, one after the other. */
function pricer(runsOfBench: () => Run[]): Pricer {
  let worker: Worker | null = null
  let sequence = 0
  function ask(job: Job, boxes: number): Promise<RunCost | null> {
    worker ??= new Worker(new URL('../workers/pricing.worker.ts', import.meta.url), { type: 'module' })
    const { machine } = job.measure
    const clocked = machine ? runsOf(machine.id, runsOfBench(), job) : []
    const clock = clocked.length > 0 ? clockOf(clocked) : null
    const request: PriceRequest = { sequence: ++sequence, job, counts: [boxes], clock }
    const own = worker
    return new Promise((resolve) => {
      own.onmessage = ({ data }: MessageEvent<PriceAnswer>): void => {
        if (data.sequence === request.sequence) resolve(data.run)
      }
      own.onerror = () => {
        worker = null
        resolve(null)
      }
      own.postMessage(request)
    })
  }

  return { ask, end: () => worker?.terminate() }
}

/** What waits to be cut, each order laid out by a worker on what those before it leave. */
export function useQueue(): Queue {
  const bench = useBench()
  const { ask, end } = pricer(() => bench.runs)
  const jobs = shallowRef(new Map<string, Job>())
  const runs = shallowRef<Record<string, { key: string; run: RunCost | null }>>({})
  const working = ref<string | null>(null)
  const missing = ref<string[]>([])

  /** The job as its order finds the bench: its stock now, less what is kept for others and cut before it. */
  function asFound(job: Job, order: Order, before: Order[]): Job {
    const measure = bench.renewed(job.measure)
    const earlier = before.map((each): Order => {
      const takes = runs.value[each.id]?.run?.takes ?? []
      const taken = takes.flatMap(({ stock, offcuts }) => offcuts.map((own) => ({ stock, ...own })))
      return taken.length > 0 ? { ...each, reserved: taken } : each
    })
    const ids = new Set(earlier.map(({ id }) => id))
    const all = [...earlier, ...bench.orders.filter(({ id }) => !ids.has(id))]
    return {
      ...job,
      measure: {
        ...measure,
        stock: measure.stock && withoutReserved(measure.stock, all, order),
        more: measure.more.map((each) => ({ ...each, stock: withoutReserved(each.stock, all, order) })),
      },
    }
  }

  async function jobOf(id: string): Promise<Job | null> {
    const known = jobs.value.get(id)
    if (known) return known
    const read = await loadJob(id).catch(() => null)
    if (!read || isUnreadable(read)) return null
    jobs.value = new Map(jobs.value).set(id, read.job)
    return read.job
  }

  let latest = 0
  async function work(): Promise<void> {
    const own = ++latest
    const order = inQueue(bench.orders)
    // All of them at once: what they are cut from is known before the first is laid out.
    const found = await Promise.all(order.map(({ job }) => jobOf(job)))
    if (own !== latest) return
    missing.value = order.filter((_, i) => found[i] === null).map(({ id }) => id)
    for (const [i, each] of order.entries()) {
      const job = found[i]
      if (!job) continue
      const seen = asFound(job, each, order.slice(0, i))
      const key = JSON.stringify([job.changed, each.boxes, seen.measure, bench.runs.length])
      if (runs.value[each.id]?.key === key) continue
      working.value = each.id
      const run = await ask(seen, each.boxes)
      if (own !== latest) return
      runs.value = { ...runs.value, [each.id]: { key, run } }
    }
    working.value = null
  }
  watch([() => bench.orders, () => bench.stocks], () => void work(), { immediate: true })
  onUnmounted(() => {
    latest++
    end()
  })

  const queued = computed(() =>
    inQueue(bench.orders).map((order): QueuedOrder => {
      const measure = jobs.value.get(order.job)?.measure
      const [machine, stock] = [measure?.machine ?? null, measure?.stock ?? null]
      return { order, machine, stock, run: runs.value[order.id]?.run ?? null }
    }),
  )
  const troubles = computed(() => {
    const said: Record<string, string> = {}
    for (const { id } of bench.orders) {
      if (missing.value.includes(id)) said[id] = GONE
      else if (runs.value[id] && runs.value[id].run === null) said[id] = CANNOT
    }
    return said
  })
  return { queued, working, troubles, jobs }
}

import { defineStore } from 'pinia'
import { computed, shallowRef, watch } from 'vue'
import {
  deriveBox,
  makeParts,
  stationStatuses,
  stripFigures,
  type Derived,
  type StripFigure,
} from '@core/job'
import { useBench } from './bench'
import { useJob } from './job'
import { usePlanner } from './planner'

/** Everything that follows from the job on the screen. Only what changed is worked out again. */
export const useDerived = defineStore('derived', () => {
  const jobs = useJob()
  const bench = useBench()
  const planner = usePlanner()

  const measure = computed(() => jobs.job?.measure)
  const spec = computed(() => jobs.job?.box)
  const interference = computed(() => jobs.job?.interference)
  const copies = computed(() => jobs.job?.copies)
  const box = computed(() =>
    deriveBox({ measure: measure.value!, box: spec.value!, interference: interference.value! }),
  )
  /** Asked for by Lay out only: they cost as much as the box itself. */
  const parts = computed(() =>
    box.value.panels ? makeParts(box.value.panels, copies.value!, box.value.kerf.perSide) : [],
  )
  const all = computed((): Derived => ({ box: box.value, plan: planner.plan, use: planner.use }))
  const newer = computed(() => bench.newerThan(jobs.job!))
  const statuses = computed(() => stationStatuses(jobs.job!, all.value, newer.value))

  /** The figures of the strip, and those from before the last edit. */
  const strip = computed((): StripFigure[] => stripFigures(jobs.job!, all.value))
  const before = shallowRef<StripFigure[]>([])
  /** Layout, time and cost come later than the edit: while they are being worked out, what they were still counts. */
  const PLANNED = ['sheets', 'time', 'cost']
  let settled: StripFigure[] = []
  watch(
    () => jobs.step,
    () => {
      before.value = settled
    },
    { flush: 'sync' },
  )
  watch(
    () => jobs.job?.id,
    () => {
      settled = []
      before.value = []
    },
    { flush: 'sync' },
  )
  watch([strip, () => planner.busy], () => {
    if (!jobs.job) return
    settled = strip.value.map((figure) =>
      planner.busy && PLANNED.includes(figure.id)
        ? (settled.find(({ id }) => id === figure.id) ?? figure)
        : figure,
    )
  })

  return { box, parts, all, newer, statuses, strip, before }
})

import { defineStore } from 'pinia'
import { computed, shallowRef, watch } from 'vue'
import { deriveBox, makeParts, stationStatuses, stripFigures, useOf, type Derived, type StripFigure } from '@core/job'
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
  const box = computed(() => deriveBox({ measure: measure.value!, box: spec.value!, interference: interference.value! }))
  const parts = computed(() => (box.value.panels ? makeParts(box.value.panels, copies.value!, box.value.kerf.perSide) : []))
  const use = computed(() => (box.value.panels && jobs.job!.layout.arrangement ? useOf(jobs.job!, parts.value) : null))
  const all = computed((): Derived => ({ box: box.value, parts: parts.value, plan: planner.plan, use: use.value }))
  const newer = computed(() => bench.newerThan(jobs.job!))
  const statuses = computed(() => stationStatuses(jobs.job!, all.value, newer.value))

  /** The figures of the strip, and those from before the last edit. */
  const strip = computed((): StripFigure[] => stripFigures(jobs.job!, all.value))
  const before = shallowRef<StripFigure[]>([])
  let settled: StripFigure[] = []
  watch(() => [jobs.step, jobs.job?.id], () => { before.value = settled }, { flush: 'sync' })
  watch([strip, () => planner.busy], () => { if (!planner.busy && jobs.job) settled = strip.value })

  return { box, parts, use, all, newer, statuses, strip, before }
})

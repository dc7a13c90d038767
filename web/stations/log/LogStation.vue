<script setup lang="ts">
import { Plus } from '@lucide/vue'
import { computed, ref } from 'vue'
import { lyingSignature } from '@core/derive'
import { plannedOf } from '@core/plan'
import type { Revision } from '@core/job'
import { IN_METRIC } from '@core/length'
import { cutFigures, timeWords } from '@core/say'
import LongList from '@web/parts/LongList.vue'
import { tryTo } from '@web/refusals'
import { useDerived } from '@web/stores/derived'
import { useOpenJob } from '@web/stores/job'
import { usePlanner } from '@web/stores/planner'
import BatchCard from './BatchCard.vue'
import BendLog from './BendLog.vue'
import RestCard from './RestCard.vue'
import RevisionCard from './RevisionCard.vue'

const jobs = useOpenJob()
const derived = useDerived()
const planner = usePlanner()
const error = ref('')
const newestFirst = computed(() => [...jobs.job.log].reverse())
/** The last cut, while nobody said what became of its sheets. */
const unbooked = computed(() => {
  const last = jobs.job.log.at(-1)
  return last?.unbooked && planner.plan ? last : null
})
/** What it left over is only known while its parts lie as they did. */
const isAsCut = computed(() => unbooked.value?.unbooked === lyingSignature(derived.laid))
const predicted = computed(() => {
  const { plan } = planner
  return `${plan ? timeWords(plan.total, derived.clock) : 'no time'}, ${derived.fit.word}.`
})
const before = (number: number): Revision | null =>
  jobs.job.log.filter((revision) => revision.number < number).at(-1) ?? null

/** What the plan says of the time, to be held against the clock; nothing without a machine. */
function plannedNow(): Revision['planned'] {
  const { machine } = jobs.job.measure
  const { plan } = planner
  if (!machine || !plan) return null
  return { machineId: machine.id, ...plannedOf(plan.total) }
}

/** A revision keeps the figures that the job has now, in words: later changes do not reach it. */
function add(): void {
  const { log, measure } = jobs.job
  const { kerf } = derived.box
  const number = (log.at(-1)?.number ?? 0) + 1
  const revision: Revision = {
    id: crypto.randomUUID(),
    number,
    date: new Date().toISOString(),
    reason: number === 1 ? 'First cut' : '',
    minutes: null,
    verdict: null,
    note: '',
    unbooked: lyingSignature(derived.laid),
    cut: {
      family: measure.stock?.family ?? 'other',
      gap: derived.fit.gap,
      kerfSd: kerf.sd,
      kerfId: kerf.id,
    },
    planned: plannedNow(),
    figures: cutFigures(jobs.job, derived.all, IN_METRIC),
  }
  error.value = tryTo(() => jobs.edit((draft) => void draft.log.push(revision))) ?? ''
}
</script>

<template>
  <div class="grid max-w-4xl gap-3">
    <div class="card flex flex-wrap items-center justify-between gap-3">
      <p class="min-w-48 flex-1 text-sm">
        Write down each time it was cut: what was different, how long it took, how it fitted. Predicted now:
        <span class="num">{{ predicted }}</span>
      </p>
      <button type="button" class="btn btn-main" data-field="cut-now" @click="add">
        <Plus :size="16" aria-hidden="true" />
        It was cut now
      </button>
      <p v-if="error" class="w-full text-[13px] text-rowan" role="alert">{{ error }}</p>
    </div>
    <BatchCard v-if="jobs.job.batch.length > 0" :revision="jobs.job.log.at(-1) ?? null" />
    <RestCard v-if="unbooked && isAsCut" :revision="unbooked.id" />
    <p v-else-if="unbooked" class="note">
      The layout changed since revision {{ unbooked.number }} was cut: take what it used off the bench by
      hand, or undo the change first.
    </p>
    <p v-if="newestFirst.length === 0" class="note">
      Nothing is written yet. After the first cut press “It was cut now”: the figures of this moment are kept
      with it.
    </p>
    <LongList v-slot="{ item }" label="Revisions" :items="newestFirst" :height="330" scrolls="main">
      <RevisionCard :revision="item" :before="before(item.number)" />
    </LongList>
    <BendLog />
  </div>
</template>

<script setup lang="ts">
import { Plus } from '@lucide/vue'
import { computed, ref } from 'vue'
import type { Part } from '@core/derive'
import type { Job, Revision } from '@core/job'
import { derivedOf, type CutRecord } from '@core/keep'
import { revisionOf, timeWords } from '@core/say'
import LongList from '@web/parts/LongList.vue'
import { tryTo } from '@web/refusals'
import { useCutRecords } from '@web/stores/cut-records'
import { useDerived } from '@web/stores/derived'
import { useOpenJob } from '@web/stores/job'
import { usePlanner } from '@web/stores/planner'
import RecordPick from '../RecordPick.vue'
import { asItWasCut } from './as-cut'
import BatchCard from './BatchCard.vue'
import BendLog from './BendLog.vue'
import RestCard from './RestCard.vue'
import RevisionCard from './RevisionCard.vue'
import WrittenFiles from './WrittenFiles.vue'

const jobs = useOpenJob()
const derived = useDerived()
const planner = usePlanner()
const records = useCutRecords()
const error = ref('')
const newestFirst = computed(() => [...jobs.job.log].reverse())
/** The last cut, while nobody said what became of its sheets. */
const unbooked = computed(() => {
  const last = jobs.job.log.at(-1)
  return last?.unbooked && planner.plan ? last : null
})
/** Where its parts lay: as the record of its files says, or as they still lie. */
const asCut = computed((): { laid: Job; parts: Part[] } | null => {
  if (!unbooked.value) return null
  return asItWasCut(unbooked.value, jobs.job, derived, records.records)
})
const predicted = computed(() => {
  const { plan } = planner
  return `${plan ? timeWords(plan.total, derived.clock) : 'no time'}, ${derived.fit.word}.`
})
const before = (number: number): Revision | null =>
  jobs.job.log.filter((revision) => revision.number < number).at(-1) ?? null

/** Which of the written files was cut; null where it was none of them. */
const record = ref<CutRecord | null>(null)

/** A revision keeps the figures that it was cut with: later changes do not reach it. */
function add(): void {
  const about = {
    id: crypto.randomUUID(),
    number: (jobs.job.log.at(-1)?.number ?? 0) + 1,
    date: new Date().toISOString(),
    mark: record.value?.mark ?? null,
  }
  const revision = record.value
    ? revisionOf(record.value.laid, derivedOf(record.value).derived, about)
    : revisionOf(derived.laid, derived.all, about)
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
      <RecordPick v-model="record" label="Cut from" />
      <button type="button" class="btn btn-main" data-field="cut-now" @click="add">
        <Plus :size="16" aria-hidden="true" />
        It was cut now
      </button>
      <p v-if="record && records.isChanged(record)" class="w-full text-[13px] text-gorse">
        The job has changed since {{ record.mark }} was written: the log keeps the figures of those files.
      </p>
      <p v-if="error" class="w-full text-[13px] text-rowan" role="alert">{{ error }}</p>
    </div>
    <BatchCard v-if="jobs.job.batch.length > 0" :revision="jobs.job.log.at(-1) ?? null" />
    <RestCard v-if="unbooked && asCut" v-bind="asCut" :revision="unbooked.id" />
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
    <WrittenFiles v-if="records.records.length > 0" />
    <BendLog />
  </div>
</template>

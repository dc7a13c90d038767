<script setup lang="ts">
import { Plus } from '@lucide/vue'
import { computed } from 'vue'
import { cutFigures } from '@core/job'
import { formatDuration } from '@core/length'
import { useDerived } from '@web/stores/derived'
import { useJob } from '@web/stores/job'
import { usePlanner } from '@web/stores/planner'
import RevisionCard from './RevisionCard.vue'

const jobs = useJob()
const derived = useDerived()
const planner = usePlanner()
const newestFirst = computed(() => [...jobs.job!.log].reverse())
const before = (number: number) => jobs.job!.log.filter((revision) => revision.number < number).at(-1) ?? null

/** A revision keeps the figures that the job has now, in words: later changes do not reach it. */
function add(): void {
  jobs.edit((draft) => {
    const number = (draft.log.at(-1)?.number ?? 0) + 1
    draft.log.push({
      id: crypto.randomUUID(),
      number,
      date: new Date().toISOString(),
      reason: number === 1 ? 'First cut' : '',
      minutes: null,
      verdict: null,
      note: '',
      cut: {
        family: draft.measure.stock?.family ?? 'other',
        gap: derived.box.fit.gap,
        kerfSd: derived.box.kerf.sd,
      },
      figures: cutFigures(jobs.job!, derived.all),
    })
  })
}
</script>

<template>
  <div class="grid max-w-4xl gap-3">
    <div class="card flex flex-wrap items-center justify-between gap-3">
      <p class="text-sm">
        Write down each time it was cut: what was different, how long it took, how it fitted. Predicted now:
        <span class="num">{{ planner.plan ? formatDuration(planner.plan.total.seconds) : 'no time' }}</span>
        ,
        <span class="num">{{ derived.box.fit.word }}</span>
        .
      </p>
      <button type="button" class="btn btn-main" @click="add">
        <Plus :size="16" aria-hidden="true" />
        It was cut now
      </button>
    </div>
    <p v-if="newestFirst.length === 0" class="note">
      Nothing is written yet. After the first cut press “It was cut now”: the figures of this moment are kept
      with it.
    </p>
    <RevisionCard
      v-for="revision in newestFirst"
      :key="revision.id"
      :revision="revision"
      :before="before(revision.number)"
    />
  </div>
</template>

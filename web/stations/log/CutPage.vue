<script setup lang="ts">
import { ChevronLeft, ChevronRight } from '@lucide/vue'
import { computed } from 'vue'
import { RouterLink, useRoute, useRouter } from 'vue-router'
import type { Part } from '@core/derive'
import type { Job, Revision } from '@core/job'
import { useCutRecords } from '@web/stores/cut-records'
import { useDerived } from '@web/stores/derived'
import { useOpenJob } from '@web/stores/job'
import { usePlanner } from '@web/stores/planner'
import { asItWasCut } from './as-cut'
import BatchCard from './BatchCard.vue'
import CutCompare from './CutCompare.vue'
import OtherwiseCard from './OtherwiseCard.vue'
import PhotoShelf from './PhotoShelf.vue'
import RestCard from './RestCard.vue'
import RevisionCard from './RevisionCard.vue'
import { cutPage as words } from './words'

/** One cut: what came of it, photos, what to do otherwise, and how it differs from the others. */
const jobs = useOpenJob()
const derived = useDerived()
const planner = usePlanner()
const records = useCutRecords()
const route = useRoute()
const router = useRouter()
/** The one that is asked for; the last one where none is. */
const at = computed(() => {
  const { log } = jobs.job
  const asked = route.query.cut
  return asked === undefined ? log.length - 1 : log.findIndex(({ number }) => number === Number(asked))
})
// There is no page before the first cut: Log says how one comes into it.
if (jobs.job.log.length === 0) void router.replace({ params: { view: '' } })
const revision = computed((): Revision | null => jobs.job.log[at.value] ?? null)
const before = computed((): Revision | null => jobs.job.log[at.value - 1] ?? null)
const after = computed((): Revision | null => jobs.job.log[at.value + 1] ?? null)
const isLast = computed(() => revision.value !== null && after.value === null)
/** While nobody said what became of its sheets: only of the last cut is that still known. */
const isUnbooked = computed(() => isLast.value && !!revision.value!.unbooked && planner.plan !== null)
/** Where its parts lay: as the record of its files says, or as they still lie. */
const asCut = computed((): { laid: Job; parts: Part[] } | null =>
  isUnbooked.value ? asItWasCut(revision.value!, jobs.job, derived, records.records) : null,
)
const to = ({ number: cut }: Revision) => ({ params: { view: 'cut' }, query: { cut } })
</script>

<template>
  <div class="grid max-w-5xl gap-3">
    <nav class="flex flex-wrap items-center gap-2" :aria-label="words.cuts">
      <RouterLink :to="{ params: { view: '' } }" class="btn">
        <ChevronLeft :size="16" aria-hidden="true" />
        {{ words.allCuts }}
      </RouterLink>
      <span class="flex-1" />
      <RouterLink v-if="before" :to="to(before)" class="btn">
        <ChevronLeft :size="16" aria-hidden="true" />
        {{ words.revision(before.number) }}
      </RouterLink>
      <RouterLink v-if="after" :to="to(after)" class="btn">
        {{ words.revision(after.number) }}
        <ChevronRight :size="16" aria-hidden="true" />
      </RouterLink>
    </nav>
    <p v-if="!revision" class="card">{{ words.logNoRevision(String(route.query.cut)) }}</p>
    <div v-else :key="revision.id" class="grid items-start gap-3 lg:grid-cols-[1fr_22rem]">
      <div class="grid min-w-0 gap-3">
        <RevisionCard :revision="revision" />
        <BatchCard v-if="isLast && jobs.job.batch.length > 0" :revision="revision" />
        <RestCard v-if="asCut" v-bind="asCut" :revision="revision.id" />
        <p v-else-if="isUnbooked" class="note">
          {{ words.layoutChangedSince }}
        </p>
      </div>
      <div class="grid min-w-0 gap-3">
        <PhotoShelf :revision="revision.id" />
        <OtherwiseCard :revision="revision" />
      </div>
      <CutCompare
        v-if="revision.figures.length > 0"
        class="lg:col-span-2"
        :revision="revision"
        :before="before"
      />
    </div>
  </div>
</template>

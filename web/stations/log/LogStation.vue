<script setup lang="ts">
import { Plus } from '@lucide/vue'
import { computed, onMounted, ref, shallowRef } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { derivedOf, type CutRecord } from '@core/keep'
import { revisionOf, timeWords } from '@core/say'
import LongList from '@web/parts/LongList.vue'
import { countPhotos } from '@web/data/photos'
import { tryTo } from '@web/refusals'
import { useCutRecords } from '@web/stores/cut-records'
import { useDerived } from '@web/stores/derived'
import { useOpenJob } from '@web/stores/job'
import { usePlanner } from '@web/stores/planner'
import RecordPick from '../RecordPick.vue'
import BatchCard from './BatchCard.vue'
import BendLog from './BendLog.vue'
import CutPage from './CutPage.vue'
import CutRow from './CutRow.vue'
import WrittenFiles from './WrittenFiles.vue'
import { logStation as words } from './words'

const jobs = useOpenJob()
const derived = useDerived()
const planner = usePlanner()
const records = useCutRecords()
const route = useRoute()
const router = useRouter()
const error = ref('')
const newestFirst = computed(() => [...jobs.job.log].reverse())
const predicted = computed(() => {
  const { plan } = planner
  return words.predicted(plan ? timeWords(plan.total, derived.clock) : words.noTime, derived.fit.word)
})
/** How many photos there are of each cut. */
const photos = shallowRef(new Map<string, number>())
onMounted(async () => {
  photos.value = await countPhotos(jobs.job.id).catch(() => photos.value)
})

/** Which of the written files was cut; null where it was none of them. */
const record = ref<CutRecord | null>(null)

/** A revision keeps the figures that it was cut with: later changes do not reach it. */
function add(): void {
  const about = {
    id: crypto.randomUUID(),
    date: new Date().toISOString(),
    mark: record.value?.mark ?? null,
    before: jobs.job.log.at(-1) ?? null,
  }
  const revision = record.value
    ? revisionOf(record.value.laid, derivedOf(record.value).derived, about)
    : revisionOf(derived.laid, derived.all, about)
  error.value = tryTo(() => jobs.edit((draft) => void draft.log.push(revision))) ?? ''
  if (!error.value) void router.push({ params: { view: 'cut' }, query: { cut: revision.number } })
}
</script>

<template>
  <CutPage v-if="route.params.view === 'cut'" />
  <div v-else class="grid max-w-4xl gap-3">
    <div class="card flex flex-wrap items-center justify-between gap-3">
      <p class="min-w-48 flex-1 text-sm">{{ words.writeDownEach(predicted) }}</p>
      <RecordPick v-model="record" :label="words.cutFrom" />
      <button type="button" class="btn btn-main" data-field="cut-now" @click="add">
        <Plus :size="16" aria-hidden="true" />
        {{ words.cutNow }}
      </button>
      <p v-if="record && records.isChanged(record)" class="w-full text-[13px] text-gorse">
        {{ words.jobChangedSince(record.mark) }}
      </p>
      <p v-if="error" class="w-full text-[13px] text-rowan" role="alert">{{ error }}</p>
    </div>
    <BatchCard v-if="jobs.job.batch.length > 0" :revision="jobs.job.log.at(-1) ?? null" />
    <p v-if="newestFirst.length === 0" class="note">
      {{ words.nothingWrittenYet }}
    </p>
    <LongList v-slot="{ item }" :label="words.revisions" :items="newestFirst" :height="84" scrolls="main">
      <CutRow :revision="item" :photos="photos.get(item.id) ?? 0" />
    </LongList>
    <WrittenFiles v-if="records.records.length > 0" />
    <BendLog />
  </div>
</template>

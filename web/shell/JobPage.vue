<script setup lang="ts">
import { computed, defineAsyncComponent, ref, shallowRef, watch, type Component } from 'vue'
import { RouterLink, useRoute, useRouter } from 'vue-router'
import { STATION_NAMES, STATIONS, type Station } from '@core/say'
import type { Unreadable } from '@web/data/unreadable'
import { saveOnLeaving } from '@web/leaving'
import { useJob, type Opened } from '@web/stores/job'
import { useShelf } from '@web/stores/shelf'
import JobHeader from './JobHeader.vue'
import KnockOnStrip from './KnockOnStrip.vue'
import { useShortcuts } from './shortcuts'
import { STATION_CODE } from './station-code'
import StorageBanner from './StorageBanner.vue'
import TimerBar from './TimerBar.vue'
import TravellerNav from './TravellerNav.vue'
import { common } from '@web/words'
import { jobPage as words } from './words'

const VIEWS = Object.fromEntries(
  STATIONS.map((station) => [station, defineAsyncComponent(STATION_CODE[station])]),
) as Record<Station, Component>
const UnreadableList = defineAsyncComponent(() => import('@web/bench/UnreadableList.vue'))
const HelpDialog = defineAsyncComponent(() => import('./HelpDialog.vue'))
const FitDialog = defineAsyncComponent(() => import('./FitDialog.vue'))
const FindDialog = defineAsyncComponent(() => import('./FindDialog.vue'))

const route = useRoute()
const router = useRouter()
const jobs = useJob()
saveOnLeaving(jobs)
// A folder that is kept in step is written to from here as well; most makers have none.
void import('@web/stores/folder').then(({ useFolder }) => useFolder().wake()).catch(() => undefined)
const shelf = useShelf()
const opened = shallowRef<Opened | 'failed' | null>(null) // a record that is stored again must not be wrapped
const dialog = ref<'help' | 'find' | 'fit' | null>(null)
const station = computed(() => route.params.station as Station)
const broken = computed((): Unreadable[] =>
  opened.value !== null && typeof opened.value === 'object' ? [opened.value] : [],
)

async function open(id: string): Promise<void> {
  await shelf.begin()
  opened.value = await jobs.open(id).catch(() => 'failed' as const)
}
watch(
  () => route.params.id,
  (id) => {
    if (typeof id === 'string') void open(id)
  },
  { immediate: true },
)
/** A record that was mended or deleted meanwhile. */
watch(
  () => shelf.unreadable,
  () => {
    if (broken.value.length > 0) void open(String(route.params.id))
  },
)

useShortcuts({
  undo: jobs.undo,
  redo: jobs.redo,
  help: () => {
    dialog.value = 'help'
  },
  find: () => {
    dialog.value = 'find'
  },
  station: (index) => void router.push({ params: { station: STATIONS[index], view: '' } }),
})
</script>

<template>
  <div v-if="opened === 'absent'" class="mx-auto max-w-lg p-10">
    <h1>{{ words.jobNotBrowser }}</h1>
    <p class="mt-2">
      {{ words.mayBeenDeleted }}
    </p>
    <RouterLink to="/" class="btn mt-4">{{ common.allJobs }}</RouterLink>
  </div>
  <div v-else-if="opened === 'failed'" class="mx-auto max-w-lg p-10" role="alert">
    <h1>{{ words.storageNotAnswer }}</h1>
    <p class="mt-2">
      {{ words.browserDidNot }}
    </p>
    <button type="button" class="btn mt-4" @click="open(String(route.params.id))">
      {{ words.tryAgain }}
    </button>
  </div>
  <div v-else-if="broken.length > 0" class="mx-auto grid max-w-2xl gap-4 p-6">
    <h1>{{ words.jobCannotRead }}</h1>
    <UnreadableList :records="broken" />
    <RouterLink to="/" class="btn justify-self-start">{{ common.allJobs }}</RouterLink>
  </div>
  <div
    v-else-if="jobs.job && jobs.job.id === route.params.id"
    class="flex h-dvh flex-col squat:h-auto print:h-auto"
  >
    <JobHeader @help="dialog = 'help'" @find="dialog = 'find'" />
    <StorageBanner />
    <TimerBar />
    <div class="flex min-h-0 flex-1 max-md:flex-col">
      <TravellerNav :here="station" @fit="dialog = 'fit'" />
      <main
        class="relative min-w-0 flex-1 overflow-auto p-3 squat:overflow-visible print:overflow-visible"
        :aria-label="STATION_NAMES[station]"
      >
        <component :is="VIEWS[station]" />
      </main>
    </div>
    <KnockOnStrip @fit="dialog = 'fit'" />
    <HelpDialog v-if="dialog === 'help'" open @close="dialog = null" />
    <FitDialog v-if="dialog === 'fit'" open @close="dialog = null" />
    <FindDialog v-if="dialog === 'find'" open :job="jobs.job.id" @close="dialog = null" />
  </div>
  <p v-else class="p-10 text-quiet" role="status">{{ words.openingJob }}</p>
</template>

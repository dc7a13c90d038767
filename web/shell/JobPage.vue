<script setup lang="ts">
import { computed, ref, watch, type Component } from 'vue'
import { RouterLink, useRoute, useRouter } from 'vue-router'
import { STATION_NAMES, STATIONS, type Station } from '@core/job'
import BuildStation from '@web/stations/build/BuildStation.vue'
import CutStation from '@web/stations/cut/CutStation.vue'
import LayoutStation from '@web/stations/layout/LayoutStation.vue'
import LogStation from '@web/stations/log/LogStation.vue'
import MeasureStation from '@web/stations/measure/MeasureStation.vue'
import ShapeStation from '@web/stations/shape/ShapeStation.vue'
import TuneStation from '@web/stations/tune/TuneStation.vue'
import { useJob } from '@web/stores/job'
import { useShelf } from '@web/stores/shelf'
import FindDialog from './FindDialog.vue'
import FitDialog from './FitDialog.vue'
import HelpDialog from './HelpDialog.vue'
import JobHeader from './JobHeader.vue'
import KnockOnStrip from './KnockOnStrip.vue'
import { useShortcuts } from './shortcuts'
import StorageBanner from './StorageBanner.vue'
import TravellerNav from './TravellerNav.vue'

const VIEWS: Record<Station, Component> = {
  measure: MeasureStation,
  shape: ShapeStation,
  layout: LayoutStation,
  tune: TuneStation,
  cut: CutStation,
  build: BuildStation,
  log: LogStation,
}

const route = useRoute()
const router = useRouter()
const jobs = useJob()
const shelf = useShelf()
const missing = ref(false)
const helping = ref(false)
const finding = ref(false)
const seeingFit = ref(false)
const station = computed(() => route.params.station as Station)

watch(
  () => route.params.id,
  async (id) => {
    if (typeof id !== 'string') return
    if (!shelf.ready) await shelf.open()
    missing.value = !(await jobs.open(id).catch(() => false))
  },
  { immediate: true },
)

useShortcuts({
  undo: jobs.undo,
  redo: jobs.redo,
  help: () => {
    helping.value = true
  },
  find: () => {
    finding.value = true
  },
  station: (index) => void router.push({ params: { station: STATIONS[index], view: '' } }),
})
</script>

<template>
  <div v-if="missing" class="mx-auto max-w-lg p-10">
    <h1>This job is not in this browser</h1>
    <p class="mt-2">
      It may have been deleted, or it lives in another browser. Import its file, or choose another one.
    </p>
    <RouterLink to="/" class="btn mt-4">All jobs</RouterLink>
  </div>
  <div v-else-if="jobs.job && jobs.job.id === route.params.id" class="flex h-screen flex-col print:h-auto">
    <JobHeader @help="helping = true" @find="finding = true" />
    <StorageBanner />
    <div class="flex min-h-0 flex-1 max-md:flex-col">
      <TravellerNav :here="station" @fit="seeingFit = true" />
      <main
        class="min-w-0 flex-1 overflow-auto p-3 print:overflow-visible"
        :aria-label="STATION_NAMES[station]"
      >
        <component :is="VIEWS[station]" />
      </main>
    </div>
    <KnockOnStrip @fit="seeingFit = true" />
    <HelpDialog :open="helping" @close="helping = false" />
    <FitDialog :open="seeingFit" @close="seeingFit = false" />
    <FindDialog :open="finding" :job="jobs.job.id" @close="finding = false" />
  </div>
  <p v-else class="p-10 text-quiet" role="status">Opening the job…</p>
</template>

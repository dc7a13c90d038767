<script setup lang="ts">
import { OctagonX } from '@lucide/vue'
import { computed } from 'vue'
import { useOpenJob } from '@web/stores/job'
import { exportJobFile } from './export-job'
import { storageBanner as words } from './words'

const jobs = useOpenJob()
const says = computed(() => {
  if (jobs.gone) {
    return words.jobDeletedAnother
  }
  if (jobs.saving === 'failed') {
    return words.lastChangeNot
  }
  return jobs.saving === 'in memory' ? words.browserStoresNothing : ''
})
</script>

<template>
  <div
    v-if="says"
    class="no-print flex flex-wrap items-center gap-3 border-b border-rowan bg-rowan-wash px-4 py-2 text-sm"
    role="alert"
  >
    <OctagonX :size="18" aria-hidden="true" />
    <p class="min-w-48 flex-1">{{ says }}</p>
    <button type="button" class="btn" @click="exportJobFile(jobs.job)">{{ words.exportJobNow }}</button>
    <button v-if="jobs.saving === 'failed'" type="button" class="btn" @click="jobs.save()">
      {{ words.tryAgain }}
    </button>
  </div>
</template>

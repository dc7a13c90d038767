<script setup lang="ts">
import { OctagonX } from '@lucide/vue'
import { computed } from 'vue'
import { useOpenJob } from '@web/stores/job'
import { exportJobFile } from './export-job'

const jobs = useOpenJob()
const says = computed(() => {
  if (jobs.gone) {
    return (
      'This job was deleted in another tab. It is still on this screen: change anything to ' +
      'keep it, or export it.'
    )
  }
  if (jobs.saving === 'failed') {
    return (
      'The last change is not saved: the browser has no room left for this page, or forbids ' +
      'storing. Nothing on this screen is lost. Export the job file, make room, then try again.'
    )
  }
  return jobs.saving === 'in memory'
    ? 'This browser stores nothing for this page. You can work, but what you do is lost when the ' +
        'page closes: export the job first.'
    : ''
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
    <button type="button" class="btn" @click="exportJobFile(jobs.job)">Export job now</button>
    <button v-if="jobs.saving === 'failed'" type="button" class="btn" @click="jobs.save()">Try again</button>
  </div>
</template>

<script setup lang="ts">
import { OctagonX } from '@lucide/vue'
import { fileStem, writeJob } from '@core/files'
import { download } from '@web/data/download'
import { useJob } from '@web/stores/job'

const jobs = useJob()
const exportNow = (): void =>
  download([{ name: `${fileStem(jobs.job!.name)}.json`, content: writeJob(jobs.job!) }], 'job.zip')
</script>

<template>
  <div
    v-if="jobs.saving === 'failed' || jobs.gone"
    class="no-print flex flex-wrap items-center gap-3 border-b border-rowan bg-rowan-wash px-4 py-2 text-sm"
    role="alert"
  >
    <OctagonX :size="18" aria-hidden="true" />
    <p class="min-w-0 flex-1">
      <template v-if="jobs.gone">
        This job was deleted in another tab. It is still on this screen: change anything to keep it, or export
        it.
      </template>
      <template v-else>
        The last change is not saved: the browser has no room left for this page, or forbids storing. Nothing
        on this screen is lost. Export the job file, make room, then try again.
      </template>
    </p>
    <button type="button" class="btn" @click="exportNow">Export job now</button>
    <button v-if="!jobs.gone" type="button" class="btn" @click="jobs.save()">Try again</button>
  </div>
</template>

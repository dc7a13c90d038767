<script setup lang="ts">
import { CopyPlus, Trash2 } from '@lucide/vue'
import { defineAsyncComponent, onUnmounted, shallowRef, watch } from 'vue'
import { RouterLink } from 'vue-router'
import type { Job } from '@core/job'
import { dateText } from '@web/data/dates'
import type { JobEntry } from '@web/data/job-list'
import { oncePainted } from '@web/once-painted'
import { jobCard as words } from './words'

/** The picture and the size come after the list: they need the arithmetic of panels. */
const JobAbout = defineAsyncComponent(() => import('./JobAbout.vue'))
const JobPicture = defineAsyncComponent(() => import('@web/parts/JobPicture.vue'))

/** A job in the list: its box drawn small, its size, its stock. */
const props = defineProps<{ entry: JobEntry }>()
defineEmits<{ duplicate: []; remove: [] }>()
const job = shallowRef<Job | null>(null)
async function read(): Promise<void> {
  const { isUnreadable, loadJob } = await import('@web/data/jobs')
  const found = await loadJob(props.entry.id).catch(() => null)
  job.value = found && !isUnreadable(found) ? found.job : null
}
// The list is drawn first.
let callOff = oncePainted(read)
watch(
  () => `${props.entry.id} ${props.entry.revision}`,
  () => {
    callOff()
    callOff = oncePainted(read)
  },
)
onUnmounted(() => callOff())
</script>

<template>
  <div class="card flex items-center gap-3 py-2!">
    <div class="h-14 w-20 shrink-0">
      <JobPicture v-if="job" :job="job" class="block h-full w-full" />
    </div>
    <RouterLink
      :to="{ name: 'job', params: { id: entry.id, station: 'measure' } }"
      class="min-w-0 flex-1 rounded px-1 hover:underline"
    >
      <span class="block text-lg font-semibold">{{ entry.name }}</span>
      <span class="note block">
        <JobAbout v-if="job" :job="job" />
        {{ words.noStockChosen(entry.stock?.name, dateText(entry.changed)) }}
        <template v-if="entry.template">{{ words.kindOwn }}</template>
      </span>
    </RouterLink>
    <button
      type="button"
      class="btn-icon"
      :aria-label="words.duplicate(entry.name)"
      @click="$emit('duplicate')"
    >
      <CopyPlus :size="18" />
    </button>
    <button type="button" class="btn-icon" :aria-label="words.delete(entry.name)" @click="$emit('remove')">
      <Trash2 :size="18" />
    </button>
  </div>
</template>

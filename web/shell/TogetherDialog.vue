<script setup lang="ts">
import { computed, ref, shallowRef, watch } from 'vue'
import { batchOf, batchRefusal, type Job } from '@core/job'
import BaseDialog from '@web/parts/BaseDialog.vue'
import TextEntry from '@web/parts/TextEntry.vue'
import { listJobs } from '@web/data/jobs'
import { useShelf } from '@web/stores/shelf'
import { togetherDialog as words } from './words'

/** Jobs of the same stock and machine, to be cut together on the same sheets. */
const props = defineProps<{ open: boolean }>()
const emit = defineEmits<{ close: []; made: [job: string] }>()
const shelf = useShelf()
const chosen = ref<string[]>([])
const name = ref('')
const jobs = shallowRef<Job[]>([])
watch(
  () => props.open,
  async (isOpen) => {
    chosen.value = []
    name.value = ''
    const all = isOpen ? await listJobs().catch(() => null) : null
    jobs.value = (all?.jobs ?? []).map(({ job }) => job).sort((a, b) => a.name.localeCompare(b.name))
  },
  { immediate: true },
)
const picked = computed(() => chosen.value.flatMap((id) => jobs.value.filter((job) => job.id === id)))
const refusal = computed(() => batchRefusal(picked.value))
/** Why a job cannot join those that are chosen. */
const against = (job: Job): string =>
  picked.value.length === 0 || chosen.value.includes(job.id) ? '' : batchRefusal([...picked.value, job])
const proposed = computed(() =>
  picked.value
    .map((job) => job.name)
    .join(' + ')
    .slice(0, 80),
)
async function make(): Promise<void> {
  const own = { id: crypto.randomUUID(), changed: new Date().toISOString() }
  const id = await shelf.begun(batchOf(picked.value, { ...own, name: name.value.trim() || proposed.value }))
  if (id) emit('made', id)
}
</script>

<template>
  <BaseDialog :open="open" :title="words.cutJobsTogether" @close="emit('close')">
    <p class="note mt-1">
      {{ words.jobsStockMachine }}
    </p>
    <ul class="mt-3 grid gap-1" :aria-label="words.jobsCutTogether">
      <li v-for="job in jobs" :key="job.id">
        <label class="flex min-h-6 flex-wrap items-center gap-x-2 text-sm">
          <input
            v-model="chosen"
            type="checkbox"
            :value="job.id"
            class="accent-heather"
            :disabled="against(job) !== ''"
          />
          <span class="font-medium" :class="against(job) ? 'text-quiet' : ''">{{ job.name }}</span>
          <span class="note">{{ against(job) || job.measure.stock?.name || words.noStockYet }}</span>
        </label>
      </li>
    </ul>
    <label class="mt-3 block text-[13px] font-medium">
      {{ words.itsName }}
      <TextEntry
        class="input font-sans!"
        :maxlength="80"
        :model-value="name"
        :placeholder="proposed"
        @update:model-value="name = $event"
      />
    </label>
    <div class="mt-3 flex flex-wrap items-center gap-3">
      <button type="button" class="btn btn-main" :disabled="refusal !== ''" @click="make">
        {{ words.putThemSame }}
      </button>
      <p v-if="refusal && chosen.length > 0" class="note" role="status">{{ refusal }}</p>
    </div>
  </BaseDialog>
</template>

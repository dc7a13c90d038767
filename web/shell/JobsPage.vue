<script setup lang="ts">
import { BookOpen, FilePlus, FolderOpen, Mountain, Trash2 } from '@lucide/vue'
import { onMounted, ref } from 'vue'
import { RouterLink, useRouter } from 'vue-router'
import { boxSizes, sameThickness } from '@core/box'
import type { Job } from '@core/job'
import { fixed } from '@core/length'
import { thicknessOf } from '@core/stock'
import ContourBackdrop from '@web/parts/ContourBackdrop.vue'
import ThemeButton from './ThemeButton.vue'
import { useShelf } from '@web/stores/shelf'

const shelf = useShelf()
const router = useRouter()
const chooser = ref<HTMLInputElement>()
onMounted(() => shelf.open())

const go = (id: string | null): void => {
  if (id) void router.push({ name: 'job', params: { id, station: 'measure' } })
}

async function importChosen(): Promise<void> {
  const file = chooser.value?.files?.[0]
  if (file) go(await shelf.importFile(file))
  if (chooser.value) chooser.value.value = ''
}

function sizeOf({ box, measure }: Job): string {
  const { outer } = boxSizes(box, sameThickness(thicknessOf(measure.stock).mean))
  return `${fixed(outer.x, 1)} × ${fixed(outer.y, 1)} × ${fixed(outer.z, 1)} mm outside`
}
</script>

<template>
  <div class="relative min-h-screen">
    <ContourBackdrop />
    <main class="relative mx-auto max-w-4xl px-6 py-10">
      <div class="flex items-start justify-between gap-4">
        <div>
          <h1 class="flex items-center gap-2 text-3xl">
            <Mountain :size="30" aria-hidden="true" />
            Uplands
          </h1>
          <p class="mt-1 max-w-prose text-quiet">
            A sheet of paper that travels with your box from measuring to building, and does the arithmetic.
          </p>
        </div>
        <ThemeButton />
      </div>
      <div class="mt-6 flex flex-wrap gap-2">
        <button type="button" class="btn btn-main" @click="shelf.create().then(go)">
          <FilePlus :size="16" aria-hidden="true" />
          New job
        </button>
        <button type="button" class="btn" @click="chooser?.click()">
          <FolderOpen :size="16" aria-hidden="true" />
          Import a job file
        </button>
        <RouterLink to="/bench" class="btn">
          <BookOpen :size="16" aria-hidden="true" />
          Bench: stock and machines
        </RouterLink>
        <button type="button" class="btn" @click="shelf.addDemo()">Fetch the field station’s jobs</button>
        <input
          ref="chooser"
          type="file"
          accept=".json,application/json"
          class="sr-only"
          tabindex="-1"
          aria-label="Job file"
          @change="importChosen"
        />
      </div>
      <h2 class="mt-8">Jobs in this browser</h2>
      <p v-if="shelf.ready && shelf.jobs.length === 0" class="mt-2 text-quiet">
        None yet. Start with “New job”: the first thing it asks is what you measured.
      </p>
      <ul class="mt-2 grid gap-2" aria-label="Jobs">
        <li v-for="job in shelf.jobs" :key="job.id" class="card flex items-center gap-3">
          <RouterLink
            :to="{ name: 'job', params: { id: job.id, station: 'measure' } }"
            class="min-w-0 flex-1 rounded px-1 hover:underline"
          >
            <span class="block text-lg font-semibold">{{ job.name }}</span>
            <span class="note block">
              <span class="num">{{ sizeOf(job) }}</span>
              , {{ job.box.top ? 'closed' : 'open' }}{{ job.copies > 1 ? `, ${job.copies} copies` : '' }} ·
              {{ job.measure.stock?.name ?? 'no stock chosen' }} · changed
              {{ new Date(job.changed).toLocaleDateString('en-GB') }}
            </span>
          </RouterLink>
          <button
            type="button"
            class="btn-icon"
            :aria-label="`Delete ${job.name}`"
            @click="shelf.remove(job)"
          >
            <Trash2 :size="18" />
          </button>
        </li>
      </ul>
    </main>
  </div>
</template>

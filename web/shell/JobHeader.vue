<script setup lang="ts">
import { ChevronLeft, CircleHelp, Download, Redo2, Search, Undo2 } from '@lucide/vue'
import { RouterLink } from 'vue-router'
import { fileStem, writeJob } from '@core/files'
import { download } from '@web/data/download'
import TextEntry from '@web/parts/TextEntry.vue'
import { useJob } from '@web/stores/job'
import ThemeButton from './ThemeButton.vue'

defineEmits<{ help: []; find: [] }>()
const jobs = useJob()
const SAVED = { saved: 'saved', saving: 'saving…', failed: 'not saved' }

const rename = (name: string): void =>
  jobs.edit((draft) => {
    draft.name = name
  }, 'name')
const exportJob = (): void => {
  const stem = fileStem(jobs.job!.name)
  download([{ name: `${stem}.json`, content: writeJob(jobs.job!) }], `${stem}.zip`)
}
</script>

<template>
  <header
    class="no-print flex h-12 shrink-0 items-center gap-2 overflow-x-auto max-sm:gap-0.5 border-b border-line bg-sheet px-3"
  >
    <RouterLink to="/" class="btn-icon" aria-label="All jobs"><ChevronLeft :size="18" /></RouterLink>
    <h1 class="sr-only">{{ jobs.job!.name }}</h1>
    <TextEntry
      class="min-w-24 flex-1 rounded text-ellipsis border border-transparent bg-transparent px-2 py-1 text-lg font-semibold! hover:border-line"
      aria-label="Name of the job"
      required
      :model-value="jobs.job!.name"
      @update:model-value="rename"
    />
    <p
      class="text-[13px]"
      :class="jobs.saving === 'failed' ? 'font-semibold text-rowan' : 'text-quiet'"
      role="status"
      data-testid="saving"
    >
      {{ SAVED[jobs.saving] }}
    </p>
    <button type="button" class="btn-icon" aria-label="Undo" :disabled="!jobs.canUndo" @click="jobs.undo()">
      <Undo2 :size="18" />
    </button>
    <button type="button" class="btn-icon" aria-label="Redo" :disabled="!jobs.canRedo" @click="jobs.redo()">
      <Redo2 :size="18" />
    </button>
    <button type="button" class="btn" @click="exportJob">
      <Download :size="16" aria-hidden="true" />
      <span class="max-sm:sr-only">Export job</span>
    </button>
    <button type="button" class="btn-icon" aria-label="Find" @click="$emit('find')">
      <Search :size="18" />
    </button>
    <button type="button" class="btn-icon" aria-label="Help" @click="$emit('help')">
      <CircleHelp :size="18" />
    </button>
    <ThemeButton />
  </header>
</template>

<script setup lang="ts">
import { ChevronLeft, CircleHelp, Download, Redo2, Search, Undo2 } from '@lucide/vue'
import { computed } from 'vue'
import { RouterLink } from 'vue-router'
import TextEntry from '@web/parts/TextEntry.vue'
import { useOpenJob } from '@web/stores/job'
import { exportJobFile } from './export-job'
import ThemeButton from './ThemeButton.vue'
import UnitsMenu from './UnitsMenu.vue'
import { common } from '@web/words'
import { jobHeader as words } from './words'

defineEmits<{ help: []; find: [] }>()
const jobs = useOpenJob()
const SAVED = {
  saved: 'saved',
  saving: 'saving…',
  failed: words.notSaved,
  'in memory': words.keptUntilPage,
}
const isTrouble = computed(() => jobs.saving === 'failed' || jobs.saving === 'in memory')
const rename = (name: string): boolean =>
  jobs.edit((draft) => {
    draft.name = name
  }, 'name')
</script>

<template>
  <header
    class="no-print flex min-h-12 shrink-0 flex-wrap items-center gap-2 border-b border-line bg-sheet px-3 max-sm:gap-0.5 max-sm:px-1"
  >
    <RouterLink to="/" class="btn-icon" :aria-label="common.allJobs"><ChevronLeft :size="18" /></RouterLink>
    <h1 class="sr-only">{{ jobs.job.name }}</h1>
    <TextEntry
      class="min-w-24 flex-1 rounded border border-transparent bg-transparent px-2 py-1 text-lg font-semibold! text-ellipsis hover:border-line"
      :aria-label="words.nameJob"
      required
      :model-value="jobs.job.name"
      @update:model-value="rename"
    />
    <p
      class="text-[13px] max-sm:max-w-16 max-sm:leading-tight"
      :class="isTrouble ? 'font-semibold text-rowan' : 'text-quiet'"
      role="status"
      data-testid="saving"
    >
      {{ SAVED[jobs.saving] }}
    </p>
    <span class="flex items-center gap-1 max-sm:w-full max-sm:justify-between">
      <button
        type="button"
        class="btn-icon"
        :aria-label="common.undo"
        :disabled="!jobs.canUndo"
        @click="jobs.undo()"
      >
        <Undo2 :size="18" />
      </button>
      <button
        type="button"
        class="btn-icon"
        :aria-label="words.redo"
        :disabled="!jobs.canRedo"
        @click="jobs.redo()"
      >
        <Redo2 :size="18" />
      </button>
      <button type="button" class="btn" @click="exportJobFile(jobs.job)">
        <Download :size="16" aria-hidden="true" />
        <span class="max-sm:sr-only">{{ words.exportJob }}</span>
      </button>
      <button type="button" class="btn-icon" :aria-label="words.find" @click="$emit('find')">
        <Search :size="18" />
      </button>
      <UnitsMenu />
      <button type="button" class="btn-icon" :aria-label="words.help" @click="$emit('help')">
        <CircleHelp :size="18" />
      </button>
      <ThemeButton />
    </span>
  </header>
</template>

<script setup lang="ts">
import { computed } from 'vue'
import type { Job } from '@core/job'
import ChoiceRow from '@web/parts/ChoiceRow.vue'
import ToggleSwitch from '@web/parts/ToggleSwitch.vue'
import { useOpenJob } from '@web/stores/job'
import { fileFields as words } from './words'

/** What one file is for, and where a program waits. */
defineProps<{ programs: boolean }>()
const jobs = useOpenJob()
const cut = computed(() => jobs.job.cut)
const PER: { value: Job['cut']['files']; label: string }[] = [
  { value: 'sheet', label: 'sheet' },
  { value: 'operation', label: 'operation' },
  { value: 'part', label: 'part' },
]
const change = (part: Partial<Job['cut']>): boolean =>
  jobs.edit((draft) => {
    Object.assign(draft.cut, part)
  })
</script>

<template>
  <ChoiceRow
    data-field="files-per"
    :label="words.fileEach"
    :model-value="cut.files"
    :options="PER"
    @update:model-value="change({ files: $event })"
  />
  <template v-if="programs">
    <ToggleSwitch
      data-field="frame"
      :label="words.goRoundFirst"
      :model-value="cut.frame"
      @update:model-value="change({ frame: $event })"
    />
    <ToggleSwitch
      data-field="look"
      :label="words.waitEndLook"
      :model-value="cut.look"
      @update:model-value="change({ look: $event })"
    />
  </template>
</template>

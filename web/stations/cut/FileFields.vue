<script setup lang="ts">
import { computed } from 'vue'
import type { Job } from '@core/job'
import ChoiceRow from '@web/parts/ChoiceRow.vue'
import ToggleSwitch from '@web/parts/ToggleSwitch.vue'
import { useOpenJob } from '@web/stores/job'

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
    label="One file for each"
    :model-value="cut.files"
    :options="PER"
    @update:model-value="change({ files: $event })"
  />
  <template v-if="programs">
    <ToggleSwitch
      data-field="frame"
      label="Go round it first, beam off, and wait"
      :model-value="cut.frame"
      @update:model-value="change({ frame: $event })"
    />
    <ToggleSwitch
      data-field="look"
      label="Wait at the end, to look before you move the sheet"
      :model-value="cut.look"
      @update:model-value="change({ look: $event })"
    />
  </template>
</template>

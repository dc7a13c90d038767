<script setup lang="ts">
import { watch } from 'vue'
import type { CutRecord } from '@core/keep'
import { dateText } from '@web/data/dates'
import { useCutRecords } from '@web/stores/cut-records'
import { recordPick as words } from './words'

/** Which of the files that were written: the newest at first. */
const model = defineModel<CutRecord | null>({ required: true })
defineProps<{ label: string }>()
const records = useCutRecords()
watch(
  () => records.records,
  (now) => {
    if (!now.some(({ id }) => id === model.value?.id)) model.value = now[0] ?? null
  },
  { immediate: true },
)
function choose({ target }: Event): void {
  const { value } = target as HTMLSelectElement
  model.value = records.records.find(({ id }) => id === value) ?? null
}
</script>

<template>
  <label v-if="records.records.length > 0" class="text-[13px] font-medium">
    {{ label }}
    <select class="input" data-testid="record" :value="model?.id" @change="choose">
      <option v-for="record in records.records" :key="record.id" :value="record.id">
        {{ words.written(record.mark, dateText(record.date, true)) }}
      </option>
    </select>
  </label>
</template>

<script setup lang="ts">
import { Trash2 } from '@lucide/vue'
import FormSection from '@web/parts/FormSection.vue'
import { useSay } from '@web/parts/say'
import { dateText } from '@web/data/dates'
import { useCutRecords } from '@web/stores/cut-records'
import type { CutRecord } from '@core/keep'
import { writtenFiles as words } from './words'

/** Every cut that was written, whole: what it was, and away with it where it is no longer needed. */
const records = useCutRecords()
const say = useSay()
const sizeOf = ({ laid: { box } }: CutRecord): string => {
  const size = say.value.size([box.width, box.depth, box.height], 1)
  return words.outsideInside(size, box.sizesAre === 'outer')
}
const sheetsOf = ({ loads }: CutRecord): number =>
  new Set(loads.map(({ material, sheet }) => `${material} ${sheet}`)).size
</script>

<template>
  <FormSection
    :title="words.filesWritten"
    :said="words.cuts(records.records.length)"
    data-testid="written-files"
  >
    <p class="note">
      {{ words.eachKeptWritten }}
    </p>
    <ul class="grid gap-1 text-sm" :aria-label="words.writtenCuts">
      <li v-for="record in records.records" :key="record.id" class="flex flex-wrap items-center gap-x-3">
        <strong class="num">{{ record.mark }}</strong>
        <span class="num min-w-48 flex-1">
          {{ dateText(record.date, true) }}, {{ sizeOf(record) }}, {{ words.sheets(sheetsOf(record)) }}
        </span>
        <button
          type="button"
          class="btn-icon"
          :aria-label="words.forgetFiles(record.mark)"
          @click="records.forget(record)"
        >
          <Trash2 :size="16" />
        </button>
      </li>
    </ul>
  </FormSection>
</template>

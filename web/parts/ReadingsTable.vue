<script setup lang="ts">
import { ClipboardPaste, FileDown } from '@lucide/vue'
import { ref } from 'vue'
import { fileStem } from '@core/keep'
import { MOST_READINGS, stockTitle, type Reading, type Stock } from '@core/stock'
import { download } from '@web/data/download'
import { useSay } from './say'
import { readingsTable as words } from './words'

/** Readings as a table: pasted, from a CSV file, and into one. */
const props = defineProps<{ stock: Stock }>()
const emit = defineEmits<{ change: [readings: Reading[]] }>()

const say = useSay()
/** What reads and writes tables comes when there is one. */
const tables = () => import('./readings-table')
const table = ref('')
const errors = ref<string[]>([])
const chooser = ref<HTMLInputElement>()

async function take(text: string): Promise<void> {
  const { readTable } = await tables()
  const read = readTable(text, new Date().toISOString(), say.value)
  const room = MOST_READINGS - props.stock.readings.length
  const readings = read.readings.slice(0, room)
  const tooMany = read.readings.length - readings.length
  const said = [...read.errors]
  if (tooMany > 0) said.push(words.readingMoreBatch(tooMany, MOST_READINGS))
  const added = words.readingsAdded(readings.length)
  const lines = words.linesNot(said.length)
  errors.value = said.length > 0 ? [`${added}, ${lines}`, ...said.slice(0, 8)] : []
  if (readings.length > 0) emit('change', [...props.stock.readings, ...readings])
  if (said.length === 0) table.value = ''
}

const LARGEST = 100_000
async function takeFile(): Promise<void> {
  const file = chooser.value?.files?.[0]
  if (file) await take(file.size > LARGEST ? 'x'.repeat(LARGEST + 1) : await file.text())
  if (chooser.value) chooser.value.value = ''
}
async function save(): Promise<void> {
  const { writeTable } = await tables()
  const stem = fileStem(stockTitle(props.stock))
  void download([{ name: `${stem}-readings.csv`, content: writeTable(props.stock.readings) }], `${stem}.zip`)
}
</script>

<template>
  <details class="mt-1.5 text-sm" data-field="readings-table">
    <summary class="min-h-6 cursor-pointer text-[13px]">{{ words.pasteColumnCsv }}</summary>
    <textarea
      v-model="table"
      class="input mt-1"
      rows="3"
      :aria-label="words.readingsPaste"
      placeholder="3.02&#10;3.05&#10;3.04"
    />
    <div class="mt-1 flex flex-wrap gap-2">
      <button type="button" class="btn px-2 py-1" :disabled="table.trim() === ''" @click="take(table)">
        <ClipboardPaste :size="14" aria-hidden="true" />
        {{ words.addThese }}
      </button>
      <button type="button" class="btn px-2 py-1" @click="chooser?.click()">{{ words.readCsvFile }}</button>
      <button type="button" class="btn px-2 py-1" :disabled="stock.readings.length === 0" @click="save">
        <FileDown :size="14" aria-hidden="true" />
        {{ words.saveCsv }}
      </button>
      <input
        ref="chooser"
        type="file"
        accept=".csv,.txt,text/csv"
        class="sr-only"
        tabindex="-1"
        :aria-label="words.csvFileReadings"
        @change="takeFile"
      />
    </div>
    <div v-if="errors.length > 0" class="mt-1 text-[13px] text-rowan" role="alert">
      <p v-for="each in errors" :key="each">{{ each }}</p>
    </div>
  </details>
</template>

<script setup lang="ts">
import { ClipboardPaste, FileDown, X } from '@lucide/vue'
import { computed, ref } from 'vue'
import { fileStem } from '@core/files'
import { fixed, parseLength, short } from '@core/length'
import {
  advisedNumbers,
  doubtThickness,
  stockTitle,
  thicknessOf,
  type Doubt,
  type Reading,
  type Stock,
} from '@core/stock'
import { download } from '@web/data/download'
import DoubtNote from './DoubtNote.vue'
import ReadingsPlot from './ReadingsPlot.vue'
import { readTable, writeTable } from './readings-table'
import WorkedFigure from './WorkedFigure.vue'

const props = defineProps<{ stock: Stock }>()
const emit = defineEmits<{ change: [readings: Reading[]] }>()

const thickness = computed(() => thicknessOf(props.stock))
const advised = computed(() => advisedNumbers(thickness.value))
const typed = ref('')
const spot = ref('')
const error = ref('')
const doubt = ref<(Doubt & { value: number }) | null>(null)
const table = ref('')
const tableErrors = ref<string[]>([])
const chooser = ref<HTMLInputElement>()

function keep(value: number): void {
  emit('change', [
    ...props.stock.readings,
    { value: Number(value.toFixed(4)), spot: spot.value.trim(), on: new Date().toISOString() },
  ])
  typed.value = ''
  spot.value = ''
  doubt.value = null
}
function enter(): void {
  error.value = ''
  doubt.value = null
  const parsed = parseLength(typed.value)
  if (!parsed.ok) {
    error.value = parsed.error
    return
  }
  if (parsed.value <= 0 || parsed.value > 50) {
    error.value = `A thickness is more than 0 and at most 50 mm; ${short(parsed.value, 3)} mm is not. Measure the sheet itself.`
    return
  }
  const odd = doubtThickness(parsed.value, props.stock.nominal)
  if (odd) doubt.value = { ...odd, value: parsed.value }
  else keep(parsed.value)
}
function takeTable(text: string): void {
  const { readings, errors } = readTable(text, new Date().toISOString())
  tableErrors.value =
    errors.length > 0
      ? [
          `${readings.length} ${readings.length === 1 ? 'reading is' : 'readings are'} added, ${errors.length} ${errors.length === 1 ? 'line is' : 'lines are'} not:`,
          ...errors.slice(0, 8),
        ]
      : []
  if (readings.length > 0) emit('change', [...props.stock.readings, ...readings].slice(0, 200))
  if (errors.length === 0) table.value = ''
}
async function takeFile(): Promise<void> {
  const file = chooser.value?.files?.[0]
  if (file) takeTable(file.size > 100_000 ? 'x'.repeat(100_001) : await file.text())
  if (chooser.value) chooser.value.value = ''
}
const save = (): void => {
  const stem = fileStem(stockTitle(props.stock))
  download([{ name: `${stem}-readings.csv`, content: writeTable(props.stock.readings) }], `${stem}.zip`)
}
</script>

<template>
  <div class="rounded border border-line bg-paper p-2.5">
    <form @submit.prevent="enter">
      <div class="flex items-end gap-2">
        <label class="min-w-0 flex-1 text-[13px] font-medium">
          Thickness readings, film off
          <input
            v-model="typed"
            class="input text-lg!"
            inputmode="decimal"
            autocomplete="off"
            placeholder="3.02"
            :aria-invalid="error ? 'true' : undefined"
            aria-describedby="reading-says"
          />
        </label>
        <label class="w-24 text-[13px] font-medium">
          Where
          <input
            v-model="spot"
            class="input font-sans! text-lg! font-normal"
            maxlength="40"
            placeholder="left edge"
          />
        </label>
        <button type="submit" class="btn h-9.5 shrink-0">Add reading</button>
      </div>
      <p v-if="error" id="reading-says" class="mt-1 text-[13px] text-rowan" role="alert">{{ error }}</p>
      <DoubtNote v-else-if="doubt" id="reading-says" :doubt="doubt" @use="keep" @keep="keep(doubt.value)" />
      <p v-else id="reading-says" class="note mt-1">
        Measure in several places; Enter adds a reading. Inches and sums are read too: 0.118 in, 1/8 in,
        6.1/2.
      </p>
    </form>
    <ul class="mt-1.5 flex flex-wrap gap-1" aria-label="Readings">
      <li
        v-for="(reading, i) in stock.readings"
        :key="i"
        class="num flex items-center rounded border border-line bg-sheet pl-1.5 text-sm"
        :title="[reading.spot, reading.on.slice(0, 10)].filter(Boolean).join(', ')"
      >
        {{ fixed(reading.value, 2) }}
        <button
          type="button"
          class="btn-icon p-1"
          :aria-label="`Remove reading ${fixed(reading.value, 2)}`"
          @click="
            emit(
              'change',
              stock.readings.filter((_, k) => k !== i),
            )
          "
        >
          <X :size="13" />
        </button>
      </li>
      <li v-if="stock.readings.length === 0" class="text-sm text-gorse">
        This batch is not measured yet: the label’s {{ short(stock.nominal) }} mm is assumed.
      </li>
    </ul>
    <ReadingsPlot
      :thickness="thickness"
      :readings="stock.readings.map(({ value }) => value)"
      :nominal="stock.nominal"
      class="mt-2 max-w-xl"
    />
    <p v-if="thickness.uneven" class="text-[13px] text-gorse">Uneven sheet: {{ thickness.uneven }}.</p>
    <div class="mt-1 grid grid-cols-2 gap-x-4 gap-y-1 sm:grid-cols-3">
      <WorkedFigure
        large
        label="Mean thickness"
        :text="`${fixed(thickness.mean, 3)} mm`"
        :working="thickness.working"
      />
      <WorkedFigure large label="Spread" :text="`${fixed(thickness.spread, 2)} mm`" />
      <WorkedFigure large label="Readings" :text="String(thickness.readings)" />
      <WorkedFigure
        label="Tab length to use"
        :text="`${fixed(advised.tabLength.value, 2)} mm`"
        :working="advised.tabLength"
      />
      <WorkedFigure
        label="Slot width to use"
        :text="`${fixed(advised.slotWidth.value, 2)} mm`"
        :working="advised.slotWidth"
      />
    </div>
    <details class="mt-1.5 text-sm">
      <summary class="cursor-pointer text-[13px]">Paste a column, CSV in and out</summary>
      <textarea
        v-model="table"
        class="input mt-1"
        rows="3"
        aria-label="Readings to paste"
        placeholder="3.02&#10;3.05&#10;3.04"
      />
      <div class="mt-1 flex flex-wrap gap-2">
        <button type="button" class="btn px-2 py-1" :disabled="table.trim() === ''" @click="takeTable(table)">
          <ClipboardPaste :size="14" aria-hidden="true" />
          Add these
        </button>
        <button type="button" class="btn px-2 py-1" @click="chooser?.click()">Read a CSV file</button>
        <button type="button" class="btn px-2 py-1" :disabled="stock.readings.length === 0" @click="save">
          <FileDown :size="14" aria-hidden="true" />
          Save as CSV
        </button>
        <input
          ref="chooser"
          type="file"
          accept=".csv,.txt,text/csv"
          class="sr-only"
          tabindex="-1"
          aria-label="CSV file of readings"
          @change="takeFile"
        />
      </div>
      <div v-if="tableErrors.length > 0" class="mt-1 text-[13px] text-rowan" role="alert">
        <p v-for="each in tableErrors" :key="each">{{ each }}</p>
      </div>
    </details>
  </div>
</template>

<script setup lang="ts">
import { Plus, X } from '@lucide/vue'
import { computed, ref } from 'vue'
import { fixed, parseLength, short } from '@core/length'
import { doubtThickness, familySchema, type Doubt, type Stock } from '@core/stock'
import FigureField from '@web/parts/FigureField.vue'
import PickRecord from '@web/parts/PickRecord.vue'
import WorkedFigure from '@web/parts/WorkedFigure.vue'
import { useBench } from '@web/stores/bench'
import { useDerived } from '@web/stores/derived'
import { useJob } from '@web/stores/job'
import ReadingsPlot from './ReadingsPlot.vue'

const jobs = useJob()
const bench = useBench()
const derived = useDerived()
const stock = computed(() => jobs.job!.measure.stock)
const nameField = ref<HTMLInputElement>()
const typed = ref('')
const error = ref('')
const doubt = ref<(Doubt & { value: number }) | null>(null)

function use(record: Stock): void {
  jobs.edit((draft) => {
    draft.measure.stock = record
    draft.measure.kerf = bench.kerfFor(draft.measure.machine?.id, record.id)
    draft.tune.picked = null
    draft.layout.settings.sheetWidth = record.sheetWidth
    draft.layout.settings.sheetHeight = record.sheetHeight
  })
}

function add(): void {
  const record: Stock = { id: crypto.randomUUID(), name: `Sheet material ${bench.stocks.length + 1}`, family: 'plywood', nominal: 3, readings: [], sheetWidth: 600, sheetHeight: 400, sheetsAtHand: 1, pricePerSheet: 0 }
  bench.put('stocks', record)
  use(record)
  setTimeout(() => nameField.value?.select())
}

function change(part: Partial<Stock>, key: string): void {
  const record = { ...stock.value!, ...part }
  bench.put('stocks', record)
  jobs.edit((draft) => { draft.measure.stock = record }, key)
}

function keep(value: number): void {
  change({ readings: [...stock.value!.readings, Number(value.toFixed(3))] }, '')
  typed.value = ''
  doubt.value = null
}

function enter(): void {
  error.value = ''
  doubt.value = null
  const parsed = parseLength(typed.value)
  if (!parsed.ok) { error.value = parsed.error; return }
  if (parsed.value <= 0 || parsed.value > 50) { error.value = `A thickness is more than 0 and at most 50 mm; ${short(parsed.value, 3)} mm is not. Measure the sheet itself.`; return }
  const odd = doubtThickness(parsed.value, stock.value!.nominal)
  if (odd) doubt.value = { ...odd, value: parsed.value }
  else keep(parsed.value)
}
const remove = (index: number): void => change({ readings: stock.value!.readings.filter((_, i) => i !== index) }, '')
const rename = (event: Event): void => {
  const name = (event.target as HTMLInputElement).value.trim().slice(0, 80)
  if (name) change({ name }, 'stock name')
}
const FIELDS = [
  { key: 'nominal', figure: { label: 'Nominal, on the label', min: 0.1, max: 50, step: 0.5 } },
  { key: 'sheetWidth', figure: { label: 'Sheet width', min: 1, max: 5000, step: 10 } },
  { key: 'sheetHeight', figure: { label: 'Sheet height', min: 1, max: 5000, step: 10 } },
  { key: 'sheetsAtHand', figure: { label: 'Sheets at hand', kind: 'figure', whole: true, min: 0, max: 999, step: 1 } },
  { key: 'pricePerSheet', figure: { label: 'Price per sheet', kind: 'figure', min: 0, max: 100000, step: 0.5, digits: 2 } },
] as const
</script>

<template>
  <section class="card grid gap-2.5" aria-labelledby="stock-title">
    <div class="flex items-center justify-between">
      <h2 id="stock-title">Stock and its thickness</h2>
      <button type="button" class="btn px-2 py-1" @click="add"><Plus :size="14" aria-hidden="true" /> Add stock</button>
    </div>
    <PickRecord label="Cut from" :records="bench.stocks" :model-value="stock" empty="choose a stock" :describe="(record) => `${record.family}, ${record.readings.length} readings`" @update:model-value="use" />
    <template v-if="stock">
      <div class="grid gap-2.5 sm:grid-cols-2">
        <div>
          <label class="block text-[13px] font-medium" for="stock-name">Name of this batch</label>
          <input id="stock-name" ref="nameField" class="input font-sans!" maxlength="80" :value="stock.name" @change="rename" />
        </div>
        <div>
          <label class="block text-[13px] font-medium" for="stock-family">Material</label>
          <select id="stock-family" class="input font-sans!" :value="stock.family" @change="change({ family: familySchema.parse(($event.target as HTMLSelectElement).value) }, 'stock family')">
            <option v-for="family in familySchema.options" :key="family" :value="family">{{ family }}</option>
          </select>
        </div>
      </div>
      <form class="rounded border border-line bg-paper p-2.5" @submit.prevent="enter">
        <label class="block text-[13px] font-medium" for="reading">Thickness readings, film off, in several places</label>
        <div class="mt-1 flex gap-2">
          <input id="reading" v-model="typed" class="input text-lg!" inputmode="decimal" autocomplete="off" placeholder="3.02" :aria-invalid="error ? 'true' : undefined" aria-describedby="reading-says" />
          <button type="submit" class="btn shrink-0">Add reading</button>
        </div>
        <p v-if="error" id="reading-says" class="mt-1 text-[13px] text-rowan" role="alert">{{ error }}</p>
        <div v-else-if="doubt" id="reading-says" class="mt-1 rounded bg-gorse-wash p-1.5 text-[13px]" role="alert">
          {{ doubt.says }}
          <span class="mt-1 flex gap-1.5">
            <button v-if="doubt.suggestion" type="button" class="btn px-2 py-0.5" @click="keep(doubt.suggestion.value)">Use {{ doubt.suggestion.label }}</button>
            <button type="button" class="btn px-2 py-0.5" @click="keep(doubt.value)">Keep it</button>
          </span>
        </div>
        <p v-else id="reading-says" class="note mt-1">Type a reading and press Enter. Inches are read too: 0.118 in, 1/8 in.</p>
        <ul class="mt-1.5 flex flex-wrap gap-1" aria-label="Readings">
          <li v-for="(reading, i) in stock.readings" :key="i" class="num flex items-center rounded border border-line bg-sheet pl-1.5 text-sm">
            {{ fixed(reading, 2) }}<button type="button" class="btn-icon p-1" :aria-label="`Remove reading ${fixed(reading, 2)}`" @click="remove(i)"><X :size="13" /></button>
          </li>
        </ul>
        <ReadingsPlot :thickness="derived.box.thickness" :readings="stock.readings" :nominal="stock.nominal" class="mt-2" />
        <div class="mt-1 flex flex-wrap gap-5">
          <WorkedFigure large label="Mean thickness" :text="`${fixed(derived.box.thickness.mean, 3)} mm`" :working="derived.box.thickness.working" />
          <WorkedFigure large label="Spread, thickest − thinnest" :text="`${fixed(derived.box.thickness.spread, 2)} mm`" />
          <WorkedFigure large label="Readings" :text="String(derived.box.thickness.readings)" />
        </div>
      </form>
      <div class="grid grid-cols-2 gap-2.5 sm:grid-cols-3">
        <FigureField v-for="field in FIELDS" :key="field.key" v-bind="field.figure" :model-value="stock[field.key]" @update:model-value="change({ [field.key]: $event }, `stock ${field.key}`)" />
      </div>
    </template>
    <p v-else class="note">Choose the batch of sheet you will cut, or add it: its label is only a name, its thickness is measured here.</p>
  </section>
</template>

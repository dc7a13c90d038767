<script setup lang="ts">
import { computed } from 'vue'
import { capitalised } from '@core/length'
import { limitsOf } from '@core/limits'
import {
  doubtThickness,
  familySchema,
  newStock,
  stockSchema,
  thicknessSchema,
  unevenLine,
  type Stock,
} from '@core/stock'
import FigureField from '@web/parts/FigureField.vue'
import { useSay } from '@web/parts/say'
import { useBench } from '@web/stores/bench'
import { useDerived } from '@web/stores/derived'
import { useOpenJob } from '@web/stores/job'
import { useStockEdits } from '@web/stores/stock-edits'
import { useSure } from '../measure/sure'
import { firstSheet as words } from './words'

/** What the sheet is, and how thick in three places. Its size begins as that of the bed. */
const jobs = useOpenJob()
const bench = useBench()
const derived = useDerived()
const stocks = useStockEdits()
const sure = useSure()
const say = useSay()
const SPOTS = [words.leftEdge, 'middle', words.rightEdge]
const stock = computed(() => jobs.job.measure.stock)
const readingAt = (spot: string): number | null =>
  stock.value?.readings.find((reading) => reading.spot === spot)?.value ?? null

function change(part: Partial<Stock>, key: string): void {
  if (stock.value) {
    stocks.change(part, key)
    return
  }
  const { machine } = jobs.job.measure
  const bed = machine ? { sheetWidth: machine.bedWidth, sheetHeight: machine.bedHeight } : {}
  const isFirst = !bench.stocks.some(({ name }) => name === words.mySheet)
  const name = isFirst ? words.mySheet : words.sheetMaterial(bench.stocks.length + 1)
  stocks.add({ ...newStock(crypto.randomUUID(), name), ...bed, ...part })
}
function read(spot: string, value: number): void {
  const reading = { value, spot, on: new Date().toISOString() }
  const others = (stock.value?.readings ?? []).filter((each) => each.spot !== spot)
  change({ readings: [...others, reading] }, `first ${spot}`)
}
const doubt = (value: number) => doubtThickness(value, stock.value?.nominal ?? 3, say.value)
const saySure = (value: number): void => {
  if (stock.value) sure.say('thickness', stock.value.id, value)
}
const said = computed(() => {
  const { thickness } = derived.box
  if (!stock.value || thickness.readings === 0) return words.calipersFilmOff
  const { sheetWidth, sheetHeight } = stock.value
  const uneven = unevenLine(thickness, say.value)
  return words.measured(
    say.value.fine(thickness.mean),
    uneven ?? '',
    say.value.size([sheetWidth, sheetHeight], 0),
  )
})
const families = familySchema.options
</script>

<template>
  <div class="grid grid-cols-2 gap-2">
    <label class="text-[13px] font-medium" data-field="material">
      {{ words.whatItIs }}
      <select
        class="input font-sans!"
        :value="stock?.family ?? 'plywood'"
        @change="change({ family: ($event.target as HTMLSelectElement).value as Stock['family'] }, '')"
      >
        <option v-for="family in families" :key="family">{{ family }}</option>
      </select>
    </label>
    <FigureField
      :label="words.labelSays"
      data-field="nominal"
      :step="0.5"
      :limits="limitsOf(stockSchema.shape.nominal)"
      :model-value="stock?.nominal ?? 3"
      @update:model-value="change({ nominal: $event }, 'first nominal')"
    />
  </div>
  <fieldset data-field="readings">
    <legend class="text-[13px] font-medium">{{ words.howThickThree }}</legend>
    <div class="mt-1 grid grid-cols-3 gap-2">
      <FigureField
        v-for="spot in SPOTS"
        :key="spot"
        :label="capitalised(spot)"
        :step="0.01"
        :digits="3"
        :limits="limitsOf(thicknessSchema)"
        :model-value="readingAt(spot)"
        :doubt="doubt"
        why="thickness"
        @update:model-value="read(spot, $event)"
        @sure="saySure"
      />
    </div>
  </fieldset>
  <p class="note" data-testid="first-sheet">{{ said }}</p>
</template>

<script setup lang="ts">
import { CopyPlus, Plus } from '@lucide/vue'
import { computed, nextTick, ref } from 'vue'
import { newBatch, newStock, stockTitle, thicknessOf, type Stock } from '@core/stock'
import PickRecord from '@web/parts/PickRecord.vue'
import ReadingsEditor from '@web/parts/ReadingsEditor.vue'
import StockFields from '@web/parts/StockFields.vue'
import { useSay } from '@web/parts/say'
import { useBench } from '@web/stores/bench'
import { useDerived } from '@web/stores/derived'
import { useOpenJob } from '@web/stores/job'
import { useMaterialEdits } from '@web/stores/material-edits'
import { useStockEdits } from '@web/stores/stock-edits'
import AsAnyNote from './AsAnyNote.vue'
import OpenQuestions from './OpenQuestions.vue'
import { useSure } from './sure'
import { stockCard as words } from './words'

const newId = (): string => crypto.randomUUID()
const jobs = useOpenJob()
const bench = useBench()
const edits = useStockEdits()
const materials = useMaterialEdits()
const sure = useSure()
const derived = useDerived()
const say = useSay()
const root = ref<HTMLElement>()
const stock = computed(() => jobs.job.measure.stock)
/** A sheet begins as large as the bed. */
const sheetSize = computed(() => {
  const { machine } = jobs.job.measure
  return machine ? { sheetWidth: machine.bedWidth, sheetHeight: machine.bedHeight } : {}
})
const titled = computed(() => bench.stocks.map((record) => ({ ...record, name: stockTitle(record) })))
const shown = computed(() => stock.value && { ...stock.value, name: stockTitle(stock.value) })
const describe = ({ family, readings }: Stock): string => words.readings(family, readings.length)

/** Slots may say that the sheet is another than was read: what is cut goes by that. */
const believed = computed(() => {
  const { mean } = derived.box.thickness
  const read = thicknessOf(stock.value).mean
  if (mean === read) return ''
  const as = say.value.fine(mean)
  return words.slotsCalipersSay(as)
})

function use({ id }: Stock): void {
  const record = bench.stocks.find((each) => each.id === id)
  if (record) edits.use(record)
}
function add(record: Stock): void {
  edits.add(record)
  void nextTick(() => root.value?.querySelector<HTMLInputElement>('[data-first]')?.select())
}
</script>

<template>
  <section ref="root" class="card grid min-w-0 gap-2.5" aria-labelledby="stock-title">
    <div class="flex flex-wrap items-center justify-between gap-2">
      <h2 id="stock-title">{{ words.stockThickness }}</h2>
      <span class="flex flex-wrap gap-1.5">
        <button
          v-if="stock"
          type="button"
          class="btn px-2 py-1"
          @click="add(newBatch(stock, newId(), 'new batch'))"
        >
          <CopyPlus :size="14" aria-hidden="true" />
          {{ words.newBatch }}
        </button>
        <button
          type="button"
          class="btn px-2 py-1"
          @click="add({ ...newStock(newId(), words.sheetMaterial(bench.stocks.length + 1)), ...sheetSize })"
        >
          <Plus :size="14" aria-hidden="true" />
          {{ words.addStock }}
        </button>
      </span>
    </div>
    <PickRecord
      data-field="stock"
      :label="words.cutFrom"
      :records="titled"
      :model-value="shown"
      :empty="words.chooseStock"
      :describe="describe"
      @update:model-value="use"
    />
    <ul v-if="jobs.job.measure.more.length > 0" class="grid gap-1 text-[13px]" :aria-label="words.alsoCut">
      <li v-for="each in jobs.job.measure.more" :key="each.stock.id" class="flex items-center gap-2">
        <span class="min-w-0 flex-1 truncate">{{ words.alsoCutFrom(stockTitle(each.stock)) }}</span>
        <button type="button" class="btn px-2 py-0.5" @click="materials.chooseStock(each.stock.id)">
          {{ words.measureWithThis }}
        </button>
      </li>
    </ul>
    <template v-if="stock">
      <AsAnyNote what="stock figures" />
      <OpenQuestions />
      <ReadingsEditor
        :stock="stock"
        @change="edits.change({ readings: $event }, '')"
        @sure="sure.say('thickness', stock.id, $event)"
      />
      <p v-if="believed" class="note text-gorse" data-testid="sheet-believed">{{ believed }}</p>
      <StockFields :stock="stock" @change="edits.change" />
    </template>
    <p v-else class="note">
      {{ words.chooseBatchSheet }}
    </p>
  </section>
</template>

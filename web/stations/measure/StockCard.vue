<script setup lang="ts">
import { CopyPlus, Plus } from '@lucide/vue'
import { computed, nextTick, ref } from 'vue'
import { newBatch, newStock, stockTitle, type Stock } from '@core/stock'
import PickRecord from '@web/parts/PickRecord.vue'
import ReadingsEditor from '@web/parts/ReadingsEditor.vue'
import StockFields from '@web/parts/StockFields.vue'
import { useBench, type BenchChange } from '@web/stores/bench'
import { useJob } from '@web/stores/job'

const newId = (): string => crypto.randomUUID()
const jobs = useJob()
const bench = useBench()
const root = ref<HTMLElement>()
const stock = computed(() => jobs.job!.measure.stock)
const titled = computed(() => bench.stocks.map((record) => ({ ...record, name: stockTitle(record) })))

function use(id: string, ...onBench: BenchChange[]): void {
  const record = bench.stocks.find((each) => each.id === id)
  if (!record) return
  jobs.edit(
    (draft) => {
      const { measure, layout } = draft
      measure.stock = record
      measure.kerf = bench.kerfFor(measure.machine?.id, record.id)
      measure.taste = bench.tasteOf(record.family)
      draft.tune.picked = null
      layout.settings.sheetWidth = record.sheetWidth
      layout.settings.sheetHeight = record.sheetHeight
    },
    '',
    ...onBench,
  )
}
function add(record: Stock): void {
  use(record.id, bench.put('stocks', record))
  void nextTick(() => root.value?.querySelector<HTMLInputElement>('[data-first]')?.select())
}
function change(part: Partial<Stock>, key: string): void {
  const record = { ...stock.value!, ...part }
  jobs.edit(
    (draft) => {
      draft.measure.stock = record
    },
    key,
    bench.put('stocks', record),
  )
}
</script>

<template>
  <section ref="root" class="card grid gap-2.5" aria-labelledby="stock-title">
    <div class="flex flex-wrap items-center justify-between gap-2">
      <h2 id="stock-title">Stock and its thickness</h2>
      <span class="flex gap-1.5">
        <button
          v-if="stock"
          type="button"
          class="btn px-2 py-1"
          @click="add(newBatch(stock, newId(), 'new batch'))"
        >
          <CopyPlus :size="14" aria-hidden="true" />
          New batch
        </button>
        <button
          type="button"
          class="btn px-2 py-1"
          @click="add(newStock(newId(), `Sheet material ${bench.stocks.length + 1}`))"
        >
          <Plus :size="14" aria-hidden="true" />
          Add stock
        </button>
      </span>
    </div>
    <PickRecord
      label="Cut from"
      :records="titled"
      :model-value="stock && { ...stock, name: stockTitle(stock) }"
      empty="choose a stock"
      :describe="(record) => `${record.family}, ${record.readings.length || 'no'} readings`"
      @update:model-value="use($event.id)"
    />
    <template v-if="stock">
      <ReadingsEditor :stock="stock" @change="change({ readings: $event }, '')" />
      <StockFields :stock="stock" @change="change" />
    </template>
    <p v-else class="note">
      Choose the batch of sheet you will cut, or add it: its label is only a name, its thickness is measured
      here.
    </p>
  </section>
</template>

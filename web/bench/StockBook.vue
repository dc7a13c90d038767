<script setup lang="ts">
import { CopyPlus, Trash2 } from '@lucide/vue'
import { computed, ref, watch } from 'vue'
import { useRoute } from 'vue-router'
import { FAMILIES, newBatch, newStock, stockTitle, thicknessLine, thicknessOf, type Stock } from '@core/stock'
import CautionNote from '@web/parts/CautionNote.vue'
import ReadingsEditor from '@web/parts/ReadingsEditor.vue'
import { useSay } from '@web/parts/say'
import StockFields from '@web/parts/StockFields.vue'
import TextEntry from '@web/parts/TextEntry.vue'
import { useBench } from '@web/stores/bench'
import { useMessages } from '@web/stores/messages'
import OffcutShelf from './OffcutShelf.vue'
import RecordList from './RecordList.vue'
import TasteList from './TasteList.vue'
import { common } from '@web/words'
import { stockBook as words } from './words'

const bench = useBench()
const say = useSay()
const route = useRoute()

const newId = (): string => crypto.randomUUID()
const chosen = ref<string | null>(null)
/** Found by its name from elsewhere. */
watch(
  () => route.query.record,
  (id) => {
    if (typeof id === 'string') chosen.value = id
  },
  { immediate: true },
)
const sorted = computed(() => [...bench.stocks].sort((a, b) => stockTitle(a).localeCompare(stockTitle(b))))
const listed = computed(() =>
  sorted.value.map((record) => ({
    record,
    title: stockTitle(record),
    line: line(record),
    look: record.readings.length === 0,
  })),
)
const stock = computed(() => bench.stocks.find(({ id }) => id === chosen.value) ?? sorted.value[0] ?? null)
const change = (part: Partial<Stock>): void => {
  if (stock.value) bench.put('stocks', { ...stock.value, ...part })
}

function add(record: Stock): void {
  bench.put('stocks', record)
  chosen.value = record.id
}
function remove(record: Stock): void {
  const gone = bench.remove('stocks', record.id)
  useMessages().say('said', words.takenOffBench(stockTitle(record)), {
    label: common.bringBack,
    run: () => bench.undo([gone]),
  })
}
const line = (record: Stock): string => {
  const thickness = thicknessOf(record)
  return thickness.measured
    ? `${thicknessLine(thickness, say.value)}${thickness.uneven ? ', uneven' : ''}`
    : words.notMeasuredYet
}
</script>

<template>
  <div class="grid gap-3">
    <RecordList
      :label="words.stocks"
      :records="listed"
      :chosen="stock?.id"
      :empty="words.noStockYet"
      :add="words.addStock"
      @choose="chosen = $event"
      @add="add(newStock(newId(), words.sheetMaterial(bench.stocks.length + 1)))"
    />
    <TasteList />
  </div>
  <section v-if="stock" :key="stock.id" class="card grid gap-3" :aria-label="stockTitle(stock)">
    <div class="flex flex-wrap items-center justify-between gap-2">
      <h2 class="text-lg!">{{ stockTitle(stock) }}</h2>
      <span class="flex gap-2">
        <button type="button" class="btn" @click="add(newBatch(stock, newId(), 'new batch'))">
          <CopyPlus :size="15" aria-hidden="true" />
          {{ words.newBatch }}
        </button>
        <button
          type="button"
          class="btn-icon"
          :aria-label="words.remove(stockTitle(stock))"
          @click="remove(stock)"
        >
          <Trash2 :size="17" />
        </button>
      </span>
    </div>
    <StockFields :stock="stock" @change="change" />
    <ReadingsEditor :stock="stock" @change="change({ readings: $event })" />
    <div class="grid gap-3 md:grid-cols-2">
      <OffcutShelf :stock="stock" @change="change({ offcuts: $event })" />
      <label class="block text-sm font-semibold" data-field="bench-notes">
        {{ words.notes }}
        <TextEntry
          class="input mt-1"
          :rows="4"
          :maxlength="2000"
          :model-value="stock.notes"
          @update:model-value="change({ notes: $event })"
        />
      </label>
    </div>
    <CautionNote
      :title="words.cutting(stock.family === 'other' ? words.thisMaterial : stock.family)"
      :cautions="FAMILIES[stock.family].cautions"
    />
  </section>
</template>

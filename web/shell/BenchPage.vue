<script setup lang="ts">
import { ChevronLeft, CopyPlus, Plus, Trash2 } from '@lucide/vue'
import { computed, onMounted, ref } from 'vue'
import { RouterLink } from 'vue-router'
import { fixed, short } from '@core/length'
import { FAMILIES, newBatch, newStock, stockTitle, thicknessOf, type Stock } from '@core/stock'
import CautionNote from '@web/parts/CautionNote.vue'
import FigureField from '@web/parts/FigureField.vue'
import ReadingsEditor from '@web/parts/ReadingsEditor.vue'
import StockFields from '@web/parts/StockFields.vue'
import TextEntry from '@web/parts/TextEntry.vue'
import { useBench } from '@web/stores/bench'
import { useMessages } from '@web/stores/messages'
import { useShelf } from '@web/stores/shelf'
import TasteList from './TasteList.vue'
import ThemeButton from './ThemeButton.vue'

const bench = useBench()
const shelf = useShelf()
onMounted(() => shelf.open())

const newId = (): string => crypto.randomUUID()
const chosen = ref<string | null>(null)
const sorted = computed(() => [...bench.stocks].sort((a, b) => stockTitle(a).localeCompare(stockTitle(b))))
const stock = computed(() => bench.stocks.find(({ id }) => id === chosen.value) ?? sorted.value[0] ?? null)
const change = (part: Partial<Stock>): void => { if (stock.value) bench.put('stocks', { ...stock.value, ...part }) }

function add(record: Stock): void {
  bench.put('stocks', record)
  chosen.value = record.id
}
function remove(record: Stock): void {
  bench.remove('stocks', record.id)
  useMessages().say('said', `“${stockTitle(record)}” is taken off the bench. Jobs keep their copy.`, { label: 'Bring back', run: () => add(record) })
}
const offcut = ref({ width: 200, height: 150, count: 1 })
const line = (record: Stock): string => {
  const { mean, halfSpread, readings, uneven } = thicknessOf(record)
  return readings === 0 ? 'not measured yet' : `${fixed(mean, 2)} ± ${fixed(halfSpread, 2)}, ${readings} readings${uneven ? ', uneven' : ''}`
}
</script>

<template>
  <div class="mx-auto grid max-w-6xl gap-3 p-4">
    <header class="flex flex-wrap items-center gap-3">
      <RouterLink to="/" class="btn-icon" aria-label="All jobs"><ChevronLeft :size="18" /></RouterLink>
      <h1 class="flex-1">Bench: the stock book</h1>
      <button type="button" class="btn btn-main" @click="add(newStock(newId(), `Sheet material ${bench.stocks.length + 1}`))"><Plus :size="16" aria-hidden="true" /> Add stock</button>
      <ThemeButton />
    </header>
    <main class="grid items-start gap-3 md:grid-cols-[17rem_1fr]">
      <div class="grid gap-3">
        <nav class="card p-1.5!" aria-label="Stocks">
          <p v-if="sorted.length === 0" class="note p-2">No stock yet. Add the sheet you have in front of you, and measure it in a few places.</p>
          <ul>
            <li v-for="record in sorted" :key="record.id">
              <button type="button" class="w-full cursor-pointer rounded px-2 py-1.5 text-left" :class="record.id === stock?.id ? 'bg-heather-wash' : 'hover:bg-sunk'" :aria-current="record.id === stock?.id" @click="chosen = record.id">
                <span class="block font-semibold">{{ stockTitle(record) }}</span>
                <span class="num block text-[12px]" :class="record.readings.length === 0 ? 'text-gorse' : 'text-quiet'">{{ line(record) }}</span>
              </button>
            </li>
          </ul>
        </nav>
        <TasteList />
      </div>
      <section v-if="stock" :key="stock.id" class="card grid gap-3" :aria-label="stockTitle(stock)">
        <div class="flex flex-wrap items-center justify-between gap-2">
          <h2 class="text-lg!">{{ stockTitle(stock) }}</h2>
          <span class="flex gap-2">
            <button type="button" class="btn" @click="add(newBatch(stock, newId(), 'new batch'))"><CopyPlus :size="15" aria-hidden="true" /> New batch of this</button>
            <button type="button" class="btn-icon" :aria-label="`Remove ${stockTitle(stock)}`" @click="remove(stock)"><Trash2 :size="17" /></button>
          </span>
        </div>
        <StockFields :stock="stock" @change="change" />
        <ReadingsEditor :stock="stock" @change="change({ readings: $event })" />
        <div class="grid gap-3 md:grid-cols-2">
          <div>
            <h3>Offcuts at hand</h3>
            <ul class="mt-1 flex flex-wrap gap-1" aria-label="Offcuts">
              <li v-for="(each, i) in stock.offcuts" :key="i" class="num flex items-center rounded border border-line bg-paper pl-1.5 text-sm">{{ each.count }} × {{ short(each.width) }} × {{ short(each.height) }}<button type="button" class="btn-icon p-1" :aria-label="`Remove offcut ${short(each.width)} × ${short(each.height)}`" @click="change({ offcuts: stock.offcuts.filter((_, k) => k !== i) })"><Trash2 :size="13" /></button></li>
              <li v-if="stock.offcuts.length === 0" class="note">None. Test pieces and small boxes like them.</li>
            </ul>
            <form class="mt-2 flex items-start gap-2" aria-label="New offcut" @submit.prevent="change({ offcuts: [...stock.offcuts, { ...offcut }] })">
              <FigureField v-model="offcut.width" class="flex-1" label="Offcut width" :min="10" :max="5000" :step="10" />
              <FigureField v-model="offcut.height" class="flex-1" label="Offcut height" :min="10" :max="5000" :step="10" />
              <FigureField v-model="offcut.count" class="w-16" label="Count" kind="figure" whole :min="1" :max="999" />
              <button type="submit" class="btn mt-4.5">Add</button>
            </form>
          </div>
          <label class="block text-sm font-semibold">Notes<TextEntry class="input mt-1" :rows="4" :maxlength="2000" :model-value="stock.notes" @update:model-value="change({ notes: $event })" /></label>
        </div>
        <CautionNote :title="`Cutting ${stock.family === 'other' ? 'this material' : stock.family}`" :cautions="FAMILIES[stock.family].cautions" />
      </section>
    </main>
  </div>
</template>

<script setup lang="ts">
import { familySchema, type Stock } from '@core/stock'
import FigureField from './FigureField.vue'
import TextEntry from './TextEntry.vue'

defineProps<{ stock: Stock }>()
const emit = defineEmits<{ change: [part: Partial<Stock>, key: string] }>()

const FIELDS = [
  { key: 'nominal', figure: { label: 'Nominal (label)', min: 0.1, max: 50, step: 0.5 } },
  { key: 'sheetWidth', figure: { label: 'Sheet width', min: 1, max: 5000, step: 10 } },
  { key: 'sheetHeight', figure: { label: 'Sheet height', min: 1, max: 5000, step: 10 } },
  {
    key: 'sheetsAtHand',
    figure: { label: 'Sheets at hand', kind: 'figure', whole: true, min: 0, max: 999, step: 1 },
  },
  {
    key: 'pricePerSheet',
    figure: { label: 'Price per sheet', kind: 'figure', min: 0, max: 100000, step: 0.5, digits: 2 },
  },
] as const
</script>

<template>
  <div class="grid grid-cols-2 gap-2 sm:grid-cols-3">
    <label class="text-[13px] font-medium">
      Name of the stock
      <TextEntry
        class="input"
        data-first
        required
        :model-value="stock.name"
        @update:model-value="emit('change', { name: $event }, 'stock name')"
      />
    </label>
    <label class="text-[13px] font-medium">
      Batch
      <TextEntry
        class="input"
        placeholder="which delivery"
        :model-value="stock.batch"
        @update:model-value="emit('change', { batch: $event }, 'stock batch')"
      />
    </label>
    <label class="text-[13px] font-medium">
      Material
      <select
        class="input font-sans! font-normal"
        :value="stock.family"
        @change="
          emit(
            'change',
            { family: familySchema.parse(($event.target as HTMLSelectElement).value) },
            'stock family',
          )
        "
      >
        <option v-for="family in familySchema.options" :key="family" :value="family">{{ family }}</option>
      </select>
    </label>
    <FigureField
      v-for="field in FIELDS"
      :key="field.key"
      v-bind="field.figure"
      :model-value="stock[field.key]"
      @update:model-value="emit('change', { [field.key]: $event }, `stock ${field.key}`)"
    />
    <label class="text-[13px] font-medium">
      Face grain along
      <select
        class="input font-sans! font-normal"
        :value="stock.grain"
        @change="
          emit(
            'change',
            { grain: ($event.target as HTMLSelectElement).value as Stock['grain'] },
            'stock grain',
          )
        "
      >
        <option value="none">none</option>
        <option value="width">sheet width</option>
        <option value="height">sheet height</option>
      </select>
    </label>
  </div>
</template>

<script setup lang="ts">
import { limitsOf } from '@core/limits'
import { familySchema, stockSchema, type Stock } from '@core/stock'
import FigureField from './FigureField.vue'
import TextEntry from './TextEntry.vue'
import { stockFields as words } from './words'

defineProps<{ stock: Stock }>()
const emit = defineEmits<{ change: [part: Partial<Stock>, key: string] }>()

const { shape } = stockSchema
const FIELDS = [
  { key: 'nominal', figure: { label: words.nominalLabel, step: 0.5, term: 'nominal' } },
  { key: 'sheetWidth', figure: { label: words.sheetWidth, step: 10 } },
  { key: 'sheetHeight', figure: { label: words.sheetHeight, step: 10 } },
  { key: 'sheetsAtHand', figure: { label: words.sheetsHand, kind: 'figure' } },
  { key: 'pricePerSheet', figure: { label: words.pricePerSheet, kind: 'figure', step: 0.5, digits: 2 } },
] as const
const change = (part: Partial<Stock>, key: string): void => emit('change', part, `stock ${key}`)
const GRAINS: { value: Stock['grain']; label: string }[] = [
  { value: 'none', label: 'none' },
  { value: 'width', label: words.alongWidth },
  { value: 'height', label: words.alongHeight },
]
const valueOf = (event: Event): string => (event.target as HTMLSelectElement).value
</script>

<template>
  <div class="grid grid-cols-2 gap-2 sm:grid-cols-3">
    <label class="text-[13px] font-medium" data-field="stock-name">
      {{ words.nameStock }}
      <TextEntry
        class="input"
        data-first
        required
        :model-value="stock.name"
        @update:model-value="change({ name: $event }, 'name')"
      />
    </label>
    <label class="text-[13px] font-medium" data-field="batch">
      {{ words.batch }}
      <TextEntry
        class="input"
        :placeholder="words.whichDelivery"
        :model-value="stock.batch"
        @update:model-value="change({ batch: $event }, 'batch')"
      />
    </label>
    <label class="text-[13px] font-medium" data-field="material">
      {{ words.material }}
      <select
        class="input font-sans! font-normal"
        :value="stock.family"
        @change="change({ family: familySchema.parse(valueOf($event)) }, 'family')"
      >
        <option v-for="family in familySchema.options" :key="family" :value="family">{{ family }}</option>
      </select>
    </label>
    <FigureField
      v-for="{ key, figure } in FIELDS"
      :key="key"
      v-bind="figure"
      :data-field="key"
      :limits="limitsOf(shape[key])"
      :model-value="stock[key]"
      @update:model-value="change({ [key]: $event }, key)"
    />
    <label class="text-[13px] font-medium" data-field="stock-grain">
      {{ words.faceGrainAlong }}
      <select
        class="input font-sans! font-normal"
        :value="stock.grain"
        @change="change({ grain: valueOf($event) as Stock['grain'] }, 'grain')"
      >
        <option v-for="{ value, label } in GRAINS" :key="value" :value="value">{{ label }}</option>
      </select>
    </label>
  </div>
</template>

<script setup lang="ts">
import { X } from '@lucide/vue'
import { computed, ref } from 'vue'
import { doubtFraction, parseLength, type Doubt } from '@core/length'
import {
  advisedNumbers,
  doubtThickness,
  slotWidthWorking,
  tabLengthWorking,
  thicknessOf,
  thicknessSchema,
  thicknessWorking,
  unevenLine,
  type Reading,
  type Stock,
} from '@core/stock'
import { dayOf } from '@web/data/dates'
import { tryTo } from '@web/refusals'
import DoubtNote from './DoubtNote.vue'
import ReadingsPlot from './ReadingsPlot.vue'
import ReadingsTable from './ReadingsTable.vue'
import { useSay } from './say'
import WorkedFigure from './WorkedFigure.vue'
import { readingsEditor as words } from './words'

const props = defineProps<{ stock: Stock }>()
const emit = defineEmits<{ change: [readings: Reading[]]; sure: [value: number] }>()

const say = useSay()
const thickness = computed(() => thicknessOf(props.stock))
const advised = computed(() => advisedNumbers(thickness.value))
const uneven = computed(() => unevenLine(thickness.value, say.value))
const typed = ref('')
const spot = ref('')
const error = ref('')
const doubt = ref<(Doubt & { value: number }) | null>(null)

function keepAsked(value: number): void {
  if (keep(value)) emit('sure', Number(value.toFixed(4)))
}
/** @returns whether it was taken */
function keep(value: number): boolean {
  const reading = { value: Number(value.toFixed(4)), spot: spot.value.trim(), on: new Date().toISOString() }
  doubt.value = null
  const refusal = tryTo(() => emit('change', [...props.stock.readings, reading]))
  error.value = refusal ?? ''
  if (refusal) return false
  typed.value = ''
  spot.value = ''
  return true
}

/** A reading that is probably a slip waits until it is decided on. */
function doubtOf(value: number): Doubt | null {
  const fraction = say.value.lengthUnit === 'mm' ? doubtFraction(typed.value, value) : null
  return fraction ?? doubtThickness(value, props.stock.nominal, say.value)
}

function enter(): void {
  error.value = ''
  doubt.value = null
  const parsed = parseLength(typed.value, say.value.lengthUnit)
  if (!parsed.ok) {
    error.value = parsed.error
    return
  }
  const { value } = parsed
  if (!thicknessSchema.safeParse(value).success) {
    const [least, most] = [say.value.shortPlain(0.05), say.value.short(50)]
    error.value = words.notAThickness(least, most, say.value.short(value, 3))
    return
  }
  const odd = doubtOf(value)
  if (odd) doubt.value = { ...odd, value }
  else keep(value)
}
const titleOf = ({ spot: where, on }: Reading): string => [where, dayOf(on)].filter(Boolean).join(', ')
const without = (index: number): Reading[] => props.stock.readings.filter((_, i) => i !== index)
</script>

<template>
  <div class="rounded border border-line bg-paper p-2.5" data-field="readings">
    <form @submit.prevent="enter">
      <div class="flex flex-wrap items-end gap-2">
        <label class="min-w-32 flex-1 text-[13px] font-medium">
          {{ words.thicknessReadingsFilm }}
          <input
            v-model="typed"
            class="input text-lg!"
            inputmode="decimal"
            autocomplete="off"
            :placeholder="say.plain(3.02)"
            :aria-invalid="error ? 'true' : undefined"
            aria-describedby="reading-says"
          />
        </label>
        <label class="w-24 text-[13px] font-medium" data-field="spot">
          {{ words.where }}
          <input
            v-model="spot"
            class="input font-sans! text-lg! font-normal"
            maxlength="40"
            :placeholder="words.leftEdge"
          />
        </label>
        <button type="submit" class="btn h-9.5 shrink-0">{{ words.addReading }}</button>
      </div>
      <p v-if="error" id="reading-says" class="mt-1 text-[13px] text-rowan" role="alert">{{ error }}</p>
      <DoubtNote
        v-else-if="doubt"
        id="reading-says"
        :doubt="doubt"
        why="thickness"
        @use="keep"
        @keep="keepAsked(doubt.value)"
      />
      <p v-else id="reading-says" class="note mt-1">
        {{ words.measureSeveralPlaces }}
      </p>
    </form>
    <ul class="mt-1.5 flex flex-wrap gap-1" :aria-label="words.readings">
      <li
        v-for="(reading, i) in stock.readings"
        :key="i"
        class="num flex items-center rounded border border-line bg-sheet pl-1.5 text-sm"
        :title="titleOf(reading)"
      >
        {{ say.reading(reading.value) }}
        <button
          type="button"
          class="btn-icon p-1"
          :aria-label="words.removeReading(say.reading(reading.value))"
          @click="emit('change', without(i))"
        >
          <X :size="13" />
        </button>
      </li>
      <li v-if="stock.readings.length === 0" class="text-sm text-gorse">
        {{ words.batchNotMeasured(say.short(stock.nominal)) }}
      </li>
    </ul>
    <ReadingsPlot
      :thickness="thickness"
      :readings="stock.readings.map(({ value }) => value)"
      :nominal="stock.nominal"
      class="mt-2 max-w-xl"
    />
    <p v-if="uneven" class="text-[13px] text-gorse">{{ words.unevenSheet(uneven) }}</p>
    <div class="mt-1 grid grid-cols-2 gap-x-4 gap-y-1 sm:grid-cols-3">
      <WorkedFigure
        large
        :label="words.meanThickness"
        :text="say.fine(thickness.mean)"
        :working="thicknessWorking(thickness, say)"
      />
      <WorkedFigure large :label="words.spread" :text="say.length(thickness.spread)" />
      <WorkedFigure large :label="words.readings" :text="String(thickness.readings)" />
      <WorkedFigure
        :label="words.tabLengthUse"
        :text="say.length(advised.tabLength)"
        :working="tabLengthWorking(thickness, say)"
      />
      <WorkedFigure
        :label="words.slotWidthUse"
        :text="say.length(advised.slotWidth)"
        :working="slotWidthWorking(thickness, say)"
      />
    </div>
    <ReadingsTable :stock="stock" @change="emit('change', $event)" />
  </div>
</template>

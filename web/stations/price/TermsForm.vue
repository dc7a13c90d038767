<script setup lang="ts">
import { Plus, Trash2 } from '@lucide/vue'
import { computed } from 'vue'
import { limitsOf } from '@core/limits'
import { extraSchema, MOST_EXTRAS, priceTermsSchema, type Extra, type PriceTerms } from '@core/price'
import FigureField from '@web/parts/FigureField.vue'
import TextEntry from '@web/parts/TextEntry.vue'
import { useOpenJob } from '@web/stores/job'
import { common } from '@web/words'
import { termsForm as words } from './words'

/** What the maker reckons with: rates, minutes, what is bought, what goes on top, and who asks. */
const jobs = useOpenJob()
const terms = computed(() => jobs.job.price)
type FigureName = 'boxes' | 'hour' | 'machineHour' | 'glue' | 'setUp' | 'perSheet' | 'finishing'
const set = <K extends keyof PriceTerms>(key: K, value: PriceTerms[K]): void =>
  void jobs.edit((draft) => void (draft.price[key] = value), `price ${key}`)
const per = computed(() => terms.value.currency)
const FIGURES = computed((): { key: FigureName; label: string; unit: string; step: number }[] => [
  { key: 'boxes', label: common.boxes, unit: '', step: 1 },
  { key: 'hour', label: words.yourHour, unit: per.value, step: 1 },
  { key: 'machineHour', label: words.machinesHour, unit: per.value, step: 1 },
  { key: 'setUp', label: words.setUpOnce, unit: 'min', step: 5 },
  { key: 'perSheet', label: words.bedEachSheet, unit: 'min', step: 1 },
  { key: 'finishing', label: words.finishEachBox, unit: 'min', step: 1 },
  { key: 'glue', label: words.glueKilogram, unit: per.value, step: 1 },
])
const SHARES = [
  { key: 'margin', label: words.onTop, step: 5 },
  { key: 'rest', label: words.leftOverCounts, step: 10 },
] as const
const WORDS = [
  { key: 'customer', label: words.whoAsks },
  { key: 'seller', label: words.whoOffers },
  { key: 'note', label: words.lineCustomer },
] as const
const limits = (key: keyof PriceTerms) => limitsOf(priceTermsSchema.shape[key] as never)
const percent = (key: 'margin' | 'rest') => {
  const { min, max, ...others } = limits(key)
  return { ...others, min: min * 100, max: max * 100 }
}
const EXTRA = { count: limitsOf(extraSchema.shape.count), each: limitsOf(extraSchema.shape.each) }
const change = (at: number, part: Partial<Extra>): void =>
  set(
    'extras',
    terms.value.extras.map((each, i) => (i === at ? { ...each, ...part } : each)),
  )
</script>

<template>
  <section class="card grid content-start gap-3" aria-labelledby="terms-title">
    <h2 id="terms-title" class="text-base!">{{ words.whatYouReckon }}</h2>
    <div class="grid grid-cols-2 items-start gap-2">
      <FigureField
        v-for="{ key, label, unit, step } in FIGURES"
        :key="key"
        kind="figure"
        :data-field="`price-${key}`"
        :label="label"
        :unit="unit"
        :step="step"
        :model-value="terms[key]"
        :limits="limits(key)"
        @update:model-value="set(key, $event)"
      />
      <FigureField
        v-for="{ key, label, step } in SHARES"
        :key="key"
        kind="figure"
        unit="%"
        :data-field="`price-${key}`"
        :label="label"
        :step="step"
        :model-value="Math.round(terms[key] * 1000) / 10"
        :limits="percent(key)"
        @update:model-value="set(key, $event / 100)"
      />
      <label class="text-[13px] font-medium">
        {{ words.currency }}
        <TextEntry
          class="input"
          :maxlength="6"
          required
          data-field="price-currency"
          :model-value="terms.currency"
          @update:model-value="set('currency', $event)"
        />
      </label>
    </div>
    <fieldset class="grid gap-2">
      <legend class="text-[13px] font-medium">{{ words.boughtEachBox }}</legend>
      <div
        v-for="(extra, i) in terms.extras"
        :key="i"
        class="grid grid-cols-[1fr_4.5rem_5.5rem_auto] items-end gap-1.5"
      >
        <label class="text-[13px]">
          {{ words.what }}
          <TextEntry
            class="input"
            :maxlength="60"
            required
            :model-value="extra.what"
            @update:model-value="change(i, { what: $event })"
          />
        </label>
        <FigureField
          kind="figure"
          :label="words.count"
          :model-value="extra.count"
          :limits="EXTRA.count"
          @update:model-value="change(i, { count: $event })"
        />
        <FigureField
          kind="figure"
          :label="words.each"
          :unit="per"
          :model-value="extra.each"
          :limits="EXTRA.each"
          @update:model-value="change(i, { each: $event })"
        />
        <button
          type="button"
          class="btn-icon"
          :aria-label="words.remove(extra.what)"
          @click="
            set(
              'extras',
              terms.extras.filter((_, at) => at !== i),
            )
          "
        >
          <Trash2 :size="16" />
        </button>
      </div>
      <button
        v-if="terms.extras.length < MOST_EXTRAS"
        type="button"
        class="btn justify-self-start"
        data-field="price-extras"
        @click="set('extras', [...terms.extras, { what: 'magnets', count: 1, each: 0 }])"
      >
        <Plus :size="15" aria-hidden="true" />
        {{ words.addLine }}
      </button>
    </fieldset>
    <div class="grid gap-2">
      <label v-for="{ key, label } in WORDS" :key="key" class="text-[13px] font-medium">
        {{ label }}
        <TextEntry
          class="input"
          :maxlength="key === 'note' ? 400 : 120"
          :data-field="`price-${key}`"
          :model-value="terms[key]"
          @update:model-value="set(key, $event)"
        />
      </label>
      <FigureField
        class="w-40"
        kind="figure"
        :label="words.quoteHolds"
        :unit="words.days"
        data-field="price-days"
        :model-value="terms.days"
        :limits="limits('days')"
        @update:model-value="set('days', $event)"
      />
    </div>
  </section>
</template>

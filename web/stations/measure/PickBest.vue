<script setup lang="ts">
import { computed } from 'vue'
import { limitsOf } from '@core/limits'
import { doubtThickness, thicknessSchema } from '@core/stock'
import { combNames, combSteps, fixGauge, gaugeThickness, slotWidths, type Trial } from '@core/testpiece'
import FigureField from '@web/parts/FigureField.vue'
import { useSay } from '@web/parts/say'
import { useDerived } from '@web/stores/derived'
import { useOpenJob } from '@web/stores/job'
import { useTrial } from './trial'
import { pickBest as words } from './words'

/**
 * The answer of a test piece that is felt, not measured: the best pair of a comb, or the narrowest slot
 * entered.
 */
const jobs = useOpenJob()
const derived = useDerived()
const say = useSay()
const { trial, take, change, setReading } = useTrial()
const isComb = computed(() => trial.value.method === 'comb')
const choices = computed(() =>
  isComb.value
    ? combSteps(trial.value).map((step, i) => `${combNames(trial.value)[i]}: ${say.value.fine(step)}`)
    : slotWidths(trial.value, gaugeThickness(trial.value, derived.box.thickness).mean).map(
        (width, i) => `${i + 1}: ${say.value.length(width)}`,
      ),
)
/** A gauge keeps the thickness that it was read with. */
function pick(best: Trial['best']): void {
  const next = { ...trial.value, best: trial.value.best === best ? null : best }
  take(fixGauge(next, derived.box.thickness))
}
</script>

<template>
  <div class="grid gap-2">
    <p class="text-lg font-semibold">
      {{ isComb ? words.pressEqualNumbers : words.pushSheetInto }}
    </p>
    <div
      class="grid grid-cols-[repeat(auto-fill,minmax(7rem,1fr))] gap-1.5"
      role="group"
      :aria-label="words.bestOne"
    >
      <button
        v-for="(choice, i) in choices"
        :key="choice"
        type="button"
        class="choice num py-3 text-lg"
        :data-on="trial.best === i"
        :aria-pressed="trial.best === i"
        @click="pick(i)"
      >
        {{ choice }}
      </button>
      <button
        v-if="!isComb"
        type="button"
        class="choice py-3"
        :data-on="trial.best === 'none'"
        :aria-pressed="trial.best === 'none'"
        @click="pick('none')"
      >
        {{ words.entersNone }}
      </button>
    </div>
    <FigureField
      v-if="!isComb"
      data-field="gauge-thickness"
      class="max-w-60"
      :label="words.thicknessPushed"
      optional
      :model-value="trial.readings[0] ?? null"
      :limits="limitsOf(thicknessSchema)"
      :step="0.01"
      why="thickness"
      :doubt="(value) => doubtThickness(value, jobs.job.measure.stock?.nominal ?? null, say)"
      @update:model-value="setReading(0, $event)"
      @clear="change({ readings: [] })"
    />
  </div>
</template>

<script setup lang="ts">
import { computed, nextTick, ref, watch } from 'vue'
import { fixed, parseLength } from '@core/length'
import { doubtThickness, type Doubt } from '@core/stock'
import {
  combNames,
  combSteps,
  doubtReading,
  expectedReading,
  readingPrompts,
  slotWidths,
} from '@core/testpiece'
import DoubtNote from '@web/parts/DoubtNote.vue'
import FigureField from '@web/parts/FigureField.vue'
import { useJob } from '@web/stores/job'
import { useTrial } from './trial'

const jobs = useJob()
const { trial, result, thickness, change, setReading } = useTrial()
const prompts = computed(() => readingPrompts(trial.value))
/** The reading that is asked for: the first that is missing, or one that was tapped to be taken again. */
const again = ref<number | null>(null)
const next = computed(
  () => again.value ?? prompts.value.findIndex((_, i) => (trial.value.readings[i] ?? null) === null),
)
const typed = ref('')
const error = ref('')
const field = ref<HTMLInputElement>()
watch(
  () => trial.value.method,
  () => {
    again.value = null
    typed.value = ''
  },
)

/** A reading that is probably a slip waits here until it is decided on. */
const doubt = ref<Doubt | null>(null)
const doubted = ref(0)
watch(typed, () => {
  error.value = ''
  doubt.value = null
})

function take(value: number): void {
  setReading(next.value, Number(value.toFixed(4)))
  typed.value = ''
  again.value = null
  void nextTick(() => field.value?.focus())
}
function enter(): void {
  const parsed = parseLength(typed.value)
  if (!parsed.ok) {
    error.value = parsed.error
    return
  }
  if (next.value < 0) return
  doubt.value = doubtReading(trial.value, parsed.value)
  doubted.value = parsed.value
  if (!doubt.value) take(parsed.value)
}
function redo(index: number): void {
  again.value = index
  typed.value = ''
  field.value?.focus()
}
const choices = computed(() =>
  trial.value.method === 'comb'
    ? combSteps(trial.value).map((step, i) => `${combNames(trial.value)[i]}: ${fixed(step, 3)} mm`)
    : slotWidths(trial.value, thickness.value.mean).map((width, i) => `${i + 1}: ${fixed(width, 2)} mm`),
)
const isOdd = (i: number): boolean => result.value.kerf?.odd.includes(i) ?? false
</script>

<template>
  <section class="card grid gap-2" aria-label="Readings at the bench">
    <form v-if="prompts.length > 0" class="grid gap-2" @submit.prevent="enter">
      <label for="bench-reading" class="text-lg font-semibold">
        {{ next < 0 ? 'All readings are taken' : prompts[next] }}
      </label>
      <div v-if="next >= 0" class="flex gap-2">
        <input
          id="bench-reading"
          ref="field"
          v-model="typed"
          class="input h-16 min-w-0 flex-1 px-3 text-4xl!"
          inputmode="decimal"
          autocomplete="off"
          :placeholder="fixed(expectedReading(trial), 2)"
          :aria-invalid="error ? 'true' : undefined"
        />
        <button type="submit" class="btn btn-main h-16 px-6 text-xl">Next</button>
      </div>
      <p v-if="error" class="text-sm text-rowan" role="alert">{{ error }}</p>
      <DoubtNote v-if="doubt" class="text-base!" :doubt="doubt" @use="take" @keep="take(doubted)" />
      <ol class="flex flex-wrap gap-1.5" aria-label="Readings taken">
        <li v-for="(prompt, i) in prompts" :key="prompt">
          <button
            type="button"
            class="num rounded border px-2 py-1 text-base"
            :class="
              isOdd(i)
                ? 'border-gorse bg-gorse-wash'
                : i === next
                  ? 'border-heather bg-heather-wash'
                  : 'border-line bg-paper'
            "
            :aria-label="`${prompt}: ${trial.readings[i] ?? 'not taken'}${isOdd(i) ? ', does not seem to belong' : ''}. Take again`"
            @click="redo(i)"
          >
            {{
              trial.readings[i] === null || trial.readings[i] === undefined
                ? '·'
                : fixed(trial.readings[i]!, 2)
            }}
            <span v-if="isOdd(i)" aria-hidden="true">?</span>
          </button>
        </li>
      </ol>
      <p v-if="result.kerf?.odd.length" class="text-[13px] text-gorse">
        A reading marked ? does not seem to belong to the others (Grubbs’ test). It still counts: tap it to
        measure again.
      </p>
    </form>
    <template v-else>
      <p class="text-lg font-semibold">
        {{
          trial.method === 'comb'
            ? 'Press equal numbers together. Which pair is just right in your hands?'
            : 'Push the sheet into the slots. Which is the narrowest that it enters?'
        }}
      </p>
      <div
        class="grid grid-cols-[repeat(auto-fill,minmax(7rem,1fr))] gap-1.5"
        role="group"
        aria-label="Best one"
      >
        <button
          v-for="(choice, i) in choices"
          :key="choice"
          type="button"
          class="choice num py-3 text-lg"
          :data-on="trial.best === i"
          :aria-pressed="trial.best === i"
          @click="change({ best: trial.best === i ? null : i })"
        >
          {{ choice }}
        </button>
      </div>
      <FigureField
        v-if="trial.method === 'slots'"
        class="max-w-60"
        label="Thickness where it was pushed in"
        optional
        :model-value="trial.readings[0] ?? null"
        :min="0.3"
        :max="50"
        :step="0.01"
        :doubt="(value) => doubtThickness(value, jobs.job!.measure.stock?.nominal ?? null)"
        @update:model-value="setReading(0, $event)"
        @clear="change({ readings: [] })"
      />
    </template>
  </section>
</template>

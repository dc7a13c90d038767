<script setup lang="ts">
import { computed, nextTick, ref, watch } from 'vue'
import { parseLength, type Doubt } from '@core/length'
import { doubtReading, expectedReading, readingPrompts } from '@core/testpiece'
import DoubtNote from '@web/parts/DoubtNote.vue'
import { useSay } from '@web/parts/say'
import { tryTo } from '@web/refusals'
import PickBest from './PickBest.vue'
import { useTrial } from './trial'
import { readingPad as words } from './words'

const emit = defineEmits<{ taken: [] }>()
const say = useSay()
const { trial, result, setReading } = useTrial()
const prompts = computed(() => readingPrompts(trial.value))
const readingAt = (index: number): number | null => trial.value.readings[index] ?? null
/** The reading that is asked for: the first that is missing, or one that was tapped to be taken again. */
const again = ref<number | null>(null)
const next = computed(() => {
  const missing = prompts.value.find(({ index }) => readingAt(index) === null)
  return prompts.value.find(({ index }) => index === again.value) ?? missing ?? null
})
const typed = ref('')
const error = ref('')
const field = ref<HTMLInputElement>()
watch(
  () => [trial.value.method, trial.value.squares.ways],
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
  const index = next.value?.index
  if (index === undefined) return
  doubt.value = null
  const refusal = tryTo(() => setReading(index, Number(value.toFixed(4))))
  if (refusal) {
    error.value = refusal
    return
  }
  typed.value = ''
  again.value = null
  if (next.value === null) emit('taken') // all of them
  void nextTick(() => field.value?.focus())
}
function enter(): void {
  const parsed = parseLength(typed.value, say.value.lengthUnit)
  if (!parsed.ok) {
    error.value = parsed.error
    return
  }
  if (!next.value) return
  doubt.value = doubtReading(trial.value, parsed.value, say.value)
  doubted.value = parsed.value
  if (!doubt.value) take(parsed.value)
}
function redo(index: number): void {
  again.value = index
  typed.value = ''
  void nextTick(() => field.value?.focus())
}
const isOdd = (index: number): boolean => result.value.kerf?.odd.includes(index) ?? false
const look = (index: number): string => {
  if (isOdd(index)) return 'border-gorse bg-gorse-wash'
  return index === next.value?.index ? 'border-heather bg-heather-wash' : 'border-line bg-paper'
}
function describe({ text, index }: { text: string; index: number }): string {
  const value = readingAt(index)
  const said = value === null ? words.notTaken : say.value.reading(value)
  return words.takeAgain(text, said, !!isOdd(index))
}
</script>

<template>
  <section class="card grid gap-2" :aria-label="words.readingsBench" data-field="bench-readings">
    <form v-if="prompts.length > 0" class="grid gap-2" @submit.prevent="enter">
      <label for="bench-reading" class="text-lg font-semibold">
        {{ next?.text ?? words.allReadingsTaken }}
      </label>
      <div v-if="next" class="flex gap-2">
        <input
          id="bench-reading"
          ref="field"
          v-model="typed"
          class="input h-16 min-w-0 flex-1 px-3 text-4xl!"
          inputmode="decimal"
          autocomplete="off"
          :placeholder="say.plain(expectedReading(trial))"
          :aria-invalid="error ? 'true' : undefined"
        />
        <button type="submit" class="btn btn-main h-16 px-6 text-xl">{{ words.next }}</button>
      </div>
      <p v-if="error" class="text-sm text-rowan" role="alert">{{ error }}</p>
      <DoubtNote
        v-if="doubt"
        class="text-base!"
        :doubt="doubt"
        why="calipers"
        @use="take"
        @keep="take(doubted)"
      />
      <ol class="flex flex-wrap gap-1.5" :aria-label="words.readingsTaken">
        <li v-for="prompt in prompts" :key="prompt.text">
          <button
            type="button"
            class="num min-w-8 rounded border px-2 py-1 text-base"
            :class="look(prompt.index)"
            :aria-label="describe(prompt)"
            @click="redo(prompt.index)"
          >
            {{ readingAt(prompt.index) === null ? '·' : say.reading(readingAt(prompt.index)!) }}
            <span v-if="isOdd(prompt.index)" aria-hidden="true">?</span>
          </button>
        </li>
      </ol>
      <p v-if="result.kerf?.odd.length" class="text-[13px] text-gorse">
        {{ words.readingMarkedNot }}
      </p>
    </form>
    <PickBest v-else />
  </section>
</template>

<script setup lang="ts">
import { ArrowDown, ArrowUp } from '@lucide/vue'
import { computed, ref, shallowRef } from 'vue'
import type { Answer, Exercise, Outcome, Question } from '@core/course'
import FigureField from '@web/parts/FigureField.vue'
import { useSay } from '@web/parts/say'
import TryingBox from './TryingBox.vue'

/** One exercise: its story, what can be read or tried, the questions, hints one by one, and the answer. */
const props = defineProps<{ exercise: Exercise; seed: number; number: number; next: string }>()
const emit = defineEmits<{ solved: []; another: []; next: [] }>()
const say = useSay()
const task = computed(() => props.exercise.make(props.seed))
const answers = ref<Record<string, Answer>>({})
for (const question of task.value.questions)
  if (question.kind === 'order') answers.value[question.id] = question.items.map(({ id }) => id)
const outcome = shallowRef<Outcome | null>(null)
const hintsShown = ref(0)
const hints = computed(() => task.value.hints(say.value))

const numberOf = (id: string): number | null => {
  const value = answers.value[id]
  return typeof value === 'number' ? value : null
}
function put(id: string, value: Answer): void {
  answers.value = { ...answers.value, [id]: value }
  outcome.value = null
}
const orderOf = (id: string): string[] => answers.value[id] as string[]
const nameOf = (question: Question, item: string): string =>
  question.kind === 'order' ? (question.items.find(({ id }) => id === item)?.name ?? '') : ''
function move(id: string, at: number, by: 1 | -1): void {
  const order = [...orderOf(id)]
  order.splice(at + by, 0, ...order.splice(at, 1))
  put(id, order)
}
const missing = computed(() =>
  task.value.questions.some(({ id }) => answers.value[id] === undefined || answers.value[id] === ''),
)
function check(): void {
  outcome.value = task.value.check(answers.value)
  if (outcome.value.right) emit('solved')
}
</script>

<template>
  <section class="card grid gap-3" data-exercise :aria-label="exercise.title">
    <h2 tabindex="-1">{{ number }}. {{ exercise.title }}</h2>
    <p v-for="sentence in task.story(say)" :key="sentence" class="max-w-prose text-sm">{{ sentence }}</p>
    <p v-if="task.readings" class="text-sm">
      {{ task.readings.label }}:
      <span class="num font-semibold" data-testid="course-readings">
        {{ task.readings.values.map((value) => say.plain(value, 2)).join(', ') }} {{ say.lengthUnit }}
      </span>
    </p>
    <TryingBox v-if="task.trying" :trying="task.trying" />
    <form class="grid gap-3" @submit.prevent="check">
      <div class="grid gap-2 sm:grid-cols-2">
        <template v-for="question in task.questions" :key="question.id">
          <label v-if="question.kind === 'choice'" class="text-[13px] font-medium">
            {{ question.label }}
            <select
              class="input"
              :value="answers[question.id] ?? ''"
              @change="put(question.id, ($event.target as HTMLSelectElement).value)"
            >
              <option value="" disabled>choose…</option>
              <option v-for="each in question.options" :key="each">{{ each }}</option>
            </select>
          </label>
          <fieldset v-else-if="question.kind === 'order'" class="sm:col-span-2">
            <legend class="text-[13px] font-medium">{{ question.label }}</legend>
            <ol class="grid gap-1">
              <li
                v-for="(item, i) in orderOf(question.id)"
                :key="item"
                class="flex items-center gap-2 rounded border border-line px-2 py-1"
              >
                <span class="num text-quiet">{{ i + 1 }}</span>
                <span class="flex-1">{{ nameOf(question, item) }}</span>
                <button
                  type="button"
                  class="btn-icon"
                  :disabled="i === 0"
                  :aria-label="`${nameOf(question, item)} earlier`"
                  @click="move(question.id, i, -1)"
                >
                  <ArrowUp :size="16" />
                </button>
                <button
                  type="button"
                  class="btn-icon"
                  :disabled="i === orderOf(question.id).length - 1"
                  :aria-label="`${nameOf(question, item)} later`"
                  @click="move(question.id, i, 1)"
                >
                  <ArrowDown :size="16" />
                </button>
              </li>
            </ol>
          </fieldset>
          <FigureField
            v-else
            optional
            :label="question.label"
            :kind="question.kind"
            :model-value="numberOf(question.id)"
            :limits="{ min: question.min, max: question.max, whole: false }"
            @update:model-value="put(question.id, $event)"
          />
        </template>
      </div>
      <div class="flex flex-wrap gap-2">
        <button type="submit" class="btn btn-main" :disabled="missing">Check the answer</button>
        <button
          v-if="hintsShown < hints.length"
          type="button"
          class="btn"
          @click="hintsShown = hintsShown + 1"
        >
          {{ hintsShown === 0 ? 'A hint' : 'Another hint' }}
        </button>
        <button type="button" class="btn" @click="emit('another')">Other figures</button>
      </div>
    </form>
    <ul v-if="hintsShown > 0" class="list-disc pl-5 text-sm text-quiet" aria-label="Hints">
      <li v-for="hint in hints.slice(0, hintsShown)" :key="hint">{{ hint }}</li>
    </ul>
    <div aria-live="polite">
      <p
        v-if="outcome"
        class="text-sm font-semibold"
        :class="outcome.right ? 'text-moss' : 'text-gorse'"
        data-testid="outcome"
      >
        {{ outcome.right ? '✓' : '△' }} {{ outcome.said(say) }}
      </p>
    </div>
    <button v-if="outcome?.right && next" type="button" class="btn justify-self-start" @click="emit('next')">
      Next: {{ next }}
    </button>
  </section>
</template>

<script setup lang="ts">
import { computed } from 'vue'
import { OTHERWISE_FIGURES, type OtherwiseFigure } from '@core/derive'
import { OTHERWISE, type Otherwise, type Revision } from '@core/job'
import FigureField from '@web/parts/FigureField.vue'
import TextEntry from '@web/parts/TextEntry.vue'
import { useSay } from '@web/parts/say'
import { useMessages } from '@web/stores/messages'
import { useOpenJob } from '@web/stores/job'
import { common } from '@web/words'
import { otherwiseCard as words } from './words'

/** What the maker would do otherwise: it becomes the first edit of the next revision by one press. */
const props = defineProps<{ revision: Revision }>()
const jobs = useOpenJob()
const messages = useMessages()
const say = useSay()
const otherwise = computed(() => props.revision.otherwise)
const figureNow = (figure: OtherwiseFigure): number | null => OTHERWISE_FIGURES[figure].get(jobs.job)
const figures = computed(() => OTHERWISE.filter((each) => figureNow(each) !== null))
const kindOf = (figure: OtherwiseFigure) =>
  figure === 'copies' ? 'figure' : figure === 'interference' ? 'fine' : 'length'

function write(part: Partial<Otherwise>, key: string): void {
  jobs.edit((draft) => {
    const own = draft.log.find(({ id }) => id === props.revision.id)
    if (own) Object.assign(own.otherwise, part)
  }, `otherwise ${key} ${props.revision.id}`)
}
function choose({ target }: Event): void {
  const figure = (target as HTMLSelectElement).value as OtherwiseFigure | ''
  write({ change: figure === '' ? null : { figure, to: figureNow(figure) ?? 0 } }, 'figure')
}
const wordsFor = (figure: OtherwiseFigure, value: number | null): string => {
  if (value === null) return 'none'
  if (figure === 'copies') return String(value)
  return figure === 'interference' ? say.value.fine(value) : say.value.short(value, 2)
}
/** As the job is now, where that is not what was written down. */
const now = computed((): string | null => {
  const { change } = otherwise.value
  if (!change) return null
  const value = figureNow(change.figure)
  return value === change.to ? null : wordsFor(change.figure, value)
})
function begin(): void {
  const { change } = otherwise.value
  if (!change) return
  const was = wordsFor(change.figure, figureNow(change.figure))
  if (!jobs.edit((draft) => OTHERWISE_FIGURES[change.figure].set(draft, change.to))) return
  const text = `${OTHERWISE_FIGURES[change.figure].label}: ${was} → ${wordsFor(change.figure, change.to)}.`
  messages.say('said', text, { label: common.undo, run: jobs.undo })
}
</script>

<template>
  <section class="card grid gap-2" :aria-label="words.whatToDo">
    <h2>{{ words.nextTime }}</h2>
    <label class="block text-[13px] font-medium" data-field="otherwise">
      {{ words.whatYouWould }}
      <TextEntry
        class="input"
        :rows="2"
        :maxlength="400"
        :model-value="otherwise.text"
        @update:model-value="write({ text: $event }, 'text')"
      />
    </label>
    <div class="flex flex-wrap items-end gap-3">
      <label class="text-[13px] font-medium" data-field="otherwise-figure">
        {{ words.figureChange }}
        <select class="input" :value="otherwise.change?.figure ?? ''" @change="choose">
          <option value="">{{ words.none }}</option>
          <option v-for="each in figures" :key="each" :value="each">
            {{ OTHERWISE_FIGURES[each].label }}
          </option>
        </select>
      </label>
      <FigureField
        v-if="otherwise.change"
        :key="otherwise.change.figure"
        class="w-32"
        data-field="otherwise-to"
        :label="words.changeTo"
        :kind="kindOf(otherwise.change.figure)"
        :model-value="otherwise.change.to"
        :limits="OTHERWISE_FIGURES[otherwise.change.figure].limits"
        @update:model-value="write({ change: { ...otherwise.change!, to: $event } }, 'to')"
      />
    </div>
    <template v-if="otherwise.change">
      <button v-if="now !== null" type="button" class="btn justify-self-start" @click="begin">
        {{ words.beginNextRevision }}
      </button>
      <p class="note num">
        {{ now === null ? words.boxAlready : words.boxNow(now) }}
      </p>
    </template>
    <p v-else class="note">{{ words.reasonGivenNext }}</p>
  </section>
</template>

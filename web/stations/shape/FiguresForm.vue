<script setup lang="ts">
import { Plus, Trash2 } from '@lucide/vue'
import { computed, ref } from 'vue'
import { namesFor, questionsOf } from '@core/derive'
import { useSay } from '@web/parts/say'
import ToggleSwitch from '@web/parts/ToggleSwitch.vue'
import { tryTo } from '@web/refusals'
import { useOpenJob } from '@web/stores/job'
import { figuresForm as words } from './form-words'

/** Figures that the maker names, for sums in other fields. */
const jobs = useOpenJob()
const say = useSay()
const figures = computed(() => jobs.job.figures)
const errors = ref<Record<number, string>>({})
const names = computed(() =>
  namesFor(jobs.job)
    .map(({ name, value }) => `${name} ${say.value.shortPlain(value, 2)}`)
    .join(' · '),
)

function add(): void {
  const taken = new Set(figures.value.map(({ name }) => name))
  const free = ['play', 'grip', 'gap', ...Array.from({ length: 30 }, (_, i) => `figure${i + 1}`)]
  const name = free.find((each) => !taken.has(each))!
  jobs.edit((draft) => {
    draft.figures.push({ name, text: say.value.shortPlain(1), unit: say.value.lengthUnit })
  })
}
function change(i: number, part: { name?: string; text?: string }): void {
  errors.value[i] =
    tryTo(
      () =>
        void jobs.edit((draft) => {
          Object.assign(draft.figures[i], part, { unit: say.value.lengthUnit })
        }, `figure ${i}`),
    ) ?? ''
}
function remove(i: number): void {
  errors.value = {}
  jobs.edit((draft) => {
    draft.figures.splice(i, 1)
  })
}
const asked = computed(() =>
  questionsOf(jobs.job)
    .map(({ name }) => name)
    .join(', '),
)
const keepAsKind = (to: boolean): void => void jobs.edit((draft) => void (draft.template = to))
const valueOf = (event: Event): string => (event.target as HTMLInputElement).value.trim()
</script>

<template>
  <div class="grid content-start gap-2">
    <ul v-if="figures.length > 0" class="grid gap-1">
      <li v-for="(figure, i) in figures" :key="i">
        <div class="grid grid-cols-[6rem_1fr_1.75rem] items-center gap-1">
          <input
            class="input"
            :aria-label="words.nameFigure(i + 1)"
            :value="figure.name"
            @change="change(i, { name: valueOf($event) })"
          />
          <input
            class="input"
            :aria-label="words.nameIs(figure.name)"
            :value="figure.text"
            @change="change(i, { text: valueOf($event) })"
          />
          <button type="button" class="btn-icon" :aria-label="words.remove(figure.name)" @click="remove(i)">
            <Trash2 :size="15" />
          </button>
        </div>
        <p v-if="errors[i]" class="text-[13px] text-rowan" role="alert">{{ errors[i] }}</p>
      </li>
    </ul>
    <button type="button" class="btn" data-field="figures" @click="add">
      <Plus :size="14" aria-hidden="true" />
      {{ words.nameAFigure }}
    </button>
    <ToggleSwitch
      :label="words.keepJobKind"
      data-field="own-kind"
      :model-value="jobs.job.template"
      @update:model-value="keepAsKind"
    />
    <p v-if="jobs.job.template" class="note">{{ words.newJobOffers(asked) }}</p>
    <p class="note">
      {{ words.besideSizeTyped(say.lengthUnit, names) }}
    </p>
  </div>
</template>

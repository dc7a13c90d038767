<script setup lang="ts">
import { computed } from 'vue'
import { beliefOf } from '@core/belief'
import { boxSpecSchema } from '@core/box'
import { interferenceSchema, tasteOf, WANTED_FITS } from '@core/fit'
import { limitsOf } from '@core/limits'
import { wantedWord } from '@core/say'
import ChoiceRow from '@web/parts/ChoiceRow.vue'
import FigureField from '@web/parts/FigureField.vue'
import { useSay } from '@web/parts/say'
import { useOpenJob } from '@web/stores/job'
import { useBoxEdits } from './box-edits'
import { common } from '@web/words'
import { fitForm as words } from './form-words'

/** How tight joints are wanted, how far their ends stand out, and what slots and loose parts are given. */
const jobs = useOpenJob()
const say = useSay()
const { box, change, changeIn } = useBoxEdits()
const { shape } = boxSpecSchema
const play = shape.play.shape

/** The words are meant from one's own snug on. */
const own = computed(() => tasteOf(beliefOf(jobs.job.measure)).offset)
const interferenceFor = (word: string): number =>
  Number(((WANTED_FITS.find((each) => each.word === word)?.interference ?? 0) + own.value).toFixed(4))
const wanted = computed(() => wantedWord(jobs.job.interference, own.value) ?? 'own')
const fits = computed(() => [
  ...WANTED_FITS.map(({ word }) => ({
    value: word as string,
    label: `${word} (${say.value.signed(interferenceFor(word), 3)})`,
  })),
  ...(wanted.value === 'own' ? [{ value: 'own', label: 'own' }] : []),
])
const setInterference = (interference: number, key = ''): boolean =>
  jobs.edit((draft) => {
    draft.interference = interference
  }, key)
function want(word: string): void {
  if (word !== 'own') setInterference(interferenceFor(word))
}
const PLAYS = [
  { key: 'slots' as const, at: 'slot-play', label: common.slots, step: 0.05 },
  { key: 'laps' as const, at: 'lap-play', label: words.lapsLength, step: 0.1 },
  { key: 'loose' as const, at: 'loose-play', label: words.looseParts, step: 0.1 },
]
</script>

<template>
  <div class="grid content-start gap-2.5">
    <ChoiceRow
      data-field="wanted-fit"
      :label="words.fitWantInterference(say.lengthUnit)"
      :model-value="wanted"
      :options="fits"
      @update:model-value="want"
    />
    <div class="grid grid-cols-2 gap-2">
      <FigureField
        data-field="interference"
        term="interference"
        kind="fine"
        :label="words.interference"
        :model-value="jobs.job.interference"
        :limits="limitsOf(interferenceSchema)"
        :step="0.01"
        @update:model-value="setInterference($event, 'interference')"
      />
      <FigureField
        data-field="proud"
        term="proud"
        :label="words.proudLength"
        :model-value="box.proud"
        :limits="limitsOf(shape.proud)"
        :step="0.1"
        @update:model-value="change({ proud: $event }, 'proud')"
      />
    </div>
    <p class="note">
      {{ words.proudTabEnds(say.shortPlain(0.3), say.short(1)) }}
    </p>
    <p class="text-[13px] font-semibold">{{ words.play }}</p>
    <div class="grid grid-cols-2 gap-2">
      <FigureField
        v-for="{ key, at, label, step } in PLAYS"
        :key="key"
        :data-field="at"
        :label="label"
        kind="fine"
        :model-value="box.play[key]"
        :limits="limitsOf(play[key])"
        :step="step"
        @update:model-value="changeIn('play', { [key]: $event }, `play ${key}`)"
      />
    </div>
    <p class="note">{{ words.addedThickestReading }}</p>
  </div>
</template>

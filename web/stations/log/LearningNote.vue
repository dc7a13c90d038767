<script setup lang="ts">
import { computed } from 'vue'
import type { Revision } from '@core/job'
import { chance } from '@core/length'
import { useSay } from '@web/parts/say'
import type { Learning } from './use-learning'
import { learningNote as words } from './words'

/** What a cut moves in what is believed: before it is kept, and afterwards. */
const props = defineProps<{ revision: Revision; learning: Learning }>()
const say = useSay()
const { moved, isKept, odds, isUnlikely, keep, takeBack } = props.learning

/** By how much, in figures. */
const figures = computed(() => {
  if (!moved.value) return ''
  const { kerf, snug, sheet, through } = moved.value
  const lengths = (name: string, pair: [number, number] | null): string[] =>
    pair ? [`${name} ${say.value.finePlain(pair[0])} → ${say.value.fine(pair[1])}`] : []
  return [
    ...lengths('kerf', kerf),
    ...lengths(words.yourSnug, snug),
    ...lengths(words.theSheet, sheet),
    ...(through ? [words.oddsGoingThrough(through.map(chance).join(' → '))] : []),
  ].join('; ')
})
/** Why: what was said or measured, and how it stands to what was promised. */
const why = computed(() => {
  const { verdict, measured, through, cut } = props.revision
  const promised = cut?.promised?.through ?? null
  return [
    ...(verdict && odds.value !== null ? [words.hadOddsOf(verdict, chance(odds.value))] : []),
    ...(measured.length > 0 ? [words.thingMeasured(measured.length)] : []),
    ...(through && promised !== null ? [words.notAllCame(through === 'all', chance(promised))] : []),
  ].join('; ')
})
</script>

<template>
  <div v-if="moved" class="note flex flex-wrap items-center gap-x-3 gap-y-1">
    <p v-if="isKept" data-testid="moved">
      {{ words.learntMeasureOffers(figures) }}
    </p>
    <p v-else data-testid="not-kept">
      {{ words.notLearntYet(figures, why || 'of what was found') }}
      <template v-if="isUnlikely">
        {{ words.allElseKnown }}
      </template>
    </p>
    <button v-if="isKept" type="button" class="btn px-2 py-0.5" @click="takeBack">
      {{ words.takeBack }}
    </button>
    <button v-else type="button" class="btn px-2 py-0.5" @click="keep">{{ words.learnFromIt }}</button>
  </div>
</template>

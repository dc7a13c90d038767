<script setup lang="ts">
import { computed } from 'vue'
import { METHOD_NAMES, shiftedPiece } from '@core/testpiece'
import { useDerived } from '@web/stores/derived'
import CombOutcome from './CombOutcome.vue'
import KerfOutcome from './KerfOutcome.vue'
import { useTrial } from './trial'
import { trialOutcome as words } from './words'

const derived = useDerived()
const { trial, result, take } = useTrial()
/** The same piece shifted to where the answer lies. */
const shifted = computed(() => {
  const { beyond } = result.value
  return beyond && shiftedPiece(trial.value, beyond, derived.box.thickness.mean)
})
</script>

<template>
  <section class="card grid gap-2.5" aria-labelledby="outcome-title" aria-live="polite">
    <h2 id="outcome-title">{{ words.whatItSays }}</h2>
    <KerfOutcome v-if="result.kerf" :kerf="result.kerf" />
    <CombOutcome v-else-if="result.comb" :comb="result.comb" />
    <p v-else class="note">
      {{ words.cutPieceEnter(METHOD_NAMES[trial.method]) }}
    </p>
    <button v-if="shifted" type="button" class="btn" @click="take(shifted)">
      {{ words.makeShiftedWay(trial.method === 'comb') }}
    </button>
  </section>
</template>

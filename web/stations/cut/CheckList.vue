<script setup lang="ts">
import { useDerived } from '@web/stores/derived'
import { usePlanner } from '@web/stores/planner'
import CheckLines from './CheckLines.vue'
import { checkList as words } from './words'

const derived = useDerived()
const planner = usePlanner()
</script>

<template>
  <section class="card" aria-labelledby="checks-title">
    <h2 id="checks-title">{{ words.beforeCut }}</h2>
    <p v-if="planner.failure" class="mt-1 text-sm text-rowan" role="alert">
      {{ words.noPlan(planner.failure) }}
    </p>
    <CheckLines class="mt-1" :label="words.checks" :checks="derived.checks" />
  </section>
</template>

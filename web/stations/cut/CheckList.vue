<script setup lang="ts">
import { useDerived } from '@web/stores/derived'
import { usePlanner } from '@web/stores/planner'
import CheckLines from './CheckLines.vue'

const derived = useDerived()
const planner = usePlanner()
</script>

<template>
  <section class="card" aria-labelledby="checks-title">
    <h2 id="checks-title">Before it is cut</h2>
    <p v-if="planner.failure" class="mt-1 text-sm text-rowan" role="alert">
      There is no plan: {{ planner.failure }}.
    </p>
    <CheckLines class="mt-1" label="Checks" :checks="derived.checks" />
  </section>
</template>

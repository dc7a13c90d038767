<script setup lang="ts">
import { computed } from 'vue'
import { whyItWillNotGo } from '@core/say'
import { useSay } from '@web/parts/say'
import { useDerived } from '@web/stores/derived'
import { wontGoCard as words } from './words'

/** What to look at where a panel will not go in, in order, from what this job is least sure of. */
const derived = useDerived()
const say = useSay()
const looks = computed(() => whyItWillNotGo({ fit: derived.fit, box: derived.settledBox }, say.value))
</script>

<template>
  <section class="card no-print py-2!" :aria-label="words.panelNotGo" data-field="wont-go">
    <details>
      <summary class="min-h-6 cursor-pointer font-semibold">{{ words.panelNotGoLook }}</summary>
      <ol class="mt-2 grid list-decimal gap-1.5 pl-5 text-sm">
        <li v-for="{ title, how } in looks" :key="title">
          <strong>{{ title }}.</strong>
          {{ how }}
        </li>
      </ol>
    </details>
  </section>
</template>

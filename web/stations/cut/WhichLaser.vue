<script setup lang="ts">
import { useId } from 'vue'
import type { Rehearsal } from '@core/rehearse'
import { whichLaser as words } from './words'

/** Which laser is simulated: one of which nothing is known, or one like the maker's own. */
const like = defineModel<Rehearsal['laser']>({ required: true })
defineProps<{ legend: string; disabled?: boolean }>()
const name = useId()
const WHICH: { like: Rehearsal['laser']; says: string }[] = [
  { like: 'any', says: words.anyLaser },
  { like: 'mine', says: words.likeMine },
]
</script>

<template>
  <fieldset class="flex flex-wrap gap-x-4 gap-y-1 text-sm" :disabled="disabled">
    <legend class="sr-only">{{ legend }}</legend>
    <label v-for="which in WHICH" :key="which.like" class="flex min-h-6 items-center gap-1.5">
      <input v-model="like" type="radio" :name="name" :value="which.like" />
      {{ which.says }}
    </label>
  </fieldset>
  <p class="note">
    {{ like === 'any' ? words.knowNothingKerf : words.kerfPowerMeasured }}
  </p>
</template>

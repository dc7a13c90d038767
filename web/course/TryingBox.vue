<script setup lang="ts">
import { ref } from 'vue'
import type { Trying } from '@core/course'
import FigureField from '@web/parts/FigureField.vue'
import { useSay } from '@web/parts/say'

/** A few tries on the simulated machine, and what came of each. */
const props = defineProps<{ trying: Trying }>()
const say = useSay()
const value = ref<number | null>(null)
const made = ref<{ at: number; came: string }[]>([])
function run(): void {
  if (value.value === null) return
  made.value = [...made.value, { at: value.value, came: props.trying.run(value.value) }]
}
</script>

<template>
  <div class="grid gap-2 rounded border border-line p-2">
    <div class="flex flex-wrap items-end gap-2">
      <FigureField
        optional
        class="w-48"
        :label="trying.label"
        kind="speed"
        :model-value="value"
        :limits="{ min: trying.min, max: trying.max, whole: false }"
        @update:model-value="value = $event"
      />
      <button type="button" class="btn" :disabled="value === null || made.length >= trying.most" @click="run">
        Make the test cut
      </button>
      <span class="num text-[13px] text-quiet">{{ trying.most - made.length }} left</span>
    </div>
    <ol v-if="made.length > 0" class="num grid gap-0.5 text-[13px]" aria-label="Test cuts" aria-live="polite">
      <li v-for="({ at, came }, i) in made" :key="i">{{ say.speed(at) }}: {{ came }}</li>
    </ol>
  </div>
</template>

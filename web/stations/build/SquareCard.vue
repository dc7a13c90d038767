<script setup lang="ts">
import { computed, ref } from 'vue'
import { diagonal, readDiagonals, squareAdvice } from '@core/build'
import type { Box } from '@core/box'
import FigureField from '@web/parts/FigureField.vue'
import { useSay } from '@web/parts/say'
import { squareCard as words } from './words'

/** Both diagonals as they were measured with the glue still wet, and which corners to push. */
const props = defineProps<{ box: Box; proud: number }>()
const say = useSay()
const first = ref<number | null>(null)
const second = ref<number | null>(null)
const LIMITS = { min: 5, max: 8000, whole: false }
const due = computed(() => diagonal(props.box, props.proud))
const advice = computed(() => {
  if (first.value === null || second.value === null) return null
  const { x, y } = props.proud > 0 ? props.box.inner : props.box.outer
  const frame = { width: x, depth: y }
  return squareAdvice(frame, readDiagonals(frame, first.value, second.value), say.value)
})
const COLOURS = { square: 'text-moss', push: 'text-heather', look: 'text-gorse' }
</script>

<template>
  <section class="card no-print grid gap-2 py-2!" aria-labelledby="square-title" data-field="square">
    <h2 id="square-title" class="text-base!">{{ words.isItSquare }}</h2>
    <div class="flex flex-wrap items-start gap-3">
      <FigureField
        v-model="first"
        class="w-44"
        :label="words.frontLeftBack"
        :step="0.5"
        :digits="2"
        :limits="LIMITS"
      />
      <FigureField
        v-model="second"
        class="w-44"
        :label="words.frontRightBack"
        :step="0.5"
        :digits="2"
        :limits="LIMITS"
      />
      <p v-if="advice" class="min-w-60 flex-1 text-sm sm:pt-5" :class="COLOURS[advice.state]" role="status">
        {{ advice.says }}
      </p>
      <p v-else class="note min-w-60 flex-1 sm:pt-5">
        {{ words.measureBothWhile(proud > 0, say.length(due, 1)) }}
      </p>
    </div>
  </section>
</template>

<script setup lang="ts">
import { lineAt, type Scale } from '@core/course'
import ScaleMarks from './bench/ScaleMarks.vue'
import { vernierPicture as words } from './words'

/** A main scale with a vernier under it, to be read on paper. */
const props = defineProps<{ scale: Scale; jaws: number }>()
const WIDTH = 520
const LINE = 46
const end = lineAt(props.scale, props.jaws, props.scale.lines) + props.scale.division
const from = Math.max(0, props.jaws - 4 * props.scale.division)
const perMm = (WIDTH - 24) / (end - from)
const x = (mm: number): number => 12 + (mm - from) * perMm
</script>

<template>
  <svg :viewBox="`0 0 ${WIDTH} 96`" class="w-full" role="img" :aria-label="words.vernierRead">
    <rect x="1" y="1" :width="WIDTH - 2" :height="LINE - 1" class="fill-sunk stroke-edge" />
    <rect
      :x="x(jaws) - 6"
      :y="LINE"
      :width="x(end - scale.division) - x(jaws) + 12"
      height="46"
      class="fill-sheet stroke-edge"
    />
    <ScaleMarks :scale="scale" :jaws="jaws" :from="from" :to="end" :x="x" :y="LINE" :high="20" vernier />
  </svg>
</template>

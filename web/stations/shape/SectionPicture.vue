<script setup lang="ts">
import { computed, useId } from 'vue'
import type { cornerSection } from '@core/angled'
import { bounds, type Point } from '@core/geometry'

/** A corner cut across: the sheet with the tab, the one that stops, what is open and what is proud. */
const props = defineProps<{ section: ReturnType<typeof cornerSection> }>()
/** What is proud is hatched: not told by colour alone. */
const hatch = useId()
const line = (points: Point[]): string =>
  points.map(({ x, y }) => `${x.toFixed(3)},${y.toFixed(3)}`).join(' ')
const viewBox = computed(() => {
  const { through, stopped, face } = props.section
  const { minX, minY, maxX, maxY } = bounds([...through, ...stopped, ...face])
  return `${minX - 0.4} ${minY - 0.4} ${maxX - minX + 0.8} ${maxY - minY + 0.8}`
})
</script>

<template>
  <svg :viewBox="viewBox" class="h-24 w-full" aria-hidden="true">
    <pattern :id="hatch" width="0.5" height="0.5" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
      <rect width="0.5" height="0.5" class="fill-sheet" />
      <path d="M0 0V0.5" class="stroke-rowan" stroke-width="0.4" />
    </pattern>
    <g class="fill-ply stroke-ply-edge" stroke-width="1">
      <polygon v-for="name in ['stopped', 'through'] as const" :key="name" :points="line(section[name])" />
    </g>
    <polygon :points="line(section.gap)" class="fill-gorse" />
    <polygon :points="line(section.proud)" :fill="`url(#${hatch})`" class="stroke-rowan" />
    <polyline
      :points="line(section.face)"
      class="stroke-edge"
      fill="none"
      stroke-dasharray="4 3"
      stroke-width="1.5"
    />
  </svg>
</template>

<style scoped>
polygon,
polyline {
  vector-effect: non-scaling-stroke;
}
</style>

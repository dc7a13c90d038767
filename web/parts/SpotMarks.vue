<script setup lang="ts">
import type { Spot } from '@core/derive'

/** Rings round the places of a panel that a warning speaks of. */
defineProps<{ spots: Spot[]; size: number }>()
</script>

<template>
  <g v-for="({ at }, i) in spots" :key="i" class="pointer-events-none" data-spot>
    <circle
      :cx="at.x"
      :cy="-at.y"
      :r="size"
      fill="var(--gorse)"
      fill-opacity="0.35"
      stroke="var(--rowan)"
      stroke-width="2"
      vector-effect="non-scaling-stroke"
    />
  </g>
</template>

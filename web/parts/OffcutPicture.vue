<script setup lang="ts">
import { computed } from 'vue'
import type { Offcut } from '@core/stock'

/** A piece as it lies there, in outline. */
const props = defineProps<{ offcut: Pick<Offcut, 'width' | 'height' | 'outline'> }>()
const points = computed(() => {
  const { width, height, outline } = props.offcut
  const corners = outline ?? [
    [0, 0],
    [width, 0],
    [width, height],
    [0, height],
  ]
  return corners.map(([x, y]) => `${x},${height - y}`).join(' ')
})
</script>

<template>
  <svg
    :viewBox="`0 0 ${offcut.width} ${offcut.height}`"
    class="h-9 w-14 shrink-0 overflow-visible"
    aria-hidden="true"
  >
    <polygon
      :points="points"
      fill="var(--ply)"
      stroke="var(--ply-edge)"
      stroke-width="1"
      vector-effect="non-scaling-stroke"
    />
  </svg>
</template>

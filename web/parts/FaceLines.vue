<script setup lang="ts">
import type { Face } from '@core/assembly'
import { lineData, regionData } from './svg-path'

/** What is burnt into the outside face of a panel: areas filled, lines followed. */
defineProps<{ face?: Face }>()
</script>

<template>
  <g v-if="face" data-testid="face" pointer-events="none">
    <path :d="face.engraved.map(regionData).join('')" fill="var(--ply-edge)" fill-rule="evenodd" />
    <path
      :d="face.scored.map(({ points, closed }) => lineData(points, closed)).join('')"
      fill="none"
      stroke="var(--ink)"
      stroke-width="0.8"
      vector-effect="non-scaling-stroke"
    />
  </g>
</template>

<script setup lang="ts">
import { rectangle, type Ring } from '@core/geometry'
import type { Rest } from '@core/derive'
import { computed } from 'vue'
import { ringData } from '@web/parts/svg-path'
import { restPicture as words } from './words'

/** A sheet that was cut from, with what is kept of it. */
const props = defineProps<{ rest: Rest; kept: Ring | null }>()
const outline = computed(() => {
  const { surface } = props.rest
  return surface.outline ?? rectangle(0, 0, surface.width, surface.height)
})
</script>

<template>
  <svg
    :viewBox="`0 ${-rest.surface.height} ${rest.surface.width} ${rest.surface.height}`"
    class="h-20 w-28 shrink-0 overflow-visible"
    role="img"
    :aria-label="kept ? words.sheetKept : words.theSheet"
  >
    <path
      :d="ringData(outline)"
      fill="none"
      stroke="var(--edge)"
      stroke-dasharray="4 3"
      vector-effect="non-scaling-stroke"
    />
    <path
      v-if="kept"
      :d="ringData(kept)"
      fill="var(--ply)"
      stroke="var(--ply-edge)"
      vector-effect="non-scaling-stroke"
      data-kept
    />
  </svg>
</template>

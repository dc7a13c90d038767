<script setup lang="ts">
import { computed } from 'vue'
import type { Facet, Picture } from '@core/derive'
import { boxPicture as words } from './words'

/** A box drawn small: planes from the back to the front, lighter where the light falls. */
const props = defineProps<{ picture: Picture }>()
const viewBox = computed(() => {
  const [x, y, width, height] = props.picture.viewBox
  const pad = Math.max(width, height) * 0.03
  return `${x - pad} ${y - pad} ${width + 2 * pad} ${height + 2 * pad}`
})
const data = ({ rings }: Facet): string =>
  rings.map((ring) => `M${ring.map(([x, y]) => `${x.toFixed(1)} ${y.toFixed(1)}`).join('L')}Z`).join('')
const mix = ({ shade }: Facet): string => words.colorMixSrgb(Math.round(55 + 45 * shade))
</script>

<template>
  <svg :viewBox="viewBox" aria-hidden="true">
    <path
      v-for="(facet, i) in picture.facets"
      :key="i"
      :d="data(facet)"
      :fill="mix(facet)"
      stroke="var(--ply-edge)"
      stroke-width="0.6"
      vector-effect="non-scaling-stroke"
    />
  </svg>
</template>

<script setup lang="ts">
import { computed } from 'vue'
import type { Facet, PanelChange, Picture } from '@core/derive'

/** A box drawn small: planes from the back to the front, lighter where the light falls. */
const props = defineProps<{ picture: Picture; marked?: ReadonlyMap<string, PanelChange> }>()
const viewBox = computed(() => {
  const [x, y, width, height] = props.picture.viewBox
  const pad = Math.max(width, height) * 0.03
  return `${x - pad} ${y - pad} ${width + 2 * pad} ${height + 2 * pad}`
})
const data = ({ rings }: Facet): string =>
  rings.map((ring) => `M${ring.map(([x, y]) => `${x.toFixed(1)} ${y.toFixed(1)}`).join('L')}Z`).join('')
/** What a change adds is of another colour, what it changes leans to that. */
const COLOURS = {
  added: 'var(--heather)',
  changed: 'color-mix(in srgb, var(--heather) 22%, var(--ply))',
}
const mix = ({ panel, shade }: Facet): string => {
  const change = props.marked?.get(panel)
  const share = Math.round(55 + 45 * shade)
  return `color-mix(in srgb, ${change ? COLOURS[change] : 'var(--ply)'} ${share}%, var(--ply-edge))`
}
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

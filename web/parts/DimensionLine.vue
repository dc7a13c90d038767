<script setup lang="ts">
/** A dimension of a drawing: a line with its figure, under or to the left of what it measures. */
defineProps<{
  at: { x: number; y: number; length: number }
  upright?: boolean
  figure: string
  text: number
  lit?: boolean
}>()
</script>

<template>
  <g :fill="lit ? 'var(--heather)' : 'var(--quiet)'" :stroke="lit ? 'var(--heather)' : 'var(--quiet)'">
    <path
      :d="upright ? `M${at.x} ${at.y}V${at.y - at.length}` : `M${at.x} ${at.y}H${at.x + at.length}`"
      :stroke-width="lit ? 2.5 : 1"
      vector-effect="non-scaling-stroke"
      fill="none"
    />
    <text
      :transform="
        upright
          ? `translate(${at.x - text * 0.35} ${at.y - at.length / 2}) rotate(-90)`
          : `translate(${at.x + at.length / 2} ${at.y + text * 1.05})`
      "
      text-anchor="middle"
      :font-size="text * 0.85"
      class="num"
      stroke="none"
    >
      {{ figure }}
    </text>
  </g>
</template>

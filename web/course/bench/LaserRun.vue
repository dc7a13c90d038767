<script setup lang="ts">
/** Lines that a beam burns one after the other; where the system asks for calm they are simply there. */
defineProps<{
  /** As path data, in the order in which they are burnt. */
  lines: string[]
  /** Changes where the laser runs again. */
  run: number
}>()
/** How long the laser takes over a line, s. */
const PACE = 0.35
</script>

<template>
  <g :key="run" fill="none" class="stroke-rowan" stroke-width="1.6">
    <path
      v-for="(d, i) in lines"
      :key="i"
      :d="d"
      pathLength="1"
      vector-effect="non-scaling-stroke"
      class="burning"
      :style="{ animationDelay: `${i * PACE}s`, animationDuration: `${PACE}s` }"
    />
  </g>
</template>

<style scoped>
.burning {
  stroke-dasharray: 1;
  animation: burn linear both;
}
@keyframes burn {
  from {
    stroke-dashoffset: 1;
  }
  to {
    stroke-dashoffset: 0;
  }
}
@media (prefers-reduced-motion: reduce) {
  .burning {
    animation: none;
  }
}
</style>

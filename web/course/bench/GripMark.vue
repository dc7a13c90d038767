<script setup lang="ts">
/** What a handle is taken by, round a place of the drawing. */
withDefaults(defineProps<{ x: number; y: number; high?: number }>(), { high: 44 })
const WIDE = 28
</script>

<template>
  <rect
    :x="x - WIDE / 2"
    :y="y - high / 2"
    :width="WIDE"
    :height="high"
    rx="6"
    class="fill-heather-wash stroke-heather"
    stroke-width="2"
  />
</template>

<script setup lang="ts">
import type { Feature } from '@core/assembly'
import { ringData } from './svg-path'

/** Borders of the pockets in a panel's inside face, dashed: they are not cut through. */
defineProps<{ features: Feature[] }>()
</script>

<template>
  <path
    v-for="(feature, i) in features.filter(({ depth }) => depth !== null)"
    :key="i"
    :d="ringData(feature.shape)"
    fill="none"
    stroke="var(--ply-edge)"
    stroke-dasharray="3 2"
    vector-effect="non-scaling-stroke"
  />
</template>

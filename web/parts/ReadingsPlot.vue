<script setup lang="ts">
import { extent, scaleLinear } from 'd3'
import { computed, ref } from 'vue'
import type { Thickness } from '@core/stock'
import { useChartWidth } from './chart-width'
import { useSay } from './say'
import { readingsPlot as words } from './words'

const props = defineProps<{ thickness: Thickness; readings: number[]; nominal: number }>()
const say = useSay()
const chart = ref<SVGSVGElement>()
const width = useChartWidth(chart, 420)

const scale = computed(() => {
  const [low, high] = extent([...props.readings, props.nominal]) as [number, number]
  const pad = Math.max(0.05, (high - low) * 0.25)
  return scaleLinear()
    .domain([low - pad, high + pad])
    .range([10, width.value - 10])
})
const ticks = computed(() => scale.value.ticks(width.value / 60))
</script>

<template>
  <svg
    ref="chart"
    :viewBox="`0 0 ${width} 50`"
    class="w-full"
    role="img"
    :aria-label="
      words.readingsScaleNominal(
        say.plain(thickness.thinnest),
        say.length(thickness.thickest),
        say.length(nominal),
      )
    "
  >
    <line :x1="10" :x2="width - 10" y1="30" y2="30" stroke="var(--edge)" />
    <g v-for="tick in ticks" :key="tick">
      <line :x1="scale(tick)" :x2="scale(tick)" y1="27" y2="33" stroke="var(--edge)" />
      <text :x="scale(tick)" y="46" text-anchor="middle" font-size="12" class="num" fill="var(--quiet)">
        {{ say.plain(tick) }}
      </text>
    </g>
    <rect
      v-if="thickness.measured"
      :x="scale(thickness.thinnest)"
      :width="Math.max(1, scale(thickness.thickest) - scale(thickness.thinnest))"
      y="17"
      height="13"
      fill="var(--heather-wash)"
    />
    <line
      :x1="scale(nominal)"
      :x2="scale(nominal)"
      y1="12"
      y2="33"
      stroke="var(--quiet)"
      stroke-dasharray="3 2"
    />
    <text :x="scale(nominal)" y="10" text-anchor="middle" font-size="12" fill="var(--quiet)">
      {{ words.label }}
    </text>
    <line
      v-if="thickness.measured"
      :x1="scale(thickness.mean)"
      :x2="scale(thickness.mean)"
      y1="12"
      y2="33"
      stroke="var(--heather)"
      stroke-width="2"
    />
    <circle
      v-for="(reading, i) in readings"
      :key="i"
      :cx="scale(reading)"
      cy="23.5"
      r="3.4"
      fill="var(--heather)"
      fill-opacity="0.55"
      stroke="var(--ink)"
      stroke-width="0.7"
    />
  </svg>
</template>

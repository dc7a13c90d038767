<script setup lang="ts">
import { scaleLinear, scaleSqrt } from 'd3'
import { computed } from 'vue'
import type { Kept } from '@core/belief'
import { percent } from '@core/length'
import ChartAxes from '@web/parts/ChartAxes.vue'
import { promiseChart as words } from './words'

/** What was said against what came: on the line where promises are right. */
const props = defineProps<{ title: string; groups: Kept[] }>()
const SIZE = 240
const EDGE = 34
const at = scaleLinear()
  .domain([0, 1])
  .range([EDGE, SIZE - 12])
const up = scaleLinear()
  .domain([0, 1])
  .range([SIZE - EDGE, 12])
const TICKS = [0, 0.25, 0.5, 0.75, 1]
const radius = computed(() =>
  scaleSqrt()
    .domain([0, Math.max(...props.groups.map(({ count }) => count))])
    .range([4, 11]),
)
/** Half of what chance alone leaves between both, for so many. [DEF: deviation of a share] */
const chance = ({ count, said }: Kept): number => Math.min(0.5, 1.96 * Math.sqrt((said * (1 - said)) / count))
const saidOf = ({ count, said, came }: Kept): string =>
  words.saidCamePromise(percent(said), percent(came / count), count)
</script>

<template>
  <div class="grid items-center gap-3 sm:grid-cols-[15rem_1fr]">
    <svg
      :viewBox="`0 0 ${SIZE} ${SIZE}`"
      class="w-full max-w-60"
      role="img"
      :aria-label="`${title}: ${groups.map(saidOf).join('; ')}`"
    >
      <ChartAxes
        :at="at"
        :up="up"
        :ticks="TICKS"
        :text="(tick) => String(tick * 100)"
        :across="words.said"
        :upwards="words.came"
      />
      <line :x1="at(0)" :y1="up(0)" :x2="at(1)" :y2="up(1)" stroke="var(--edge)" stroke-dasharray="5 4" />
      <g v-for="group in groups" :key="group.said">
        <line
          :x1="at(group.said)"
          :x2="at(group.said)"
          :y1="up(Math.max(0, group.said - chance(group)))"
          :y2="up(Math.min(1, group.said + chance(group)))"
          stroke="var(--edge)"
          stroke-width="3"
          stroke-opacity="0.45"
        />
        <circle
          :cx="at(group.said)"
          :cy="up(group.came / group.count)"
          :r="radius(group.count)"
          fill="var(--heather)"
          fill-opacity="0.75"
          stroke="var(--ink)"
        />
      </g>
    </svg>
    <div class="grid gap-1 text-[13px]">
      <ul class="num">
        <li v-for="group in groups" :key="group.said">{{ saidOf(group) }}</li>
      </ul>
      <p class="note">{{ words.barHowFar }}</p>
    </div>
  </div>
</template>

<script setup lang="ts">
import { scaleLinear } from 'd3'
import { computed, ref } from 'vue'
import { useRouter } from 'vue-router'
import type { BookRow } from '@core/book'
import { fixed } from '@core/length'
import ChartAxes from '@web/parts/ChartAxes.vue'
import { useChartWidth } from '@web/parts/chart-width'
import { minutesChart as words } from './words'

/** What the machine's clock expected of each cut, and how long it took: on the line where both agree. */
const props = defineProps<{ rows: BookRow[] }>()
const router = useRouter()
const HIGH = 240
const EDGE = { left: 40, right: 12, top: 12, bottom: 36 }
const chart = ref<SVGSVGElement>()
const wide = useChartWidth(chart, 420)
const dots = computed(() =>
  props.rows.flatMap((row) => {
    const { expected, minutes } = row
    return expected === null || minutes === null ? [] : [{ row, expected, minutes }]
  }),
)
const most = computed(() =>
  Math.max(1, ...dots.value.flatMap(({ expected, minutes }) => [expected, minutes])),
)
const at = computed(() =>
  scaleLinear()
    .domain([0, most.value])
    .nice(5)
    .range([EDGE.left, wide.value - EDGE.right]),
)
const up = computed(() =>
  scaleLinear()
    .domain([0, most.value])
    .nice(5)
    .range([HIGH - EDGE.bottom, EDGE.top]),
)
const end = computed(() => at.value.domain()[1])
const saidOf = ({ row, expected, minutes }: (typeof dots.value)[number]): string =>
  words.revisionMinExpected(row.name, row.number, fixed(expected, 1), fixed(minutes, 1))
const open = ({ job, number }: BookRow): void => void router.push(`/job/${job}/log/cut?cut=${number}`)
</script>

<template>
  <article class="card grid content-start gap-1.5" :aria-label="words.minutesExpectedTaken">
    <h2 class="text-[15px]!">{{ words.minutesExpectedTaken }}</h2>
    <p v-if="dots.length === 0" class="note">{{ words.writeDownLog }}</p>
    <svg
      v-else
      ref="chart"
      :viewBox="`0 0 ${wide} ${HIGH}`"
      class="w-full"
      role="group"
      :aria-label="words.dotCut"
    >
      <ChartAxes
        :at="at"
        :up="up"
        :ticks="at.ticks(5)"
        :across="words.expectedMin"
        :upwards="words.takenMin"
      />
      <line :x1="at(0)" :y1="up(0)" :x2="at(end)" :y2="up(end)" stroke="var(--edge)" stroke-dasharray="5 4" />
      <circle
        v-for="dot in dots"
        :key="`${dot.row.job} ${dot.row.number}`"
        :cx="at(dot.expected)"
        :cy="up(dot.minutes)"
        r="6"
        fill="var(--heather)"
        fill-opacity="0.75"
        stroke="var(--ink)"
        class="cursor-pointer"
        role="link"
        tabindex="0"
        :aria-label="saidOf(dot)"
        @click="open(dot.row)"
        @keydown.enter="open(dot.row)"
      >
        <title>{{ saidOf(dot) }}</title>
      </circle>
    </svg>
    <p v-if="dots.length > 0" class="note">
      {{ words.cutAboveLine(dots.length) }}
    </p>
  </article>
</template>

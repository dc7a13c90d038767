<script setup lang="ts">
import { scaleLinear, scaleLog, symbol } from 'd3'
import { computed, ref } from 'vue'
import { cutEnergy, TEST_RESULTS, type Setting } from '@core/tune'
import { PER_SECOND, short } from '@core/length'
import { useChartWidth } from '@web/parts/chart-width'
import { useSay } from '@web/parts/say'
import { useOpenJob } from '@web/stores/job'
import { RESULT_SHAPES } from './result-shapes'
import ResultMark from './ResultMark.vue'
import { testChart as words } from './words'

const props = defineProps<{ chosen: Setting; watts: number; thickness: number }>()
const jobs = useOpenJob()
const say = useSay()
const HEIGHT = 215
const chart = ref<SVGSVGElement>()
const width = useChartWidth(chart, 640)

const points = computed(() =>
  jobs.job.tune.tests
    .filter(
      ({ machineId, stockId }) =>
        machineId === jobs.job.measure.machine?.id && stockId === jobs.job.measure.stock?.id,
    )
    .map((test) => ({ ...test, energy: cutEnergy(test.setting, props.watts, test.thickness) })),
)
const chosenEnergy = computed(() => cutEnergy(props.chosen, props.watts, props.thickness))
/** Speeds in the maker's own unit, so that the ticks are round in it. */
const inUnit = (speed: number): number => speed / PER_SECOND[say.value.speedUnit]
const x = computed(() => {
  const speeds = [...points.value.map(({ setting }) => setting.speed), props.chosen.speed].map(inUnit)
  return scaleLinear()
    .domain([0, Math.max(...speeds) * 1.2])
    .nice()
    .range([52, width.value - 16])
})
const y = computed(() => {
  const energies = [...points.value.map(({ energy }) => energy), chosenEnergy.value]
  return scaleLog()
    .domain([Math.min(...energies) * 0.7, Math.max(...energies) * 1.4])
    .range([HEIGHT - 34, 12])
})
const ticks = computed(() =>
  y.value.ticks(5).filter((tick, _, all) => all.length < 8 || /^[125]/.test(tick.toExponential())),
)
</script>

<template>
  <section class="card" :aria-label="words.testsChart">
    <svg
      ref="chart"
      :viewBox="`0 0 ${width} ${HEIGHT}`"
      class="w-full"
      role="img"
      :aria-label="words.speedAgainstEnergy(points.length, say.speed(chosen.speed), chosenEnergy.toFixed(2))"
    >
      <g v-for="tick in ticks" :key="`y${tick}`">
        <line x1="52" :x2="width - 16" :y1="y(tick)" :y2="y(tick)" stroke="var(--line)" />
        <text x="46" :y="y(tick) + 4" text-anchor="end" font-size="12" class="num" fill="var(--quiet)">
          {{ short(tick) }}
        </text>
      </g>
      <g v-for="tick in x.ticks(width / 70)" :key="`x${tick}`">
        <line :x1="x(tick)" :x2="x(tick)" :y1="HEIGHT - 34" :y2="HEIGHT - 30" stroke="var(--edge)" />
        <text
          :x="x(tick)"
          :y="HEIGHT - 18"
          text-anchor="middle"
          font-size="12"
          class="num"
          fill="var(--quiet)"
        >
          {{ short(tick) }}
        </text>
      </g>
      <text :x="width - 16" :y="HEIGHT - 4" text-anchor="end" font-size="12" fill="var(--quiet)">
        {{ words.speed(say.speedUnit) }}
      </text>
      <text x="52" y="10" font-size="12" fill="var(--quiet)">{{ words.jMm }}</text>
      <circle
        :cx="x(inUnit(chosen.speed))"
        :cy="y(chosenEnergy)"
        r="11"
        fill="none"
        stroke="var(--heather)"
        stroke-width="3"
      />
      <path
        v-for="test in points"
        :key="test.id"
        :transform="`translate(${x(inUnit(test.setting.speed))} ${y(test.energy)})`"
        :d="symbol(RESULT_SHAPES[test.result].shape, 90)() ?? ''"
        :fill="RESULT_SHAPES[test.result].colour"
        stroke="var(--ink)"
        stroke-width="0.7"
      />
    </svg>
    <p class="flex flex-wrap gap-4 text-[13px]">
      <ResultMark v-for="result in TEST_RESULTS" :key="result" :result="result" />
      <span>{{ words.chosen }}</span>
    </p>
  </section>
</template>

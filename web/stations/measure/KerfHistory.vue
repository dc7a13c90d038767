<script setup lang="ts">
import { extent, scaleLinear, scaleTime, timeFormat } from 'd3'
import { computed, ref } from 'vue'
import { eventsSince, kerfOf, type KerfRecord } from '@core/kerf'
import KerfRow from '@web/bench/KerfRow.vue'
import MachineEvents from '@web/bench/MachineEvents.vue'
import { useChartWidth } from '@web/parts/chart-width'
import { useSay } from '@web/parts/say'
import { dayOf } from '@web/data/dates'
import { useBench } from '@web/stores/bench'
import { useOpenJob } from '@web/stores/job'
import { kerfHistory as words } from './words'

const jobs = useOpenJob()
const say = useSay()
const bench = useBench()
const HEIGHT = 150
const drawing = ref<SVGSVGElement>()
const width = useChartWidth(drawing, 300)
const day = timeFormat('%-d %b')

const records = computed(() =>
  bench.kerfs
    .filter(
      ({ machineId, stockId }) =>
        machineId === jobs.job.measure.machine?.id && stockId === jobs.job.measure.stock?.id,
    )
    .sort((a, b) => a.on.localeCompare(b.on)),
)
const events = computed(() =>
  bench.events
    .filter(({ machineId }) => machineId === jobs.job.measure.machine?.id)
    .sort((a, b) => a.on.localeCompare(b.on)),
)
function interval(record: KerfRecord): [number, number] {
  const { width, doubt } = kerfOf(record)
  return [width - doubt, width + doubt]
}
const chart = computed(() => {
  const dates = [...records.value, ...events.value].map(({ on }) => new Date(on))
  const [first = new Date(), last = new Date()] = extent(dates) as [Date | undefined, Date | undefined]
  const pad = Math.max(864e5, (last.getTime() - first.getTime()) * 0.1)
  const x = scaleTime()
    .domain([new Date(first.getTime() - pad), new Date(last.getTime() + pad)])
    .range([42, width.value - 8])
  const ends = records.value.flatMap(interval)
  const [low = 0, high = 0.3] = extent(ends) as [number | undefined, number | undefined]
  const y = scaleLinear()
    .domain([low - 0.02, high + 0.02])
    .range([HEIGHT - 22, 10])
  const [from, to] = x.domain()
  // Never several a day: only days are written.
  const days = x.ticks(Math.min(width.value / 75, Math.floor((to.getTime() - from.getTime()) / 864e5)))
  return { x, y, days }
})
function use(id: string): void {
  const record = records.value.find((each) => each.id === id)
  if (record)
    jobs.edit((draft) => {
      draft.measure.kerf = record
      draft.measure.belief = bench.beliefFor(draft.measure)
    })
}
</script>

<template>
  <section class="card grid gap-2" aria-labelledby="history-title">
    <h2 id="history-title">{{ words.kerfOverTime }}</h2>
    <p v-if="records.length === 0" class="note">{{ words.nothingMeasuredYet }}</p>
    <svg
      v-else
      ref="drawing"
      :viewBox="`0 0 ${width} ${HEIGHT}`"
      class="w-full"
      role="img"
      :aria-label="
        words.kerfsFromTo(records.length, dayOf(records[0].on), dayOf(records[records.length - 1].on))
      "
    >
      <g v-for="tick in chart.y.ticks(4)" :key="tick">
        <line x1="42" :x2="width - 8" :y1="chart.y(tick)" :y2="chart.y(tick)" stroke="var(--line)" />
        <text
          x="38"
          :y="chart.y(tick) + 3.5"
          text-anchor="end"
          font-size="12"
          class="num"
          fill="var(--quiet)"
        >
          {{ say.plain(tick) }}
        </text>
      </g>
      <text
        v-for="tick in chart.days"
        :key="tick.getTime()"
        :x="chart.x(tick)"
        :y="HEIGHT - 6"
        text-anchor="middle"
        font-size="12"
        fill="var(--quiet)"
      >
        {{ day(tick) }}
      </text>
      <g v-for="event in events" :key="event.id">
        <line
          :x1="chart.x(new Date(event.on))"
          :x2="chart.x(new Date(event.on))"
          y1="10"
          :y2="HEIGHT - 22"
          stroke="var(--gorse)"
          stroke-dasharray="3 2"
        />
        <text
          :x="chart.x(new Date(event.on)) - 3"
          y="18"
          text-anchor="end"
          font-size="12"
          fill="var(--gorse)"
        >
          {{ event.what }}
        </text>
      </g>
      <g
        v-for="record in records"
        :key="record.id"
        :opacity="eventsSince(record, events).length > 0 ? 0.55 : 1"
      >
        <line
          :x1="chart.x(new Date(record.on))"
          :x2="chart.x(new Date(record.on))"
          :y1="chart.y(interval(record)[0])"
          :y2="chart.y(interval(record)[1])"
          stroke="var(--heather)"
          stroke-width="2"
        />
        <circle
          :cx="chart.x(new Date(record.on))"
          :cy="chart.y(record.width)"
          r="4"
          :fill="record.id === jobs.job.measure.kerf?.id ? 'var(--heather)' : 'var(--sheet)'"
          stroke="var(--heather)"
          stroke-width="2"
        />
      </g>
    </svg>
    <ul class="grid gap-1 text-[13px]" :aria-label="words.kerfRecords">
      <KerfRow v-for="record in [...records].reverse()" :key="record.id" :record="record">
        <span v-if="record.id === jobs.job.measure.kerf?.id" class="font-semibold">{{ words.inUse }}</span>
        <button v-else type="button" class="btn px-2 py-0.5" @click="use(record.id)">{{ words.use }}</button>
      </KerfRow>
    </ul>
    <MachineEvents v-if="jobs.job.measure.machine" :machine-id="jobs.job.measure.machine.id" />
  </section>
</template>

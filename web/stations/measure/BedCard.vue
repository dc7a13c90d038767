<script setup lang="ts">
import { computed } from 'vue'
import { believeBed, isLeaning, moreAt, type Place } from '@core/belief'
import { useSay } from '@web/parts/say'
import { useBench } from '@web/stores/bench'
import { useOpenJob } from '@web/stores/job'
import { bedCard as words } from './words'

/** How the kerf leans over the bed, from joints and parts of known places; paths follow it when asked. */
const jobs = useOpenJob()
const bench = useBench()
const say = useSay()
const machine = computed(() => jobs.job.measure.machine)
const seen = computed((): Place[] =>
  bench.checks
    .filter(({ machineId }) => machineId === machine.value?.id)
    .flatMap(({ at }) => at.filter((place) => place !== null)),
)
const belief = computed(() => machine.value && believeBed(bench.checks, machine.value.id, machine.value))
const followed = computed(() => jobs.job.measure.bed)
const isShown = computed(() => (belief.value?.count ?? 0) > 0 || followed.value !== null)

/** The map's fields, from back to front as one stands before the machine. */
const [COLUMNS, ROWS] = [5, 4]
const fields = computed(() => {
  if (!machine.value || !belief.value) return []
  const { bedWidth, bedHeight } = machine.value
  const { tilt } = belief.value
  return Array.from({ length: COLUMNS * ROWS }, (_, i) => {
    const [column, row] = [i % COLUMNS, Math.floor(i / COLUMNS)]
    const at = { x: ((column + 0.5) / COLUMNS) * bedWidth, y: (1 - (row + 0.5) / ROWS) * bedHeight }
    return { column, row, more: moreAt(tilt, at, { bedWidth, bedHeight }) }
  })
})
const most = computed(() => Math.max(0.004, ...fields.value.map(({ more }) => Math.abs(more))))
const [WIDTH, HEIGHT] = [250, 160]
const marks = computed(() =>
  machine.value
    ? seen.value.map(({ x, y }) => ({
        x: (x / machine.value!.bedWidth) * WIDTH,
        y: (1 - y / machine.value!.bedHeight) * HEIGHT,
      }))
    : [],
)
const signed = (mm: number): string => `${mm >= 0.0005 ? '+' : ''}${say.value.finePlain(mm)}`
const summary = computed(() => {
  if (!belief.value) return ''
  const { tilt, half } = belief.value
  return words.middleRightEdge(
    signed(tilt.x),
    say.value.finePlain(half.x),
    signed(tilt.y),
    say.value.fine(half.y),
  )
})
function follow(): void {
  const { tilt } = belief.value!
  const kept = (value: number): number => Number(Math.max(-0.2, Math.min(0.2, value)).toFixed(4))
  jobs.edit(({ measure }) => {
    measure.bed = { x: kept(tilt.x), y: kept(tilt.y) }
  })
}
const leave = (): boolean =>
  jobs.edit(({ measure }) => {
    measure.bed = null
  })
</script>

<template>
  <section v-if="isShown && belief" class="card grid gap-2" aria-labelledby="bed-title" data-field="bed-map">
    <h2 id="bed-title">{{ words.kerfOverBed }}</h2>
    <svg
      :viewBox="`0 0 ${WIDTH} ${HEIGHT}`"
      class="w-full max-w-80"
      role="img"
      :aria-label="words.kerfOverBedBack(summary)"
    >
      <g v-for="{ column, row, more } in fields" :key="`${column} ${row}`">
        <rect
          :x="(column * WIDTH) / COLUMNS"
          :y="(row * HEIGHT) / ROWS"
          :width="WIDTH / COLUMNS"
          :height="HEIGHT / ROWS"
          :fill="more >= 0 ? 'var(--heather)' : 'var(--moss)'"
          :fill-opacity="0.08 + (0.4 * Math.abs(more)) / most"
          stroke="var(--sheet)"
        />
        <text
          :x="((column + 0.5) * WIDTH) / COLUMNS"
          :y="(row * HEIGHT) / ROWS + 15"
          text-anchor="middle"
          font-size="12"
          class="num"
          fill="var(--ink)"
        >
          {{ signed(more) }}
        </text>
      </g>
      <circle
        v-for="(mark, i) in marks"
        :key="i"
        :cx="mark.x"
        :cy="mark.y"
        r="3"
        fill="none"
        stroke="var(--ink)"
      />
    </svg>
    <p class="num text-sm">{{ summary }}</p>
    <p class="note">
      {{ words.jointPartJoints(belief.count) }}
    </p>
    <template v-if="followed">
      <p class="text-sm">{{ words.pathsFollowWider }}</p>
      <button type="button" class="btn justify-self-start" @click="leave">
        {{ words.compensateAlikeEverywhere }}
      </button>
    </template>
    <button v-else-if="isLeaning(belief)" type="button" class="btn justify-self-start" @click="follow">
      {{ words.letPathsFollow }}
    </button>
    <p v-else class="note">
      {{ words.mayStillChance }}
    </p>
  </section>
</template>

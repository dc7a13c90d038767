<script setup lang="ts">
import { Pause, Play } from '@lucide/vue'
import { computed } from 'vue'
import { waitingAt, type CutPlan, type LoadPlan } from '@core/derive'
import type { Differences } from '@core/files'
import { bounds, type Bounds, type Point } from '@core/geometry'
import { formatDuration } from '@core/length'
import { ASSUMED_MACHINE, OUR_COLOURS } from '@core/machine'
import { reachOf } from '@core/plan'
import { lineData } from '@web/parts/svg-path'
import { useOpenJob } from '@web/stores/job'
import { usePlanner } from '@web/stores/planner'
import { loadOutline } from './load-outline'
import { usePlayback } from './playback'
import { cutPlayer as words } from './words'

const props = defineProps<{
  load: LoadPlan
  used: Pick<CutPlan, 'settings' | 'own'>
  /** What a file has that the plan has not, and the other way about. */
  differences?: Differences | null
}>()
const jobs = useOpenJob()
const planner = usePlanner()
const machine = computed(() => jobs.job.measure.machine)
const total = computed(() => props.load.time.total)
const colours = computed(() => machine.value?.colours ?? OUR_COLOURS)
const planned = computed(() =>
  props.load.paths.map(({ points, closed }) => lineData(points, closed)).join(''),
)
/** Of an offcut: the piece as it is, not the rectangle round it. */
const edge = computed(() => loadOutline(props.load))
/** Where something would be burnt that is not meant to be. */
const astray = computed((): Bounds[] => {
  const { sheet, face } = props.load
  const here = (planner.plan?.astray ?? []).filter((each) => each.sheet === sheet && face !== 'first')
  const groups = new Map<string, Bounds[]>()
  for (const { part, onto, box } of here) {
    const key = `${part} ${JSON.stringify(onto)}`
    groups.set(key, [...(groups.get(key) ?? []), box])
  }
  const corners = ({ minX, minY, maxX, maxY }: Bounds): Point[] => [
    { x: minX - 2, y: minY - 2 },
    { x: maxX + 2, y: maxY + 2 },
  ]
  return [...groups.values()].map((boxes) => bounds(boxes.flatMap(corners)))
})
const reach = computed(() => reachOf(props.load.width, machine.value))
const { time, playing, beam, done, doing, play } = usePlayback(
  () => props.load,
  () => ({ ...props.used, reach: reach.value }),
  () => machine.value ?? ASSUMED_MACHINE,
  () => waitingAt(props.load, machine.value?.origin),
)
</script>

<template>
  <div class="flex flex-col gap-2">
    <svg
      class="h-72 w-full lg:h-auto lg:min-h-0 lg:flex-1"
      :viewBox="`-4 ${-load.height - 4} ${load.width + 8} ${load.height + 8}`"
      role="img"
      :aria-label="words.sheetAtOf(load.sheet + 1, formatDuration(time), formatDuration(total), doing)"
    >
      <path :d="edge" fill="var(--paper)" stroke="var(--edge)" vector-effect="non-scaling-stroke" />
      <rect
        v-for="(box, i) in astray"
        :key="`astray ${i}`"
        data-astray
        :x="box.minX - load.x"
        :y="load.y - box.maxY"
        :width="box.maxX - box.minX"
        :height="box.maxY - box.minY"
        rx="2"
        fill="none"
        stroke="var(--rowan)"
        stroke-dasharray="6 3"
        stroke-width="3"
        vector-effect="non-scaling-stroke"
      />
      <path
        :d="planned"
        fill="none"
        stroke="var(--edge)"
        stroke-width="1.2"
        vector-effect="non-scaling-stroke"
      />
      <path
        v-for="each in done"
        :key="each.operation"
        :d="each.d"
        fill="none"
        :stroke="colours[each.operation]"
        :stroke-dasharray="each.operation === 'score' ? '2 1.5' : undefined"
        :stroke-width="each.operation === 'score' ? 1 : 2.2"
        vector-effect="non-scaling-stroke"
        :data-done="each.operation"
      />
      <g v-if="differences" fill="none" stroke="var(--rowan)" data-testid="differing">
        <path
          :d="differences.missing.map(({ points, closed }) => lineData(points, closed)).join('')"
          stroke-width="3"
          vector-effect="non-scaling-stroke"
        />
        <path
          :d="differences.extra.map(({ points, closed }) => lineData(points, closed)).join('')"
          stroke-width="3"
          stroke-dasharray="3 3"
          vector-effect="non-scaling-stroke"
        />
      </g>
      <circle
        v-if="beam"
        :cx="beam.x"
        :cy="-beam.y"
        :r="load.width / 90"
        fill="none"
        stroke="var(--rowan)"
        stroke-width="2.5"
        vector-effect="non-scaling-stroke"
      />
    </svg>
    <div class="flex items-center gap-3">
      <button type="button" class="btn-icon" :aria-label="playing ? words.pause : words.play" @click="play">
        <component :is="playing ? Pause : Play" :size="18" />
      </button>
      <input
        v-model.number="time"
        type="range"
        min="0"
        :max="total"
        step="any"
        class="min-w-0 flex-1 accent-heather"
        data-field="scrubber"
        :aria-label="words.timeIntoCut"
        :aria-valuetext="`${formatDuration(time)}: ${doing}`"
      />
      <span class="num shrink-0 text-right text-[13px]">
        {{ words.timeOf(formatDuration(time), formatDuration(total)) }}
      </span>
    </div>
    <p class="note" data-testid="doing">{{ doing }}</p>
  </div>
</template>

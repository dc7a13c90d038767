<script setup lang="ts">
import { Pause, Play } from '@lucide/vue'
import { computed, onBeforeUnmount, ref } from 'vue'
import { ASSUMED_MACHINE, OPERATION_NAMES, OPERATIONS, OUR_COLOURS, type Operation } from '@core/machine'
import type { CutPlan, SheetPlan } from '@core/job'
import { formatDuration } from '@core/length'
import { beamMoves, type Move } from '@core/plan'
import { lineData } from '@web/parts/svg-path'
import { useJob } from '@web/stores/job'

const props = defineProps<{ plan: SheetPlan; settings: CutPlan['settings'] }>()
const jobs = useJob()
const time = ref(0)
const total = computed(() => props.plan.time.total)
const sheet = computed(() => jobs.job!.layout.settings)
const moves = computed(() =>
  beamMoves(props.plan.paths, props.settings, jobs.job!.measure.machine ?? ASSUMED_MACHINE),
)
const colours = computed(() => jobs.job!.measure.machine?.colours ?? OUR_COLOURS)
const planned = computed(() =>
  props.plan.paths.map(({ points, closed }) => lineData(points, closed)).join(''),
)

/** How many moves are begun at the time shown. */
const begun = computed(() => {
  let [low, high] = [0, moves.value.length]
  while (low < high) {
    const middle = (low + high) >> 1
    if (moves.value[middle].start <= time.value) low = middle + 1
    else high = middle
  }
  return low
})
const reached = ({ from, to, start, end }: Move): { x: number; y: number } => {
  const share = end > start ? Math.min(1, (time.value - start) / (end - start)) : 1
  return { x: from.x + (to.x - from.x) * share, y: from.y + (to.y - from.y) * share }
}
const beam = computed(() => {
  const move = moves.value[begun.value - 1]
  return move ? { ...reached(move), move } : null
})
/** What is cut so far, per operation. */
const done = computed(() => {
  const lines: Record<Operation, string[]> = { score: [], inside: [], outline: [] }
  for (const move of moves.value.slice(0, begun.value)) {
    if (move.operation !== 'travel')
      lines[move.operation].push(
        lineData([move.from, move.end <= time.value ? move.to : reached(move)], false),
      )
  }
  return OPERATIONS.map((operation) => ({ operation, d: lines[operation].join('') }))
})
const doing = computed(() => {
  if (!beam.value || time.value === 0) return 'not begun'
  if (time.value >= total.value * 0.999) return 'done'
  const { operation, part, pass } = beam.value.move
  return operation === 'travel'
    ? 'travelling'
    : `${OPERATION_NAMES[operation]}, ${part}${pass > 1 ? `, pass ${pass}` : ''}`
})

/** The whole sheet plays in about twelve seconds. */
let frame = 0
const playing = ref(false)
function play(): void {
  playing.value = !playing.value
  cancelAnimationFrame(frame)
  if (!playing.value) return
  if (time.value >= total.value) time.value = 0
  let last = performance.now()
  const tick = (now: number): void => {
    time.value = Math.min(total.value, time.value + ((now - last) / 12000) * total.value)
    last = now
    if (time.value < total.value && playing.value) frame = requestAnimationFrame(tick)
    else playing.value = false
  }
  frame = requestAnimationFrame(tick)
}
onBeforeUnmount(() => cancelAnimationFrame(frame))
</script>

<template>
  <div class="flex flex-col gap-2">
    <svg
      class="min-h-0 w-full flex-1"
      :viewBox="`-4 ${-sheet.sheetHeight - 4} ${sheet.sheetWidth + 8} ${sheet.sheetHeight + 8}`"
      role="img"
      :aria-label="`Sheet ${plan.sheet + 1} at ${formatDuration(time)} of ${formatDuration(total)}: ${doing}`"
    >
      <rect
        :y="-sheet.sheetHeight"
        :width="sheet.sheetWidth"
        :height="sheet.sheetHeight"
        fill="var(--paper)"
        stroke="var(--edge)"
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
      <circle
        v-if="beam"
        :cx="beam.x"
        :cy="-beam.y"
        :r="sheet.sheetWidth / 90"
        fill="none"
        stroke="var(--rowan)"
        stroke-width="2.5"
        vector-effect="non-scaling-stroke"
      />
    </svg>
    <div class="flex items-center gap-3">
      <button type="button" class="btn-icon" :aria-label="playing ? 'Pause' : 'Play'" @click="play">
        <component :is="playing ? Pause : Play" :size="18" />
      </button>
      <input
        v-model.number="time"
        type="range"
        min="0"
        :max="total"
        :step="total / 1000"
        class="min-w-0 flex-1 accent-heather"
        aria-label="Time into the cut"
        :aria-valuetext="`${formatDuration(time)}: ${doing}`"
      />
      <span class="num shrink-0 text-right text-[13px]">
        {{ formatDuration(time) }} of {{ formatDuration(total) }}
      </span>
    </div>
    <p class="note" data-testid="doing">{{ doing }}</p>
  </div>
</template>

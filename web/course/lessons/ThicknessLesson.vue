<script setup lang="ts">
import { computed, ref } from 'vue'
import { THICKNESS_LESSON } from '@core/course'
import { useChartWidth } from '@web/parts/chart-width'
import { useSay } from '@web/parts/say'
import FlagLine from '../bench/FlagLine.vue'
import { arrowOf } from '../follow'
import LessonFrame from '../LessonFrame.vue'
import { useLesson } from '../use-lesson'
import { common } from '@web/words'
import { thicknessLesson as words } from './words'

/** A sheet that is read in several places, and what tabs and slots are cut for. */
const lesson = useLesson(THICKNESS_LESSON)
const { state, act } = lesson
const say = useSay()
const svg = ref<SVGSVGElement>()
const width = useChartWidth(svg, 416)
const size = state.value.world.sheet
const scale = computed(() => width.value / size.width)
const x = (mm: number): number => mm * scale.value
const y = (mm: number): number => (size.height - mm) * scale.value

function tap({ clientX, clientY }: MouseEvent): void {
  const { left, top, width: shown } = svg.value!.getBoundingClientRect()
  const units = width.value / shown
  const at = { x: (clientX - left) * units, y: (clientY - top) * units }
  const to = { x: at.x / scale.value, y: size.height - at.y / scale.value }
  act({ do: 'move', to })
  act({ do: 'read' })
}
function onKey(event: KeyboardEvent): void {
  const arrow = arrowOf(event)
  const step = event.shiftKey ? 50 : 10
  const { at } = state.value
  if (arrow) act({ do: 'move', to: { x: at.x + arrow.x * step, y: at.y + arrow.y * step } })
  else if (event.key === 'Enter' || event.key === ' ') act({ do: 'read' })
  else return
  event.preventDefault()
}
/** Readings of the sheet itself: those with the film on go with it. */
const bare = computed(() => (state.value.film ? [] : state.value.readings.map(({ value }) => value)))
const place = computed(() => say.value.size([state.value.at.x, state.value.at.y], 0))
const middle = computed(() => (bare.value.length > 0 ? bare.value[0] : size.thickness(0, 0)))
const step = computed(() => (say.value.lengthUnit === 'in' ? 0.0127 : 0.01))
const from = computed(() => Math.floor((middle.value - 0.12) * 20) / 20)
const flags = computed(() => [
  { id: 'tabs' as const, label: words.tabs, at: state.value.flags.tabs },
  { id: 'slots' as const, label: common.slots, at: state.value.flags.slots },
])
</script>

<template>
  <LessonFrame :lesson="lesson">
    <div class="grid items-center gap-3 lg:grid-cols-[26rem_1fr]">
      <svg
        ref="svg"
        :viewBox="`0 0 ${width} ${size.height * scale}`"
        class="w-full max-w-md cursor-crosshair select-none"
        role="button"
        tabindex="0"
        :aria-label="words.sheetCalipersArrow(place)"
        @click="tap"
        @keydown="onKey"
      >
        <defs>
          <pattern id="film" width="8" height="8" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
            <line x1="0" y1="0" x2="0" y2="8" class="stroke-edge" stroke-width="2" />
          </pattern>
        </defs>
        <rect :width="size.width * scale" :height="size.height * scale" class="fill-ply stroke-ply-edge" />
        <rect v-if="state.film" :width="size.width * scale" :height="size.height * scale" fill="url(#film)" />
        <g v-for="(spot, i) in state.readings" :key="i">
          <circle :cx="x(spot.x)" :cy="y(spot.y)" r="4" class="fill-ink" />
          <text
            :x="Math.min(x(spot.x) + 7, width - 40)"
            :y="Math.max(14, y(spot.y) - 6)"
            class="fill-ink font-mono text-[13px]"
          >
            {{ say.reading(spot.value) }}
          </text>
        </g>
        <path
          :d="`M${x(state.at.x) - 12} ${y(state.at.y)}h24M${x(state.at.x)} ${y(state.at.y) - 12}v24`"
          class="stroke-heather"
          stroke-width="2.5"
        />
      </svg>
      <FlagLine
        v-if="bare.length > 0"
        :values="bare"
        :from="from"
        :to="from + 0.3"
        :step="step"
        :flags="flags"
        @set="(id, at) => act({ do: 'flag', for: id, at })"
      />
    </div>
    <div class="flex flex-wrap items-center gap-2">
      <button type="button" class="btn" :disabled="!state.film" @click="act({ do: 'peel' })">
        {{ words.peelFilmOff }}
      </button>
      <p class="note flex-1 basis-60">
        {{ words.tapSheetCalipers(say.length(state.world.label)) }}
      </p>
    </div>
  </LessonFrame>
</template>

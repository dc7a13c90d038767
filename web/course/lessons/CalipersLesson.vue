<script setup lang="ts">
import { computed, ref } from 'vue'
import {
  CALIPERS_LESSON,
  dialShows,
  dialStep,
  hasStrip,
  isDial,
  lineAt,
  offMark,
  stepOf,
  WIDEST,
} from '@core/course'
import { useChartWidth } from '@web/parts/chart-width'
import { useSay } from '@web/parts/say'
import DialFace from '../bench/DialFace.vue'
import DragHandle from '../bench/DragHandle.vue'
import ScaleMarks from '../bench/ScaleMarks.vue'
import PressMark from '../bench/PressMark.vue'
import LessonFrame from '../LessonFrame.vue'
import { useLesson } from '../use-lesson'
import { calipersLesson as words } from './words'

/** Calipers whose jaws are moved and read: by a vernier, then by a dial. */
const lesson = useLesson(CALIPERS_LESSON)
const { state, act } = lesson
const say = useSay()
const svg = ref<SVGSVGElement>()
const width = useChartWidth(svg, 800)

const LEFT = 44
const LINE = 74
/** As much of the scale as is drawn, and as is seen through the glass, mm. */
const shown = computed(() => WIDEST + state.value.scale.division * state.value.scale.lines + 1)
const perMm = computed(() => (width.value - LEFT - 12) / shown.value)
const x = (mm: number): number => LEFT + mm * perMm.value

const GLASS = { top: 236, high: 96 }
const seen = computed(() => (width.value < 500 ? 3.6 : 6))
const glassPerMm = computed(() => width.value / seen.value)
/** How far along the vernier the glass is; and where that is on the main scale, mm. */
const along = ref(0)
const glass = computed(() => state.value.jaws + along.value)
const vernierLong = computed(() => lineAt(state.value.scale, 0, state.value.scale.lines))
const inGlass = (mm: number): number => width.value / 2 + (mm - glass.value) * glassPerMm.value
const isVernier = computed(() => !isDial(state.value))

const step = computed(() => (isVernier.value ? stepOf(state.value.scale) : dialStep(state.value.scale)))
const open = (to: number): void => act({ do: 'open', to })
const turns = computed(() => state.value.jaws / state.value.scale.turn)
const jawsSay = computed(() => {
  const { scale, jaws } = state.value
  const marks = Math.floor(jaws / scale.division + 1e-6)
  if (!isVernier.value) {
    const shows = dialShows(state.value) / scale.turn
    const pointer = Math.round((shows - Math.floor(shows)) * 100)
    return words.barTurnsPointer(Math.floor(turns.value + 1e-6), pointer)
  }
  return words.verniersZeroStands(marks)
})
/** Lines of the vernier that are seen through the glass, each to be pointed at. */
const pointable = computed(() => {
  const { scale, jaws } = state.value
  if (!isVernier.value) return []
  return Array.from({ length: scale.lines }, (_, line) => ({ line, at: inGlass(lineAt(scale, jaws, line)) }))
    .filter(({ at }) => at > 10 && at < width.value - 10)
    .map(({ line, at }) => ({ line, at, off: offMark(scale, jaws, line) }))
})
const lineWide = computed(
  () =>
    ((state.value.scale.division * (state.value.scale.lines - 1)) / state.value.scale.lines) *
    glassPerMm.value,
)
const high = computed(() => (isVernier.value ? GLASS.top + GLASS.high + 4 : GLASS.top + 190))
/** The jaw that moves, and the scale beside it. */
const slider = computed(() => {
  const { jaws } = state.value
  const end = x(jaws + shown.value - WIDEST)
  return `M${x(jaws)} ${LINE}V216L${x(jaws) + 30} 190V124H${end}V${LINE}Z`
})
</script>

<template>
  <LessonFrame :lesson="lesson">
    <svg
      ref="svg"
      :viewBox="`0 0 ${width} ${high}`"
      class="w-full select-none"
      :aria-label="isVernier ? words.calipersVernier : words.calipersDial"
      role="group"
    >
      <rect
        v-if="hasStrip(state)"
        :x="x(0)"
        y="146"
        :width="state.strip * perMm"
        height="62"
        class="fill-ply stroke-ply-edge"
      />
      <path :d="`M${x(0)} 22V216L${x(0) - 34} 190V22Z`" class="fill-sunk stroke-edge" />
      <rect :x="x(0)" y="22" :width="width - x(0) - 4" :height="LINE - 22" class="fill-sunk stroke-edge" />
      <DragHandle
        :label="words.jaws"
        :value="state.jaws"
        :min="0"
        :max="WIDEST"
        :step="step"
        :scale="perMm"
        :says="jawsSay"
        @move="open"
      >
        <path :d="slider" class="fill-sheet stroke-edge" />
      </DragHandle>
      <ScaleMarks
        :scale="state.scale"
        :jaws="state.jaws"
        :from="0"
        :to="shown"
        :x="x"
        :y="LINE"
        :high="22"
        :vernier="isVernier"
      />
      <DragHandle
        :label="words.thumbWheel"
        :value="state.jaws"
        :min="0"
        :max="WIDEST"
        :step="step"
        :scale="glassPerMm"
        :says="jawsSay"
        @move="open"
      >
        <rect
          :x="x(state.jaws) + 40"
          y="124"
          width="56"
          height="26"
          rx="6"
          class="fill-heather-wash stroke-heather"
        />
        <path
          v-for="i in 6"
          :key="i"
          :d="`M${x(state.jaws) + 40 + i * 8} 128v18`"
          class="stroke-heather"
          aria-hidden="true"
        />
      </DragHandle>
      <template v-if="isVernier">
        <DragHandle
          :label="words.magnifyingGlass"
          :value="along"
          :min="0"
          :max="vernierLong"
          :step="state.scale.division"
          :scale="perMm"
          :says="words.over(say.length(glass))"
          @move="along = $event"
        >
          <rect
            :x="x(glass) - (seen * perMm) / 2"
            :y="LINE - 34"
            :width="seen * perMm"
            height="66"
            rx="6"
            class="fill-heather/10 stroke-heather"
            stroke-width="2"
          />
        </DragHandle>
        <svg :y="GLASS.top" :width="width" :height="GLASS.high" :viewBox="`0 0 ${width} ${GLASS.high}`">
          <rect width="100%" height="100%" rx="6" class="fill-sheet stroke-heather" stroke-width="2" />
          <line x1="0" :x2="width" y1="46" y2="46" class="stroke-edge" />
          <PressMark
            v-for="{ line, at, off } in pointable"
            :key="line"
            class="cursor-pointer"
            :aria-label="words.lineOffMark(line, say.length(off))"
            @press="act({ do: 'point', line })"
          >
            <rect
              :x="at - Math.min(lineWide, 44) / 2"
              y="46"
              :width="Math.min(lineWide, 44)"
              height="48"
              class="fill-transparent hover:fill-heather-wash"
            />
          </PressMark>
          <ScaleMarks
            :scale="state.scale"
            :jaws="state.jaws"
            :from="glass - seen / 2"
            :to="glass + seen / 2"
            :x="inGlass"
            :y="46"
            :high="26"
            vernier
            numbered
            class="pointer-events-none"
          />
        </svg>
      </template>
      <DialFace
        v-else
        :pointer="turns"
        :ring="state.ring / state.scale.turn"
        :radius="90"
        :cx="Math.min(width / 2, 260)"
        :cy="GLASS.top + 92"
        @turn="act({ do: 'turn', ring: $event * state.scale.turn })"
      />
    </svg>
    <div class="flex flex-wrap items-center gap-2">
      <button type="button" class="btn" @click="act({ do: 'tighten' })">{{ words.tightenScrew }}</button>
      <p class="note flex-1 basis-60">
        {{ isVernier ? words.dragJawsThumb : words.dragJawsThumbWheel }}
      </p>
    </div>
  </LessonFrame>
</template>

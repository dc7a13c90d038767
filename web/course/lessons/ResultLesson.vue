<script setup lang="ts">
import { computed, ref } from 'vue'
import { measuresOf, RESULT_LESSON, SET_LIMITS, TAB_WIDTH, type Place } from '@core/course'
import { useChartWidth } from '@web/parts/chart-width'
import { useSay } from '@web/parts/say'
import DragHandle from '../bench/DragHandle.vue'
import GripMark from '../bench/GripMark.vue'
import PressMark from '../bench/PressMark.vue'
import LessonFrame from '../LessonFrame.vue'
import { useLesson } from '../use-lesson'
import { common } from '@web/words'
import { resultLesson as words } from './words'

/** A box that did not come out as it was meant: look, change one figure, and cut it again. */
const lesson = useLesson(RESULT_LESSON)
const { state, act } = lesson
const say = useSay()
const svg = ref<SVGSVGElement>()
const width = useChartWidth(svg, 800)
const isNarrow = computed(() => width.value < 620)
const measures = computed(() => measuresOf(state.value))
const cell = computed(() => (isNarrow.value ? width.value - 4 : (width.value - 24) / 3))
const place = (i: number): { x: number; y: number } =>
  isNarrow.value ? { x: 2, y: 2 + i * 136 } : { x: 2 + i * (cell.value + 10), y: 2 }
const high = computed(() => (isNarrow.value ? 3 * 136 : 134))
const LOOK_AT: { at: Place; label: string }[] = [
  { at: 'tab', label: words.tabNotch },
  { at: 'slot', label: words.sheetSlot },
  { at: 'edge', label: words.backEdge },
]
const isLooked = (place: Place): boolean => state.value.inspected.includes(place)
/** A difference as it is drawn: thirty times as large. */
const gape = (mm: number): number => Math.max(-9, Math.min(9, mm * 30))
const dials = computed(() => [
  {
    name: 'compensation' as const,
    label: words.compensationPerSide,
    text: say.value.fine(state.value.setup.compensation),
  },
  { name: 'slots' as const, label: words.widthSlots, text: say.value.length(state.value.setup.slots) },
  { name: 'speed' as const, label: common.speed, text: say.value.speed(state.value.setup.speed) },
])
const LINE = { left: 17, high: 54 }
const long = computed(() => width.value - 2 * LINE.left)
const scaleOf = (name: keyof typeof SET_LIMITS): number =>
  long.value / (SET_LIMITS[name].most - SET_LIMITS[name].least)
const at = (name: keyof typeof SET_LIMITS): number =>
  LINE.left + (state.value.setup[name] - SET_LIMITS[name].least) * scaleOf(name)
</script>

<template>
  <LessonFrame :lesson="lesson">
    <svg
      ref="svg"
      :viewBox="`0 0 ${width} ${high + 3 * LINE.high + 12}`"
      class="w-full select-none"
      role="group"
      :aria-label="words.boxCut"
    >
      <PressMark
        v-for="({ at: look, label }, i) in LOOK_AT"
        :key="look"
        class="cursor-pointer"
        :transform="`translate(${place(i).x} ${place(i).y})`"
        @press="act({ do: 'look', at: look })"
      >
        <rect
          :width="cell"
          height="128"
          rx="6"
          class="fill-sheet"
          :class="state.last === look ? 'stroke-heather' : 'stroke-edge'"
          stroke-width="2"
        />
        <text x="10" y="20" class="fill-ink text-[13px] font-semibold">{{ label }}</text>
        <text v-if="!isLooked(look)" x="10" y="72" class="fill-quiet text-[13px]">{{ words.tapLook }}</text>
        <g v-else-if="look === 'tab'">
          <path
            :d="`M10 118V58H${cell / 2 - 32}V100H${cell / 2 + 32}V58H${cell - 10}V118Z`"
            class="fill-ply stroke-ply-edge"
          />
          <rect
            :x="cell / 2 - 32 + gape(measures.gap)"
            y="34"
            :width="64 - 2 * gape(measures.gap)"
            height="66"
            class="fill-gorse-wash stroke-ply-edge"
            fill-opacity="0.9"
          />
          <text :x="cell / 2" y="74" text-anchor="middle" class="fill-ink font-mono text-[13px]">
            {{ say.plain(measures.tab) }}
          </text>
        </g>
        <g v-else-if="look === 'slot'">
          <path
            :d="`M10 40h${cell / 2 - 34}v78H10ZM${cell / 2 + 24} 40H${cell - 10}v78H${cell / 2 + 24}Z`"
            class="fill-ply stroke-ply-edge"
          />
          <rect
            :x="cell / 2 - 24"
            :y="measures.play < 0 ? 28 : 46"
            :width="48 - gape(measures.play)"
            height="72"
            class="fill-gorse-wash stroke-ply-edge"
            fill-opacity="0.9"
          />
        </g>
        <g v-else>
          <rect x="10" y="40" :width="cell - 20" height="50" class="fill-ply stroke-ply-edge" />
          <path
            v-if="measures.edge === 'splintered' || measures.edge === 'fibres'"
            :d="`M${cell * 0.3} 90l5 14l5 -10l4 12l6 -16M${cell * 0.7} 90l4 12l6 -8l4 -4`"
            class="fill-ply stroke-rowan"
            stroke-width="2"
          />
          <rect
            v-if="measures.edge === 'brown'"
            x="10"
            y="78"
            :width="cell - 20"
            height="12"
            class="fill-ink"
            opacity="0.65"
          />
        </g>
      </PressMark>
      <g
        v-for="({ name, label, text }, i) in dials"
        :key="name"
        :transform="`translate(0 ${high + 16 + i * LINE.high})`"
      >
        <text :x="LINE.left" y="12" class="fill-ink text-[13px]">{{ label }}: {{ text }}</text>
        <line :x1="LINE.left" :x2="width - LINE.left" y1="30" y2="30" class="stroke-edge" stroke-width="3" />
        <DragHandle
          :label="label"
          :value="state.setup[name]"
          :min="SET_LIMITS[name].least"
          :max="SET_LIMITS[name].most"
          :step="SET_LIMITS[name].step"
          :scale="scaleOf(name)"
          :says="text"
          @move="act({ do: 'set', name, to: $event })"
        >
          <GripMark :x="at(name)" :y="30" :high="26" />
        </DragHandle>
      </g>
    </svg>
    <div class="flex flex-wrap items-center gap-2">
      <button type="button" class="btn" @click="act({ do: 'cut' })">{{ words.cutBoxAgain }}</button>
      <p class="note flex-1 basis-60">
        {{
          words.sheetReadsBeam(
            say.length(state.world.thickness),
            say.fine(state.world.machine.kerf.x),
            say.length(TAB_WIDTH),
          )
        }}
      </p>
    </div>
  </LessonFrame>
</template>

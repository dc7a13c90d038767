<script setup lang="ts">
import { computed, ref } from 'vue'
import { nextPiece, COMPENSATION_LESSON } from '@core/course'
import { useChartWidth } from '@web/parts/chart-width'
import { useSay } from '@web/parts/say'
import ToggleSwitch from '@web/parts/ToggleSwitch.vue'
import DragHandle from '../bench/DragHandle.vue'
import GripMark from '../bench/GripMark.vue'
import LessonFrame from '../LessonFrame.vue'
import { useLesson } from '../use-lesson'
import { compensationLesson as words } from './words'

/** A tab and a notch whose path is moved until they come out as drawn. */
const lesson = useLesson(COMPENSATION_LESSON)
const { state, act } = lesson
const say = useSay()
const svg = ref<SVGSVGElement>()
const width = useChartWidth(svg, 800)
const HIGH = 200
/** Enlarged by so much, px for a mm: two edges, with the piece between them left out. */
const large = computed(() => Math.min(220, width.value / 4.2))
const isTab = computed(() => state.value.piece === 'tab')
const out = computed(() => (isTab.value ? 1 : -1))
/** Where the drawn edge is on the screen, left and right. */
const edges = computed(() => [
  { x: width.value * 0.28, way: -1 },
  { x: width.value * 0.72, way: 1 },
])
const pathAt = ({ x, way }: { x: number; way: number }, by: number): number =>
  x + way * out.value * by * large.value
const software = computed(() => (state.value.software ? state.value.kerf / 2 : 0))
const next = computed(() => nextPiece(state.value))
/** The edge of what is left, after the beam went along its path. */
const cutAt = (edge: { x: number; way: number }): number =>
  pathAt(edge, state.value.path + software.value - state.value.kerf / 2)
/** From edge to edge of what is left, as calipers touch it. */
const caliperLine = computed(() => {
  const [left, right] = edges.value.map(cutAt)
  return `M${left} ${HIGH + 12}v16M${right} ${HIGH + 12}v16M${left} ${HIGH + 20}H${right}`
})
</script>

<template>
  <LessonFrame :lesson="lesson">
    <svg
      ref="svg"
      :viewBox="`0 0 ${width} ${HIGH + 56}`"
      class="w-full select-none"
      role="group"
      :aria-label="words.twoEdgesEnlarged(state.piece)"
    >
      <rect x="0" y="0" :width="width" :height="HIGH" :class="isTab ? 'fill-sunk' : 'fill-ply'" />
      <rect
        :x="edges[0].x"
        y="0"
        :width="edges[1].x - edges[0].x"
        :height="HIGH"
        :class="isTab ? 'fill-ply' : 'fill-sunk'"
      />
      <text :x="width / 2" y="24" text-anchor="middle" class="fill-ink text-[14px]">
        {{ words.tabNotchDrawn(isTab, say.length(state.drawn)) }}
      </text>
      <template v-if="state.measured !== null">
        <rect
          v-for="edge in edges"
          :key="edge.way"
          :x="pathAt(edge, state.path + software) - (state.kerf * large) / 2"
          y="0"
          :width="state.kerf * large"
          :height="HIGH"
          class="fill-[#1b1916]/80"
        />
        <path :d="caliperLine" class="stroke-ink" />
        <text :x="width / 2" :y="HIGH + 42" text-anchor="middle" class="fill-ink font-mono text-[15px]">
          {{ words.measures(say.length(state.measured)) }}
        </text>
      </template>
      <line
        v-for="edge in edges"
        :key="`drawn ${edge.way}`"
        :x1="edge.x"
        :x2="edge.x"
        y1="0"
        :y2="HIGH"
        class="stroke-ply-edge"
        stroke-width="2"
      />
      <line
        :x1="pathAt(edges[0], state.path)"
        :x2="pathAt(edges[0], state.path)"
        y1="0"
        :y2="HIGH"
        class="stroke-heather"
        stroke-width="2"
        stroke-dasharray="8 4"
      />
      <DragHandle
        :label="words.pathBeamOut"
        :value="state.path"
        :min="0"
        :max="0.5"
        :step="say.lengthUnit === 'in' ? 0.0127 : 0.005"
        :scale="large * out"
        :says="say.fine(state.path)"
        @move="act({ do: 'path', to: $event })"
      >
        <line
          :x1="pathAt(edges[1], state.path)"
          :x2="pathAt(edges[1], state.path)"
          y1="0"
          :y2="HIGH"
          class="stroke-heather"
          stroke-width="2"
          stroke-dasharray="8 4"
        />
        <GripMark :x="pathAt(edges[1], state.path)" :y="HIGH / 2" />
      </DragHandle>
      <text
        :x="pathAt(edges[1], state.path)"
        :y="HIGH - 12"
        text-anchor="middle"
        class="fill-heather stroke-sheet font-mono text-[13px] font-semibold"
        stroke-width="4"
        paint-order="stroke"
      >
        {{ say.fine(state.path) }}
      </text>
    </svg>
    <div class="flex flex-wrap items-center gap-3">
      <button v-if="next" type="button" class="btn btn-main" @click="act({ do: 'next' })">
        {{ next === 'notch' ? words.takeNotch : words.sendTabOther }}
      </button>
      <button v-else type="button" class="btn" @click="act({ do: 'cut' })">
        {{ words.cutThe(state.piece) }}
      </button>
      <ToggleSwitch
        v-if="lesson.goals.value[1].done && !next"
        :model-value="state.software"
        :label="words.lasersSoftwareMoves"
        @update:model-value="act({ do: 'software', on: $event })"
      />
      <p class="note flex-1 basis-60">
        {{ words.beamTakesDrag(say.fine(state.kerf)) }}
      </p>
    </div>
  </LessonFrame>
</template>

<script setup lang="ts">
import { computed, ref } from 'vue'
import { BEND_LESSON, linkWidth, QUARTER, radiusOf } from '@core/course'
import { useChartWidth } from '@web/parts/chart-width'
import { useSay } from '@web/parts/say'
import DragHandle from '../bench/DragHandle.vue'
import GripMark from '../bench/GripMark.vue'
import LessonFrame from '../LessonFrame.vue'
import { useLesson } from '../use-lesson'
import { bendLesson as words } from './words'

/** A strip with slits that is turned to the grain, and bent until it holds or snaps. */
const lesson = useLesson(BEND_LESSON)
const { state, act } = lesson
const say = useSay()
const svg = ref<SVGSVGElement>()
const width = useChartWidth(svg, 800)
const LONG = 120
const perMm = computed(() => (width.value - 40) / LONG)
/** The slit zone lies in the middle of the strip. */
const from = computed(() => 20 + ((LONG - state.value.flat) / 2) * perMm.value)
const zone = computed(() => state.value.flat * perMm.value)
const slits = computed(() => {
  const rows = state.value.rows
  return Array.from({ length: rows + 1 }, (_, i) => ({
    x: from.value + (zone.value * i) / rows,
    d: i % 2 === 0 ? 'v30m0 10v30m0 10v30' : 'm0 -4v14m0 10v30m0 10v30m0 10v14',
  }))
})
/** The grain of the face, as lines over the strip. */
const grain = computed(() =>
  state.value.along
    ? Array.from({ length: 24 }, (_, i) => `M${20 + ((i + 0.5) * (width.value - 40)) / 24} 14v118`)
    : Array.from({ length: 7 }, (_, i) => `M20 ${22 + i * 17}H${width.value - 20}`),
)

/** The strip from its side: straight, round its bend, and straight on. px */
const SIDE = { y: 330, x: 70, straight: 90, scale: 3 }
const bent = computed(() => {
  const angle = (state.value.angle * Math.PI) / 180
  const length = state.value.flat * SIDE.scale
  const start = { x: SIDE.x + SIDE.straight, y: SIDE.y }
  if (angle < 0.01)
    return {
      d: `M${SIDE.x} ${SIDE.y}h${2 * SIDE.straight + length}`,
      end: { x: start.x + length + SIDE.straight, y: SIDE.y },
    }
  const radius = length / angle
  const arc = { x: start.x + radius * Math.sin(angle), y: start.y - radius * (1 - Math.cos(angle)) }
  const end = { x: arc.x + SIDE.straight * Math.cos(angle), y: arc.y - SIDE.straight * Math.sin(angle) }
  return {
    d:
      `M${SIDE.x} ${SIDE.y}L${start.x} ${start.y}` +
      `A${radius} ${radius} 0 0 0 ${arc.x} ${arc.y}L${end.x} ${end.y}`,
    end,
  }
})
</script>

<template>
  <LessonFrame :lesson="lesson">
    <svg
      ref="svg"
      :viewBox="`0 0 ${width} 366`"
      class="w-full select-none"
      role="group"
      :aria-label="words.stripSlitsAbove"
    >
      <rect x="20" y="14" :width="width - 40" height="118" class="fill-ply stroke-ply-edge" />
      <path v-for="d in grain" :key="d" :d="d" class="stroke-ply-edge" stroke-width="0.6" opacity="0.55" />
      <path
        v-for="({ x, d }, i) in slits"
        :key="i"
        :d="`M${x} 18${d}`"
        fill="none"
        class="stroke-ink"
        stroke-width="1.4"
      />
      <DragHandle
        :label="words.lengthSlitZone"
        :value="state.flat"
        :min="10"
        :max="60"
        :step="say.lengthUnit === 'in' ? 0.3175 : 0.5"
        :scale="perMm / 2"
        :says="say.length(state.flat, 1)"
        @move="act({ do: 'flat', to: $event })"
      >
        <GripMark :x="from + zone + 11" :y="74" />
      </DragHandle>
      <text x="20" y="152" class="fill-ink font-mono text-[13px]">
        {{
          words.zoneInsideRadius(
            say.length(state.flat, 1),
            say.length(radiusOf(state), 1),
            say.length(linkWidth(state)),
          )
        }}
      </text>
      <path :d="bent.d" fill="none" class="stroke-ply-edge" stroke-width="11" />
      <path :d="bent.d" fill="none" class="stroke-ply" stroke-width="8" />
      <text
        v-if="state.broke"
        :x="SIDE.x + SIDE.straight + 10"
        :y="SIDE.y + 26"
        class="fill-rowan text-[15px] font-semibold"
      >
        {{ words.snapped }}
      </text>
      <DragHandle
        :label="words.endStripBent"
        :value="state.angle"
        :min="0"
        :max="QUARTER"
        :step="5"
        :scale="2"
        :says="state.broke ? words.snappedAt(Math.round(state.angle)) : `${Math.round(state.angle)}°`"
        upright
        @move="act({ do: 'bend', to: $event })"
      >
        <circle
          :cx="bent.end.x"
          :cy="bent.end.y"
          r="17"
          class="fill-heather-wash stroke-heather"
          stroke-width="2"
        />
      </DragHandle>
      <text :x="bent.end.x + 24" :y="bent.end.y + 5" class="fill-ink font-mono text-[13px]">
        {{ Math.round(state.angle) }}°
      </text>
    </svg>
    <div class="flex flex-wrap items-center gap-2">
      <label class="flex items-center gap-2 text-sm">
        {{ words.rowsLinks }}
        <input
          type="range"
          class="accent-heather"
          min="3"
          max="60"
          :value="state.rows"
          @input="act({ do: 'rows', to: Number(($event.target as HTMLInputElement).value) })"
        />
        <span class="num w-6">{{ state.rows }}</span>
      </label>
      <button type="button" class="btn" @click="act({ do: 'turn' })">{{ words.turnGrain }}</button>
      <button type="button" class="btn" :disabled="!state.broke" @click="act({ do: 'fresh' })">
        {{ words.takeFreshStrip }}
      </button>
    </div>
  </LessonFrame>
</template>

<script setup lang="ts">
import { computed, ref } from 'vue'
import { KERF_LESSON } from '@core/course'
import type { Point } from '@core/geometry'
import { useChartWidth } from '@web/parts/chart-width'
import { useSay } from '@web/parts/say'
import DragHandle from '../bench/DragHandle.vue'
import LaserRun from '../bench/LaserRun.vue'
import { follow } from '../follow'
import GripMark from '../bench/GripMark.vue'
import PressMark from '../bench/PressMark.vue'
import LessonFrame from '../LessonFrame.vue'
import { useLesson } from '../use-lesson'
import { kerfLesson as words } from './words'

/** Five squares that are cut and measured, and a beam that is drawn as wide as what it took. */
const lesson = useLesson(KERF_LESSON)
const { state, act } = lesson
const say = useSay()
const svg = ref<SVGSVGElement>()
const width = useChartWidth(svg, 800)
const COUNT = 5
const side = computed(() => Math.min(84, (width.value - 20) / COUNT - 8))
const corner = (i: number): Point => ({ x: 10 + i * (side.value + 8), y: 12 })
const squareData = (i: number): string =>
  `M${corner(i).x} ${corner(i).y}h${side.value}v${side.value}h${-side.value}Z`
/** A square that is carried to the calipers, and how far. */
const carried = ref<{ square: number; by: Point } | null>(null)
const jaws = computed(() => ({
  x: 10,
  y: side.value + 40,
  width: Math.min(width.value - 20, 360),
  height: 100,
}))

function carry(event: PointerEvent, square: number): void {
  follow(event, {
    move: (by) => (carried.value = { square, by }),
    cancel: () => (carried.value = null),
    end: (by) => {
      carried.value = null
      if (corner(square).y + by.y + side.value > jaws.value.y) act({ do: 'take', square })
    },
  })
}
const held = computed(() => state.value.held && state.value.squares[state.value.held.square])
const shows = computed(() => {
  const { held: how } = state.value
  if (!how || !held.value) return null
  return how.way === 'x' ? held.value.readX : held.value.readY
})
const readings = (square: number): string => {
  const { readX, readY } = state.value.squares[square] ?? {}
  const text = (value?: number | null): string => (value == null ? '–' : say.value.reading(value))
  return words.acrossUp(text(readX), text(readY))
}
const BEAM = computed(() => ({ y: jaws.value.y + 150, high: 96 }))
/** Enlarged by so much, px for a mm. */
const LARGE = 320
</script>

<template>
  <LessonFrame :lesson="lesson">
    <svg
      ref="svg"
      :viewBox="`0 0 ${width} ${BEAM.y + BEAM.high + 34}`"
      class="w-full select-none"
      role="group"
      :aria-label="words.laserTrayCalipers"
    >
      <rect
        x="2"
        y="2"
        :width="COUNT * (side + 8) + 10"
        :height="side + 22"
        class="fill-sunk stroke-edge"
        rx="4"
      />
      <LaserRun v-if="state.cuts > 0" :run="state.cuts" :lines="state.squares.map((_, i) => squareData(i))" />
      <PressMark
        v-for="(_, i) in state.squares"
        :key="i"
        class="cursor-grab touch-none"
        :aria-label="words.squarePutBetween(i + 1, readings(i))"
        :transform="carried?.square === i ? `translate(${carried.by.x} ${carried.by.y})` : undefined"
        @pointerdown="carry($event, i)"
        @press="act({ do: 'take', square: i })"
      >
        <rect
          :x="corner(i).x + 2"
          :y="corner(i).y + 2"
          :width="side - 4"
          :height="side - 4"
          class="fill-ply"
          :class="state.held?.square === i ? 'stroke-heather' : 'stroke-ply-edge'"
          stroke-width="2"
        />
        <text :x="corner(i).x + 8" :y="corner(i).y + 18" class="fill-ink font-mono text-[12px]">
          {{ i + 1 }}
        </text>
        <text :x="corner(i).x + 8" :y="corner(i).y + side - 24" class="fill-ink font-mono text-[12px]">
          {{ state.squares[i].readX === null ? '' : `↔${say.reading(state.squares[i].readX!)}` }}
        </text>
        <text :x="corner(i).x + 8" :y="corner(i).y + side - 8" class="fill-ink font-mono text-[12px]">
          {{ state.squares[i].readY === null ? '' : `↕${say.reading(state.squares[i].readY!)}` }}
        </text>
      </PressMark>
      <g :transform="`translate(${jaws.x} ${jaws.y})`">
        <path :d="`M0 0h34v86h-20l-14-14Z`" class="fill-sunk stroke-edge" />
        <path :d="`M${held ? 104 : 60} 0h34v72l-14 14h-20Z`" class="fill-sheet stroke-edge" />
        <rect v-if="held" x="34" y="22" width="70" height="60" class="fill-ply stroke-ply-edge" />
        <text v-if="held" x="69" y="58" text-anchor="middle" class="fill-ink text-[20px]">
          {{ state.held!.way === 'x' ? '↔' : '↕' }}
        </text>
        <rect x="160" y="16" width="128" height="46" rx="6" class="fill-sheet stroke-edge" />
        <text x="276" y="47" text-anchor="end" class="fill-ink font-mono text-[22px]">
          {{ say.reading(shows ?? 0) }}
        </text>
        <text x="294" y="46" class="fill-quiet text-[13px]">{{ say.lengthUnit }}</text>
      </g>
      <g :transform="`translate(0 ${BEAM.y})`">
        <text x="10" y="-12" class="fill-quiet text-[13px]">{{ words.beamEnlargedPath }}</text>
        <rect x="2" y="0" :width="width - 4" :height="BEAM.high" class="fill-ply stroke-ply-edge" />
        <rect
          :x="width / 2 - (state.beam * LARGE) / 2"
          y="0"
          :width="state.beam * LARGE"
          :height="BEAM.high"
          class="fill-[#1b1916]"
        />
        <line
          :x1="width / 2"
          :x2="width / 2"
          y1="0"
          :y2="BEAM.high"
          class="stroke-[#efe9d9]"
          stroke-dasharray="6 4"
        />
        <DragHandle
          :label="words.widthBeam"
          :value="state.beam"
          :min="0"
          :max="0.6"
          :step="say.lengthUnit === 'in' ? 0.0127 : 0.01"
          :scale="LARGE / 2"
          :says="say.fine(state.beam)"
          @move="act({ do: 'beam', to: $event })"
        >
          <GripMark :x="width / 2 + (state.beam * LARGE) / 2" :y="BEAM.high / 2" />
        </DragHandle>
        <text :x="width / 2" :y="BEAM.high + 20" text-anchor="middle" class="fill-ink font-mono text-[14px]">
          {{ say.fine(state.beam) }}
        </text>
      </g>
    </svg>
    <div class="flex flex-wrap items-center gap-2">
      <button type="button" class="btn" @click="act({ do: 'cut' })">
        {{ state.squares.length > 0 ? words.cutFiveOthers : words.cutFiveSquares }}
      </button>
      <button type="button" class="btn" :disabled="!held" @click="act({ do: 'turn' })">
        {{ words.turnSquare }}
      </button>
      <p class="note flex-1 basis-60">
        {{ words.dragSquareBetween }}
      </p>
    </div>
  </LessonFrame>
</template>

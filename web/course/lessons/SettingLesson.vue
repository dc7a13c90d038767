<script setup lang="ts">
import { computed, ref } from 'vue'
import { LASER, resultAt, SETTING_LESSON, SPEEDS } from '@core/course'
import { useChartWidth } from '@web/parts/chart-width'
import { useSay } from '@web/parts/say'
import DragHandle from '../bench/DragHandle.vue'
import LaserRun from '../bench/LaserRun.vue'
import { follow } from '../follow'
import GripMark from '../bench/GripMark.vue'
import PressMark from '../bench/PressMark.vue'
import LessonFrame from '../LessonFrame.vue'
import { useLesson } from '../use-lesson'
import { settingLesson as words } from './words'

/** A test sheet from slow to fast, its squares lifted, and the speed that they speak for. */
const lesson = useLesson(SETTING_LESSON)
const { state, act } = lesson
const say = useSay()
const svg = ref<SVGSVGElement>()
const width = useChartWidth(svg, 800)
const COUNT = 6
const side = computed(() => Math.min(88, (width.value - 16) / COUNT - 8))
const corner = (i: number): { x: number; y: number } => ({ x: 12 + i * (side.value + 8), y: 44 })
const data = (i: number): string =>
  `M${corner(i).x} ${corner(i).y}h${side.value}v${side.value}h${-side.value}Z`
const lifting = ref<{ square: number; by: number } | null>(null)
function lift(event: PointerEvent, square: number): void {
  follow(event, {
    move: ({ y }) => (lifting.value = { square, by: Math.min(0, Math.max(-30, y)) }),
    cancel: () => (lifting.value = null),
    end: ({ y }) => {
      lifting.value = null
      if (y < -12) act({ do: 'lift', square })
    },
  })
}
const isFree = (i: number): boolean => resultAt(state.value.world, state.value.squares[i].speed) !== 'holds'
function offset(i: number): number {
  if (lifting.value?.square === i) return isFree(i) ? lifting.value.by : lifting.value.by / 8
  return state.value.squares[i].lifted && isFree(i) ? -30 : 0
}
function described({ speed, lifted }: { speed: number; lifted: boolean }): string {
  const result = lifted ? `: ${resultAt(state.value.world, speed)}` : ''
  return words.liftSquare(say.value.speed(speed), result)
}
/** Where a speed is on the line below. */
const SIDE = 30
const perSpeed = computed(() => (width.value - 2 * SIDE) / (SPEEDS.most - SPEEDS.least))
const x = (speed: number): number => SIDE + (speed - SPEEDS.least) * perSpeed.value
const lineY = computed(() => side.value + 110)
const ends = computed(() => [
  { name: 'from' as const, label: words.slowestSquare, speed: state.value.from },
  { name: 'to' as const, label: words.fastestSquare, speed: state.value.to },
])
const ticks = [2, 10, 20, 30, 40]
</script>

<template>
  <LessonFrame :lesson="lesson">
    <svg
      ref="svg"
      :viewBox="`0 0 ${width} ${lineY + 92}`"
      class="w-full select-none"
      role="group"
      :aria-label="words.testSheet"
    >
      <rect
        x="2"
        y="34"
        :width="COUNT * (side + 8) + 12"
        :height="side + 22"
        class="fill-ply stroke-ply-edge"
      />
      <LaserRun
        v-if="state.squares.length > 0"
        :run="state.sheets"
        :lines="state.squares.map((_, i) => data(i))"
      />
      <PressMark
        v-for="(square, i) in state.squares"
        :key="i"
        class="cursor-grab touch-none"
        :aria-label="described(square)"
        @pointerdown="lift($event, i)"
        @press="act({ do: 'lift', square: i })"
      >
        <path v-if="offset(i) < -5" :d="data(i)" class="fill-sunk stroke-ink" />
        <g :transform="`translate(0 ${offset(i)})`">
          <path :d="data(i)" class="fill-ply stroke-ink" stroke-width="1.4" />
          <path
            v-if="square.lifted && resultAt(state.world, square.speed) === 'charred'"
            :d="data(i)"
            class="fill-none stroke-ink"
            stroke-width="7"
            opacity="0.6"
          />
          <text
            :x="corner(i).x + side / 2"
            :y="corner(i).y + side / 2"
            text-anchor="middle"
            class="fill-ink font-mono text-[13px]"
          >
            {{ say.speedPlain(square.speed) }}
          </text>
          <text
            v-if="square.lifted"
            :x="corner(i).x + side / 2"
            :y="corner(i).y + side / 2 + 18"
            text-anchor="middle"
            class="fill-ink text-[12px]"
          >
            {{ resultAt(state.world, square.speed) }}
          </text>
        </g>
      </PressMark>
      <g :transform="`translate(0 ${lineY})`">
        <line :x1="SIDE" :x2="width - SIDE" y1="0" y2="0" class="stroke-edge" stroke-width="2" />
        <g v-for="tick in ticks" :key="tick">
          <line :x1="x(tick)" :x2="x(tick)" y1="0" y2="6" class="stroke-edge" />
          <text :x="x(tick)" y="20" text-anchor="middle" class="fill-quiet font-mono text-[12px]">
            {{ say.speedPlain(tick) }}
          </text>
        </g>
        <line :x1="x(state.from)" :x2="x(state.to)" y1="0" y2="0" class="stroke-heather" stroke-width="5" />
        <DragHandle
          v-for="{ name, label, speed } in ends"
          :key="name"
          :label="label"
          :value="speed"
          :min="SPEEDS.least"
          :max="SPEEDS.most"
          :step="0.5"
          :scale="perSpeed"
          :says="say.speed(speed)"
          @move="act({ do: name, speed: $event })"
        >
          <GripMark :x="x(speed)" :y="-15" :high="30" />
        </DragHandle>
        <DragHandle
          :label="words.speedJob"
          :value="state.chosen ?? SPEEDS.least"
          :min="SPEEDS.least"
          :max="SPEEDS.most"
          :step="0.5"
          :scale="perSpeed"
          :says="state.chosen === null ? words.notChosen : say.speed(state.chosen)"
          @move="act({ do: 'choose', speed: $event })"
        >
          <path
            :d="`M${x(state.chosen ?? SPEEDS.least)} 26l14 18v26h-28v-26Z`"
            class="fill-moss-wash stroke-moss"
            stroke-width="2"
          />
        </DragHandle>
        <text
          :x="Math.min(x(state.chosen ?? SPEEDS.least) + 20, width - 150)"
          y="60"
          class="fill-ink text-[13px]"
        >
          {{ words.forTheJob(state.chosen === null ? '–' : say.speed(state.chosen)) }}
        </text>
      </g>
    </svg>
    <div class="flex flex-wrap items-center gap-2">
      <button type="button" class="btn" @click="act({ do: 'cut' })">{{ words.cutTestSheet }}</button>
      <p class="note flex-1 basis-60">
        {{ words.laserWPass(LASER.watts, LASER.power) }}
      </p>
    </div>
  </LessonFrame>
</template>

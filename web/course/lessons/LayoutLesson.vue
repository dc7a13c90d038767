<script setup lang="ts">
import { RotateCw } from '@lucide/vue'
import { computed, ref } from 'vue'
import { LAYOUT_LESSON, LAYOUT_RULES, OFFCUT, shapeOnBench, type BenchPart } from '@core/course'
import { bounds } from '@core/geometry'
import type { Placement } from '@core/nest'
import { useChartWidth } from '@web/parts/chart-width'
import { useSay } from '@web/parts/say'
import { regionData } from '@web/parts/svg-path'
import { arrowOf, follow } from '../follow'
import LessonFrame from '../LessonFrame.vue'
import { useLesson } from '../use-lesson'
import { layoutLesson as words } from './words'

/** The tray’s parts, dragged and turned on an offcut. */
const lesson = useLesson(LAYOUT_LESSON)
const { state, act } = lesson
const say = useSay()
const svg = ref<SVGSVGElement>()
const width = useChartWidth(svg, 512)
/** Room round the offcut, mm. */
const ROUND = 12
const letters = computed(() => (13 * (OFFCUT.width + 2 * ROUND)) / width.value)
const chosen = ref<string | null>(null)
const placementOf = (id: string) => state.value.placements.find(({ part }) => part === id)!
const drawn = computed(() =>
  state.value.parts.map((part: BenchPart) => {
    const shape = shapeOnBench(part, placementOf(part.id))
    const { minX, minY, maxX, maxY } = bounds(shape.outline)
    return {
      part,
      data: regionData(shape),
      x: (minX + maxX) / 2,
      y: (minY + maxY) / 2,
      at: placementOf(part.id),
    }
  }),
)
/** The chosen part’s outline is drawn over the others. */
const over = computed(() => drawn.value.find(({ part }) => part.id === chosen.value)?.data)
function described({ label }: BenchPart, { x, y, turn }: Placement): string {
  const lies = turn % 180 === 0 ? words.alongGrain : words.acrossGrain
  return words.arrowKeysMove(label, say.value.size([x, y], 1), lies)
}
const turn = (part: string): void => act({ do: 'turn', part })
function grip(event: PointerEvent, id: string): void {
  const { x, y } = placementOf(id)
  chosen.value = id
  follow(event, { move: (by) => act({ do: 'move', part: id, x: x + by.x, y: y - by.y }) })
}
function onKey(event: KeyboardEvent, id: string): void {
  const arrow = arrowOf(event)
  const step = event.shiftKey ? 10 : 1
  const { x, y } = placementOf(id)
  chosen.value = id
  if (arrow) act({ do: 'move', part: id, x: x + arrow.x * step, y: y + arrow.y * step })
  else if (event.key.toLowerCase() === 'r') turn(id)
  else return
  event.preventDefault()
}
</script>

<template>
  <LessonFrame :lesson="lesson">
    <svg
      ref="svg"
      :viewBox="`${-ROUND} ${-OFFCUT.height - ROUND} ${OFFCUT.width + 2 * ROUND} ${OFFCUT.height + 2 * ROUND}`"
      class="mx-auto w-full max-w-lg select-none"
      role="group"
      :aria-label="words.theOffcut"
    >
      <rect
        :y="-OFFCUT.height"
        :width="OFFCUT.width"
        :height="OFFCUT.height"
        class="fill-sunk stroke-edge"
        stroke-width="0.6"
      />
      <path
        v-for="i in 12"
        :key="i"
        :d="`M0 ${(-OFFCUT.height * (i - 0.5)) / 12}h${OFFCUT.width}`"
        class="stroke-edge"
        stroke-width="0.3"
        opacity="0.6"
      />
      <rect
        :x="LAYOUT_RULES.margin"
        :y="-OFFCUT.height + LAYOUT_RULES.margin"
        :width="OFFCUT.width - 2 * LAYOUT_RULES.margin"
        :height="OFFCUT.height - 2 * LAYOUT_RULES.margin"
        class="fill-none stroke-edge"
        stroke-width="0.5"
        stroke-dasharray="3 2"
      />
      <g
        v-for="{ part, data, x, y, at } in drawn"
        :key="part.id"
        class="cursor-grab touch-none"
        role="button"
        tabindex="0"
        :aria-label="described(part, at)"
        @pointerdown="grip($event, part.id)"
        @keydown="onKey($event, part.id)"
        @focus="chosen = part.id"
      >
        <path :d="data" class="fill-ply/85 stroke-ply-edge" stroke-width="0.7" />
        <text :x="x" :y="-y + letters / 3" text-anchor="middle" class="fill-ink" :font-size="letters">
          {{ part.label }} {{ at.turn % 180 === 0 ? '↔' : '↕' }}
        </text>
      </g>
      <path v-if="over" :d="over" class="pointer-events-none fill-none stroke-heather" stroke-width="1.4" />
    </svg>
    <div class="flex flex-wrap items-center gap-2">
      <button type="button" class="btn" :disabled="!chosen" @click="turn(chosen!)">
        <RotateCw :size="16" aria-hidden="true" />
        {{ words.turnThe(chosen ? state.parts.find(({ id }) => id === chosen)!.label : 'part') }}
      </button>
      <p class="note flex-1 basis-60">
        {{ words.dragPartsR }}
      </p>
    </div>
  </LessonFrame>
</template>

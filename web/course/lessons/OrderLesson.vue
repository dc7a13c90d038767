<script setup lang="ts">
import { ArrowDown, ArrowUp } from '@lucide/vue'
import { computed, nextTick, ref } from 'vue'
import { LID_RINGS, LID_SHEET, LID_WAYS, ORDER_LESSON, type LidWay } from '@core/course'
import { ringData, regionData } from '@web/parts/svg-path'
import { follow } from '../follow'
import LaserRun from '../bench/LaserRun.vue'
import LessonFrame from '../LessonFrame.vue'
import { useLesson } from '../use-lesson'
import { orderLesson as words } from './words'

/** What is done to a lid, put in order, and sent to the laser. */
const lesson = useLesson(ORDER_LESSON)
const { state, act } = lesson
const runs = ref(0)
const nameOf = (way: LidWay): string => LID_WAYS.find(({ id }) => id === way)!.name
/** The words that are engraved, as strokes. */
const WORDS = 'M60 -84h6m4 0h8m4 0h6m4 0h10M64 -80h12m4 0h10m4 0h6'
const lines = computed(() =>
  state.value.order.map((way) => (way === 'words' ? WORDS : LID_RINGS[way].map(ringData).join(''))),
)
function run(): void {
  runs.value++
  act({ do: 'run' })
}
/** The row that is pulled up or down, and by how much, px. */
const pulled = ref<{ way: LidWay; by: number } | null>(null)
const ROW = 48
function pull(event: PointerEvent, way: LidWay): void {
  const from = state.value.order.indexOf(way)
  follow(event, {
    move: ({ y }) => (pulled.value = { way, by: y }),
    cancel: () => (pulled.value = null),
    end: ({ y }) => {
      pulled.value = null
      act({ do: 'move', way, to: from + Math.round(y / ROW) })
    },
  })
}
async function step(event: Event, way: LidWay, by: 1 | -1): Promise<void> {
  const button = event.currentTarget as HTMLElement
  act({ do: 'move', way, to: state.value.order.indexOf(way) + by })
  await nextTick()
  button.focus()
}
</script>

<template>
  <LessonFrame :lesson="lesson">
    <div class="grid gap-3 sm:grid-cols-2">
      <ol class="grid content-start gap-1" :aria-label="words.inThisOrder">
        <li
          v-for="(way, i) in state.order"
          :key="way"
          class="flex h-11 items-center gap-2 rounded border border-line bg-sheet px-2"
          :class="pulled?.way === way ? 'relative z-10 border-heather bg-heather-wash' : ''"
          :style="pulled?.way === way ? { transform: `translateY(${pulled.by}px)` } : undefined"
        >
          <span class="num text-quiet">{{ i + 1 }}</span>
          <span class="flex-1 cursor-grab touch-none select-none" @pointerdown="pull($event, way)">
            {{ nameOf(way) }}
          </span>
          <button
            type="button"
            class="btn-icon"
            :disabled="i === 0"
            :aria-label="words.earlier(nameOf(way))"
            @click="step($event, way, -1)"
          >
            <ArrowUp :size="16" />
          </button>
          <button
            type="button"
            class="btn-icon"
            :disabled="i === state.order.length - 1"
            :aria-label="words.later(nameOf(way))"
            @click="step($event, way, 1)"
          >
            <ArrowDown :size="16" />
          </button>
        </li>
      </ol>
      <svg
        :viewBox="`0 ${-LID_SHEET.height} ${LID_SHEET.width} ${LID_SHEET.height}`"
        class="w-full"
        role="img"
        :aria-label="words.lidSheet"
      >
        <rect :y="-LID_SHEET.height" :width="LID_SHEET.width" :height="LID_SHEET.height" class="fill-sunk" />
        <path
          :d="state.lid ? regionData(state.lid.shape) : ringData(LID_RINGS.outline[0])"
          fill-rule="evenodd"
          class="fill-ply stroke-ply-edge"
          stroke-width="0.6"
        />
        <path v-if="state.lid" :d="WORDS" class="stroke-ink" stroke-width="2.4" />
        <LaserRun v-if="state.lid" :run="runs" :lines="lines" />
      </svg>
    </div>
    <div>
      <button type="button" class="btn" @click="run">{{ words.sendLaser }}</button>
    </div>
  </LessonFrame>
</template>

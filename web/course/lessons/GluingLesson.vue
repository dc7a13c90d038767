<script setup lang="ts">
import { computed, ref } from 'vue'
import { GLUING_LESSON, labelOf } from '@core/course'
import { pictureOf } from '@core/derive'
import { bounds, type Point, type Region } from '@core/geometry'
import BoxPicture from '@web/parts/BoxPicture.vue'
import { regionData } from '@web/parts/svg-path'
import { follow } from '../follow'
import LessonFrame from '../LessonFrame.vue'
import { useLesson } from '../use-lesson'
import { gluingLesson as words } from './words'

/** A tray that is put together part by part; what is shut out does not go in. */
const lesson = useLesson(GLUING_LESSON)
const { state, act } = lesson
const whole = pictureOf(state.value.panels)
const picture = computed(() => {
  const standing = state.value.panels.filter(({ id }) => state.value.standing.includes(id))
  return { facets: standing.length > 0 ? pictureOf(standing).facets : [], viewBox: whole.viewBox }
})
const waiting = computed(() => state.value.panels.filter(({ id }) => !state.value.standing.includes(id)))
const box = ref<HTMLElement>()
const carried = ref<{ part: string; by: Point } | null>(null)
function carry(event: PointerEvent, part: string): void {
  const start = { x: event.clientX, y: event.clientY }
  follow(event, {
    move: (by) => (carried.value = { part, by }),
    cancel: () => (carried.value = null),
    end: (by) => {
      carried.value = null
      const { left, right, top, bottom } = box.value!.getBoundingClientRect()
      const [x, y] = [start.x + by.x, start.y + by.y]
      if (x > left && x < right && y > top && y < bottom) act({ do: 'bring', part })
    },
  })
}
function viewOf(region: Region): string {
  const { minX, minY, maxX, maxY } = bounds(region.outline)
  return `${minX - 2} ${-maxY - 2} ${maxX - minX + 4} ${maxY - minY + 4}`
}
const isBlocker = (id: string): boolean => state.value.blockers.includes(id)
</script>

<template>
  <LessonFrame :lesson="lesson">
    <div class="grid gap-3 sm:grid-cols-[1fr_14rem]">
      <div ref="box" class="grid min-h-56 place-items-center rounded border border-line bg-sunk p-2">
        <BoxPicture v-if="state.standing.length > 0" :picture="picture" class="max-h-72 w-full" />
        <p v-else class="text-sm text-quiet">{{ words.dragPartHere }}</p>
      </div>
      <ul class="grid content-start gap-1.5 max-sm:grid-cols-2" :aria-label="words.onTheBench">
        <li v-for="panel in waiting" :key="panel.id">
          <button
            type="button"
            class="choice flex w-full touch-none items-center gap-2"
            :class="carried?.part === panel.id ? 'relative z-10 opacity-80' : ''"
            :style="
              carried?.part === panel.id
                ? { transform: `translate(${carried.by.x}px, ${carried.by.y}px)` }
                : undefined
            "
            @pointerdown="carry($event, panel.id)"
            @click="act({ do: 'bring', part: panel.id })"
          >
            <svg :viewBox="viewOf(panel.region)" class="h-9 w-20" aria-hidden="true">
              <path :d="regionData(panel.region)" class="fill-ply stroke-ply-edge" fill-rule="evenodd" />
            </svg>
            {{ labelOf(state, panel.id) }}
          </button>
        </li>
      </ul>
    </div>
    <ul v-if="state.standing.length > 0" class="flex flex-wrap gap-1.5" :aria-label="words.standing">
      <li v-for="id in state.standing" :key="id">
        <button
          type="button"
          class="btn"
          :class="isBlocker(id) ? 'border-rowan bg-rowan-wash' : ''"
          @click="act({ do: 'take', part: id })"
        >
          {{ words.takeOut(labelOf(state, id)) }}
        </button>
      </li>
    </ul>
  </LessonFrame>
</template>

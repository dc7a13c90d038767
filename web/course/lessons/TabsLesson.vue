<script setup lang="ts">
import { computed, ref } from 'vue'
import { CORNER_PANELS, hangsOn, sharedOut, TABS_LESSON, type CornerPanel } from '@core/course'
import { useChartWidth } from '@web/parts/chart-width'
import { useSay } from '@web/parts/say'
import DragHandle from '../bench/DragHandle.vue'
import GripMark from '../bench/GripMark.vue'
import LessonFrame from '../LessonFrame.vue'
import { useLesson } from '../use-lesson'
import { tabsLesson as words } from './words'

/** An edge that is shared out in tabs, and corner blocks that are given to a panel. */
const lesson = useLesson(TABS_LESSON)
const { state, act } = lesson
const say = useSay()
const svg = ref<SVGSVGElement>()
const width = useChartWidth(svg, 800)
const SIDE = 20
const perMm = computed(() => (width.value - 2 * SIDE) / state.value.length)
const shares = computed(() => sharedOut(state.value))
const x = (i: number): number => SIDE + i * shares.value.width * perMm.value
/** The panel from its tabs down. */
const edge = computed(() => {
  const along = Array.from({ length: shares.value.count }, (_, i) => `V${i % 2 === 0 ? 32 : 61}H${x(i + 1)}`)
  return `M${SIDE} 114${along.join('')}V114Z`
})

/** The corner block and the blocks beside it along its three edges, seen from above and the front. */
const BLOCK = 46
const corner = computed(() => state.value.corners[state.value.at])
const at = computed(() => ({ x: width.value / 2, y: 270 }))
const cube = (dx: number, dy: number): { top: string; left: string; right: string; x: number; y: number } => {
  const [cx, cy] = [at.value.x + dx, at.value.y + dy]
  const [w, h] = [BLOCK * 0.87, BLOCK / 2]
  return {
    top: `M${cx} ${cy - BLOCK}l${w} ${h}l${-w} ${h}l${-w} ${-h}Z`,
    left: `M${cx - w} ${cy - h}l${w} ${h}v${BLOCK}l${-w} ${-h}Z`,
    right: `M${cx + w} ${cy - h}l${-w} ${h}v${BLOCK}l${w} ${-h}Z`,
    x: cx,
    y: cy,
  }
}
const FILLS: Record<CornerPanel, string> = {
  front: 'fill-ply',
  side: 'fill-gorse-wash',
  floor: 'fill-moss-wash',
}
const isCrumb = computed(() => corner.value.owner !== null && !hangsOn(corner.value, corner.value.owner))
/** Front–side goes up, front–floor to the right, side–floor to the left; a block apart. */
const blocks = computed(() => {
  const [w, h] = [BLOCK * 0.87, BLOCK / 2]
  const gap = 1.25
  const [up, right, left] = corner.value.beside
  return [
    { name: up, ...cube(0, -BLOCK * gap) },
    { name: left, ...cube(-w * gap, -h * gap) },
    { name: right, ...cube(w * gap, -h * gap) },
    { name: corner.value.owner, ...cube(0, isCrumb.value ? 34 : 0) },
  ]
})
</script>

<template>
  <LessonFrame :lesson="lesson">
    <svg
      ref="svg"
      :viewBox="`0 0 ${width} 350`"
      class="w-full select-none"
      role="group"
      :aria-label="words.edgeTabsCorner"
    >
      <path :d="edge" class="fill-ply stroke-ply-edge" />
      <text :x="SIDE" y="134" class="fill-quiet text-[13px]">
        {{ words.edgeLongSheet(say.length(state.length, 1), say.length(state.thickness)) }}
      </text>
      <DragHandle
        :label="words.edgeFirstTab"
        :value="state.asked"
        :min="2"
        :max="state.length / 3"
        :step="say.lengthUnit === 'in' ? 0.635 : 0.5"
        :scale="perMm"
        :says="words.tabsNotchesEach(shares.count, say.length(shares.width))"
        @move="act({ do: 'width', to: $event })"
      >
        <GripMark :x="x(1)" :y="44" />
      </DragHandle>
      <text :x="x(1) + 20" y="24" class="fill-ink font-mono text-[13px]">{{ say.length(shares.width) }}</text>
      <g v-for="(block, i) in blocks" :key="i" class="stroke-ink" stroke-width="1.2">
        <path
          v-for="side in ['top', 'left', 'right'] as const"
          :key="side"
          :d="block[side]"
          :class="block.name ? FILLS[block.name] : 'fill-sheet'"
        />
        <text
          :x="block.x"
          :y="block.y - BLOCK / 2 + 5"
          text-anchor="middle"
          class="pointer-events-none fill-ink stroke-none text-[13px]"
        >
          {{ block.name ?? '?' }}
        </text>
      </g>
    </svg>
    <div class="flex flex-wrap items-center gap-2">
      <span class="text-sm">{{ words.cornerBelongs(state.at + 1) }}</span>
      <button
        v-for="panel in CORNER_PANELS"
        :key="panel"
        type="button"
        class="choice min-h-9"
        :data-on="corner.owner === panel"
        :aria-pressed="corner.owner === panel"
        @click="act({ do: 'give', to: panel })"
      >
        {{ panel }}
      </button>
      <button type="button" class="btn" @click="act({ do: 'next' })">{{ words.otherCorner }}</button>
      <p class="sr-only">
        {{ words.besideCornerAbove(corner.beside[0], corner.beside[1], corner.beside[2]) }}
      </p>
    </div>
  </LessonFrame>
</template>

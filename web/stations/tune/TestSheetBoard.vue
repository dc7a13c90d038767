<script setup lang="ts">
import { symbol } from 'd3'
import { computed } from 'vue'
import type { TestSheetDrawing } from '@core/derive'
import { settingWords, type TestSheet } from '@core/tune'
import { useSay } from '@web/parts/say'
import { RESULT_SHAPES } from './result-shapes'
import { testSheetBoard as words } from './words'

/** A test sheet as it lies there: every square is a button. */
const props = defineProps<{ sheet: TestSheet; drawing: TestSheetDrawing; chosen: number | null }>()
defineEmits<{ tap: [square: number] }>()
const say = useSay()
/** Wide enough to be hit by a finger: the room up to the next square belongs to it. */
const tiles = computed(() =>
  props.drawing.squares.map(({ x, y, side }, i) => {
    const { setting, result } = props.sheet.squares[i]
    const tried = settingWords(setting, say.value)
    return {
      x,
      y: props.drawing.height - y - side,
      side,
      result,
      speed: say.value.speedPlain(setting.speed),
      power: `${setting.power} %`,
      label: words.square(i + 1, tried, result ? `: ${result}` : ''),
    }
  }),
)
</script>

<template>
  <svg
    :viewBox="`0 0 ${drawing.width} ${drawing.height}`"
    class="max-h-96 w-full rounded border border-line bg-sunk"
    role="group"
    :aria-label="words.squaresTestSheet"
  >
    <g
      v-for="(tile, i) in tiles"
      :key="i"
      class="square cursor-pointer"
      role="button"
      tabindex="0"
      :aria-label="tile.label"
      :aria-pressed="sheet.kind === 'cut' ? tile.result !== null : chosen === i"
      @click="$emit('tap', i)"
      @keydown.enter.prevent="$emit('tap', i)"
      @keydown.space.prevent="$emit('tap', i)"
    >
      <rect
        :x="tile.x - 4"
        :y="tile.y - 3"
        :width="tile.side + 8"
        :height="tile.side + 9"
        fill="transparent"
      />
      <rect
        :x="tile.x"
        :y="tile.y"
        :width="tile.side"
        :height="tile.side"
        fill="var(--ply)"
        :stroke="chosen === i ? 'var(--heather)' : 'var(--ply-edge)'"
        :stroke-width="chosen === i ? 1 : 0.4"
      />
      <path
        v-if="tile.result"
        :transform="`translate(${tile.x + tile.side / 2} ${tile.y + tile.side * 0.68}) scale(0.35)`"
        :d="symbol(RESULT_SHAPES[tile.result].shape, 110)() ?? ''"
        :fill="RESULT_SHAPES[tile.result].colour"
      />
      <text
        :x="tile.x + tile.side / 2"
        :y="tile.y + 4.2"
        text-anchor="middle"
        font-size="3.4"
        fill="var(--ink)"
      >
        {{ tile.speed }}
      </text>
      <text
        :x="tile.x + tile.side / 2"
        :y="tile.y + tile.side + 4.4"
        text-anchor="middle"
        font-size="3"
        fill="var(--ink)"
      >
        {{ i + 1 }} · {{ tile.power }}
      </text>
    </g>
  </svg>
</template>

<style scoped>
.square:focus-visible {
  outline: none;
}
.square:focus-visible rect {
  stroke: var(--heather);
  stroke-width: 1.2;
}
</style>

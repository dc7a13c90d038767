<script setup lang="ts">
import { computed } from 'vue'
import { offset } from '@core/geometry'
import type { Surface } from '@core/nest'
import { ringData } from '@web/parts/svg-path'
import { LINE, linesOf } from './board'
import { sheetGround as words } from './words'

/** A sheet as it lies there: the loads that the bed takes it in, and their margins. */
const props = defineProps<{
  surface: Surface
  margin: number
  title: string
  facts: string
  room: number
  textSize: number
}>()
/** Of a piece that is no rectangle: where parts may lie. */
const inside = computed(() => {
  const { outline } = props.surface
  return outline ? offset({ outline, holes: [] }, -props.margin).map((region) => region.outline) : []
})
const lines = computed(() => linesOf(props.facts, props.room, props.textSize))
const loads = computed(() =>
  props.surface.loads.map(({ x, y, width, height }, i) => ({
    i,
    x,
    y: -y - height,
    width,
    height,
    inside: {
      x: x + props.margin,
      y: -y - height + props.margin,
      width: Math.max(0, width - 2 * props.margin),
      height: Math.max(0, height - 2 * props.margin),
    },
  })),
)
</script>

<template>
  <g>
    <path
      v-if="surface.outline"
      :d="ringData(surface.outline)"
      fill="var(--paper)"
      stroke="var(--edge)"
      stroke-width="1"
      vector-effect="non-scaling-stroke"
      data-offcut
    />
    <path
      v-for="(ring, i) in inside"
      :key="`inside-${i}`"
      :d="ringData(ring)"
      fill="none"
      stroke="var(--edge)"
      stroke-dasharray="4 3"
      stroke-width="1"
      vector-effect="non-scaling-stroke"
    />
    <rect
      v-if="!surface.outline"
      :y="-surface.height"
      :width="surface.width"
      :height="surface.height"
      fill="var(--paper)"
      stroke="var(--edge)"
      stroke-width="1"
      vector-effect="non-scaling-stroke"
    />
    <g v-for="load in loads" :key="load.i">
      <rect
        v-if="loads.length > 1"
        :x="load.x"
        :y="load.y"
        :width="load.width"
        :height="load.height"
        fill="none"
        stroke="var(--edge)"
        stroke-width="1"
        vector-effect="non-scaling-stroke"
        data-load
      />
      <rect
        v-if="!surface.outline"
        v-bind="load.inside"
        fill="none"
        stroke="var(--edge)"
        stroke-dasharray="4 3"
        stroke-width="1"
        vector-effect="non-scaling-stroke"
      />
      <text
        v-if="loads.length > 1 && load.height > textSize * 1.8"
        :x="load.x + textSize * 0.6"
        :y="load.y + textSize * 1.4"
        :font-size="textSize"
        fill="var(--quiet)"
      >
        {{ words.load(load.i + 1) }}
      </text>
    </g>
    <text :y="-surface.height - textSize * 0.4" :font-size="textSize" fill="var(--quiet)">{{ title }}</text>
    <text v-if="facts" :font-size="textSize" fill="var(--quiet)" data-testid="sheet-facts">
      <tspan v-for="(line, i) in lines" :key="i" x="0" :y="textSize * (1.1 + LINE * i)">
        {{ i < lines.length - 1 ? `${line} · ` : line }}
      </tspan>
    </text>
  </g>
</template>

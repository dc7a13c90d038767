<script setup lang="ts">
import { computed } from 'vue'
import type { Panel, PanelName } from '@core/box'
import { bounds } from '@core/geometry'
import { useSay } from './say'
import { regionData } from './svg-path'

export type Dimension = 'width' | 'depth' | 'height'
const props = defineProps<{ panels: Panel[]; lit: Dimension | null }>()
const say = useSay()
defineEmits<{ pick: [dimension: Dimension] }>()

/** Which of the box's sizes a panel shows along its own x and y. */
const AXES: Record<PanelName, [Dimension, Dimension]> = {
  front: ['width', 'height'],
  back: ['width', 'height'],
  left: ['depth', 'height'],
  right: ['depth', 'height'],
  floor: ['width', 'depth'],
  top: ['width', 'depth'],
}
const ROWS: PanelName[][] = [
  ['front', 'back'],
  ['left', 'right'],
  ['floor', 'top'],
]

const view = computed(() => {
  const byName = new Map(props.panels.map((panel) => [panel.name, panel]))
  const largest = Math.max(...props.panels.map(({ size }) => Math.max(size.width, size.height)))
  const text = largest / 14
  const space = text * 2.6
  let y = 0
  let right = 0
  const laid = ROWS.flatMap((row) => {
    const panels = row.flatMap((name) => byName.get(name) ?? [])
    const high = Math.max(0, ...panels.map(({ size }) => size.height))
    let x = 0
    const placed = panels.map((panel) => {
      const box = bounds(panel.region.outline)
      const at = { panel, box, x: x - box.minX, y: y + high + box.minY }
      x += panel.size.width + space
      return at
    })
    right = Math.max(right, x)
    if (panels.length > 0) y += high + space
    return placed
  })
  return { laid, text, viewBox: `${-space * 0.8} ${-text} ${right + space * 0.3} ${y + text}` }
})
</script>

<template>
  <svg :viewBox="view.viewBox" class="h-full w-full" role="group" aria-label="Panels, flat, outside face up">
    <g v-for="{ panel, box, x, y } in view.laid" :key="panel.name" :transform="`translate(${x} ${y})`">
      <path
        :d="regionData(panel.region)"
        fill="var(--ply)"
        stroke="var(--ply-edge)"
        stroke-width="1"
        vector-effect="non-scaling-stroke"
        fill-rule="evenodd"
        :data-panel="panel.name"
      />
      <text
        :transform="`translate(${(box.minX + box.maxX) / 2} ${-(box.minY + box.maxY) / 2}) rotate(${panel.size.height > 2 * panel.size.width ? -90 : 0})`"
        :dy="view.text / 3"
        text-anchor="middle"
        :font-size="view.text"
        fill="var(--ink)"
      >
        {{ panel.name }}
      </text>
      <g
        class="cursor-pointer"
        :fill="lit === AXES[panel.name][0] ? 'var(--heather)' : 'var(--quiet)'"
        :stroke="lit === AXES[panel.name][0] ? 'var(--heather)' : 'var(--quiet)'"
        @click="$emit('pick', AXES[panel.name][0])"
      >
        <path
          :d="`M${box.minX} ${-box.minY + view.text * 0.55}H${box.maxX}`"
          :stroke-width="lit === AXES[panel.name][0] ? 2.5 : 1"
          vector-effect="non-scaling-stroke"
          fill="none"
        />
        <text
          :x="(box.minX + box.maxX) / 2"
          :y="-box.minY + view.text * 1.6"
          text-anchor="middle"
          :font-size="view.text * 0.85"
          class="num"
          stroke="none"
        >
          {{ say.shortPlain(panel.size.width, 1) }}
        </text>
      </g>
      <g
        class="cursor-pointer"
        :fill="lit === AXES[panel.name][1] ? 'var(--heather)' : 'var(--quiet)'"
        :stroke="lit === AXES[panel.name][1] ? 'var(--heather)' : 'var(--quiet)'"
        @click="$emit('pick', AXES[panel.name][1])"
      >
        <path
          :d="`M${box.minX - view.text * 0.55} ${-box.minY}V${-box.maxY}`"
          :stroke-width="lit === AXES[panel.name][1] ? 2.5 : 1"
          vector-effect="non-scaling-stroke"
          fill="none"
        />
        <text
          :transform="`translate(${box.minX - view.text * 0.9} ${-(box.minY + box.maxY) / 2}) rotate(-90)`"
          text-anchor="middle"
          :font-size="view.text * 0.85"
          class="num"
          stroke="none"
        >
          {{ say.shortPlain(panel.size.height, 1) }}
        </text>
      </g>
    </g>
  </svg>
</template>

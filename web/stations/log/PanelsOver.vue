<script setup lang="ts">
import { computed } from 'vue'
import type { Panel } from '@core/assembly'
import { bounds, type Bounds } from '@core/geometry'
import { inRows, placeRows } from '@web/parts/panel-dimensions'
import { regionData } from '@web/parts/svg-path'
import { panelsOver as words } from './words'

/** The panels of two cuts over each other, each from its own corner: what is only in one is seen. */
const props = defineProps<{ before: Panel[]; after: Panel[]; names: [string, string] }>()

/** What both take up. */
function around(panels: Panel[]): Bounds {
  const all = panels.map(({ region }) => bounds(region.outline))
  return {
    minX: Math.min(...all.map(({ minX }) => minX)),
    minY: Math.min(...all.map(({ minY }) => minY)),
    maxX: Math.max(...all.map(({ maxX }) => maxX)),
    maxY: Math.max(...all.map(({ maxY }) => maxY)),
  }
}

const view = computed(() => {
  const ids = [...new Set([...props.after, ...props.before].map(({ id }) => id))]
  const pairs = new Map(
    ids.map((id) => {
      const [was, is] = [props.before, props.after].map((list) => list.find((panel) => panel.id === id))
      return [id, { was, is }]
    }),
  )
  const first = ids.map((id) => pairs.get(id)!.is ?? pairs.get(id)!.was!)
  const text = Math.max(...first.map(({ size }) => Math.max(size.width, size.height))) / 16
  const rows = inRows(first).map((row) =>
    row.map(({ id, label }) => {
      const { was, is } = pairs.get(id)!
      return { id, label, was, is, box: around([was, is].filter((each) => each !== undefined)) }
    }),
  )
  const { placed, width, height } = placeRows(rows, { across: text, down: text * 2 })
  return { laid: placed, text, viewBox: `${-text / 2} ${-text / 2} ${width} ${height}` }
})
</script>

<template>
  <figure class="grid gap-1">
    <svg
      :viewBox="view.viewBox"
      class="max-h-96 w-full"
      role="img"
      :aria-label="words.panelsDashedOver(names[0], names[1])"
    >
      <g
        v-for="{ id, was, is, label, box, x, y } in view.laid"
        :key="id"
        :transform="`translate(${x} ${y})`"
        :data-over="id"
      >
        <path
          v-if="is"
          :d="regionData(is.region)"
          fill="var(--ply)"
          stroke="var(--ink)"
          stroke-width="1.2"
          vector-effect="non-scaling-stroke"
          fill-rule="evenodd"
        />
        <path
          v-if="was"
          :d="regionData(was.region)"
          fill="none"
          stroke="var(--heather)"
          stroke-width="1.6"
          stroke-dasharray="5 3"
          vector-effect="non-scaling-stroke"
        />
        <text :x="box.minX" :y="-box.minY + view.text" :font-size="view.text * 0.8" fill="var(--quiet)">
          {{ label }}{{ was && is ? '' : is ? words.onlyIn(names[1]) : words.onlyIn(names[0]) }}
        </text>
      </g>
    </svg>
    <figcaption class="note">{{ words.dashedSolid(names[0], names[1]) }}</figcaption>
  </figure>
</template>

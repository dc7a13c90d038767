<script setup lang="ts">
import { computed } from 'vue'
import type { Cell, Division } from '@core/kinds'

/** A tray from above, with what lies in its cells. */
const props = defineProps<{ division: Division; wall: number }>()

/** Where each column or row begins, and where the last one ends, mm. */
const beginsOf = (widths: number[]): number[] =>
  widths.reduce((all, width) => [...all, all.at(-1)! + width + props.wall], [0])
const xs = computed(() => beginsOf(props.division.columns))
const ys = computed(() => beginsOf(props.division.rows))
const width = computed(() => xs.value.at(-1)! - props.wall)
const depth = computed(() => ys.value.at(-1)! - props.wall)

/** The things of a cell, from its own corner. */
function thingsIn({ things, across, along, each: [w, d], width: wide, depth: deep }: Cell) {
  const [x, y] = [(wide - across * w) / 2, (deep - along * d) / 2]
  const count = Math.min(things.count, across * along)
  return Array.from({ length: count }, (_, i) => ({
    x: x + (i % across) * w,
    y: y + Math.floor(i / across) * d,
    w,
    d,
    isRound: things.isRound,
  }))
}
const drawn = computed(() =>
  props.division.cells.flatMap((cell, i) => {
    if (!cell) return []
    const count = props.division.columns.length
    const [left, near] = [xs.value[i % count], ys.value[Math.floor(i / count)]]
    return thingsIn(cell).map((thing) => ({
      ...thing,
      x: left + thing.x,
      y: depth.value - near - thing.y - thing.d, // the front is below
    }))
  }),
)
</script>

<template>
  <svg
    :viewBox="`-2 -2 ${width + 4} ${depth + 4}`"
    class="h-24 w-36"
    aria-hidden="true"
    preserveAspectRatio="xMidYMid meet"
  >
    <rect
      :width="width"
      :height="depth"
      fill="var(--ply)"
      stroke="var(--ply-edge)"
      stroke-width="2"
      vector-effect="non-scaling-stroke"
    />
    <g stroke="var(--ply-edge)" vector-effect="non-scaling-stroke">
      <rect
        v-for="x in xs.slice(1, -1)"
        :key="`x${x}`"
        :x="x - wall"
        :width="wall"
        :height="depth"
        fill="var(--ply-edge)"
      />
      <rect
        v-for="y in ys.slice(1, -1)"
        :key="`y${y}`"
        :y="depth - y"
        :width="width"
        :height="wall"
        fill="var(--ply-edge)"
      />
    </g>
    <rect
      v-for="({ x, y, w, d, isRound }, i) in drawn"
      :key="i"
      :x="x"
      :y="y"
      :width="w"
      :height="d"
      :rx="isRound ? w / 2 : 0"
      fill="var(--heather)"
      fill-opacity="0.45"
      stroke="var(--heather)"
      vector-effect="non-scaling-stroke"
    />
  </svg>
</template>

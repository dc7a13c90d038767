<script setup lang="ts">
import type { ScaleLinear } from 'd3'

/** Both axes of a chart with round ticks: lines across, figures at the left and below, and what they are. */
defineProps<{
  at: ScaleLinear<number, number>
  up: ScaleLinear<number, number>
  ticks: number[]
  across: string
  upwards: string
  /** A tick as it is written. */
  text?: (tick: number) => string
}>()
/** From an axis to its figures, and to its words, px. */
const FIGURES = 16
const WORDS = 32
const middleOf = ([low, high]: number[]): number => (low + high) / 2
</script>

<template>
  <g>
    <g v-for="tick in ticks" :key="tick">
      <line :x1="at.range()[0]" :x2="at.range()[1]" :y1="up(tick)" :y2="up(tick)" stroke="var(--line)" />
      <text
        :x="at.range()[0] - 6"
        :y="up(tick) + 4"
        text-anchor="end"
        font-size="12"
        class="num"
        fill="var(--quiet)"
      >
        {{ text ? text(tick) : tick }}
      </text>
      <text
        :x="at(tick)"
        :y="up.range()[0] + FIGURES"
        text-anchor="middle"
        font-size="12"
        class="num"
        fill="var(--quiet)"
      >
        {{ text ? text(tick) : tick }}
      </text>
    </g>
    <text
      :x="middleOf(at.range())"
      :y="up.range()[0] + WORDS"
      text-anchor="middle"
      font-size="12"
      fill="var(--quiet)"
    >
      {{ across }}
    </text>
    <text
      text-anchor="middle"
      font-size="12"
      fill="var(--quiet)"
      :transform="`translate(11 ${middleOf(up.range())}) rotate(-90)`"
    >
      {{ upwards }}
    </text>
  </g>
</template>

<script setup lang="ts">
import { computed } from 'vue'
import { lineAt, type Scale } from '@core/course'
import { short } from '@core/length'

/** Marks of a main scale above a line, and those of a vernier below it, between two places, mm. */
const props = defineProps<{
  scale: Scale
  jaws: number
  from: number
  to: number
  /** Where a place along the scale is drawn, px, and where the line is. */
  x: (mm: number) => number
  y: number
  /** Height of a mark, px. */
  high: number
  vernier: boolean
  /** Whether every line of the vernier has its number. */
  numbered?: boolean
}>()

const marks = computed(() => {
  const { division, figureEvery, figure } = props.scale
  const first = Math.max(0, Math.ceil(props.from / division - 1e-9))
  const last = Math.floor(props.to / division + 1e-9)
  return Array.from({ length: Math.max(0, last - first + 1) }, (_, i) => {
    const n = first + i
    const isNamed = n % figureEvery === 0
    const isHalf = n % (figureEvery / 2) === 0
    const high = props.high * (isNamed ? 1 : isHalf ? 0.8 : 0.6)
    return {
      n,
      x: props.x(n * division),
      high,
      figure: isNamed || props.numbered ? short((n / figureEvery) * figure, 3) : '',
    }
  })
})
const lines = computed(() => {
  const { lines: count, numberEvery } = props.scale
  const every = props.numbered ? 1 : numberEvery
  return Array.from({ length: count + 1 }, (_, line) => ({
    line,
    at: lineAt(props.scale, props.jaws, line),
    high: props.high * (line % 5 === 0 ? 0.9 : 0.6),
    figure: line % every === 0 ? line : null,
  })).filter(({ at }) => at >= props.from - 1e-6 && at <= props.to + 1e-6)
})
</script>

<template>
  <g class="stroke-ink" aria-hidden="true">
    <g v-for="mark in marks" :key="mark.n">
      <line :x1="mark.x" :x2="mark.x" :y1="y" :y2="y - mark.high" :stroke-width="numbered ? 1.5 : 1" />
      <text
        v-if="mark.figure"
        :x="mark.x"
        :y="y - mark.high - 4"
        text-anchor="middle"
        class="fill-ink stroke-none font-mono text-[12px]"
      >
        {{ mark.figure }}
      </text>
    </g>
    <template v-if="vernier">
      <g v-for="{ line, at, high: long, figure } in lines" :key="line">
        <line :x1="x(at)" :x2="x(at)" :y1="y" :y2="y + long" :stroke-width="numbered ? 1.5 : 1" />
        <text
          v-if="figure !== null"
          :x="x(at)"
          :y="y + long + 13"
          text-anchor="middle"
          class="fill-ink stroke-none font-mono text-[12px]"
        >
          {{ figure }}
        </text>
      </g>
    </template>
  </g>
</template>

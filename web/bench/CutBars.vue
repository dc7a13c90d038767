<script setup lang="ts">
import { scaleLinear } from 'd3'
import { computed } from 'vue'
import { cutBars as words } from './words'

/** A figure of each month, stock or machine as a bar; pressed, it opens the cuts behind it. */
interface Bar {
  id: string
  name: string
  /** None where nobody wrote it down. */
  value: number | null
  text: string
  /** Where a line stands for what was promised. */
  mark: number | null
}
const props = defineProps<{
  title: string
  bars: Bar[]
  /** What a full bar is; 0 where the longest is one. */
  most: number
  opened: string | null
}>()
defineEmits<{ open: [id: string] }>()
const WIDE = 100
const long = computed(() =>
  scaleLinear()
    .domain([0, props.most || Math.max(...props.bars.map(({ value }) => value ?? 0), 1e-9)])
    .range([0, WIDE]),
)
</script>

<template>
  <article class="card grid content-start gap-1.5" :aria-label="title">
    <h2 class="text-[15px]!">{{ title }}</h2>
    <ul class="grid gap-1">
      <li v-for="{ id, name, value, text, mark } in bars" :key="id">
        <button
          type="button"
          class="grid min-h-8 w-full grid-cols-[minmax(5rem,2fr)_3fr_minmax(6rem,2fr)] items-center gap-2 rounded px-1 text-left text-[13px] hover:bg-paper aria-pressed:bg-paper aria-pressed:font-semibold"
          :aria-pressed="opened === id"
          @click="$emit('open', id)"
        >
          <span class="min-w-0 break-words">{{ name }}</span>
          <svg :viewBox="`0 0 ${WIDE} 14`" preserveAspectRatio="none" class="h-3.5 w-full" aria-hidden="true">
            <line x1="0" y1="0" x2="0" y2="14" stroke="var(--edge)" vector-effect="non-scaling-stroke" />
            <rect
              v-if="value !== null"
              x="0"
              y="2"
              height="10"
              :width="long(value)"
              :fill="opened === id ? 'var(--ink)' : 'var(--heather)'"
            />
            <line
              v-if="mark !== null"
              :x1="long(mark)"
              y1="0"
              :x2="long(mark)"
              y2="14"
              stroke="var(--ink)"
              stroke-width="2"
              vector-effect="non-scaling-stroke"
            />
          </svg>
          <span class="num">{{ value === null ? words.notWrittenDown : text }}</span>
        </button>
      </li>
    </ul>
    <p v-if="bars.some(({ mark }) => mark !== null)" class="note">{{ words.uprightLinePromised }}</p>
  </article>
</template>

<script setup lang="ts">
import type { StationStatus } from '@core/say'
import { cairnMark as words } from './words'

defineProps<{ state: StationStatus['state']; here: boolean }>()

/** State is told by shape as well as by colour. */
const WORDS: Record<StationStatus['state'], string> = {
  ready: 'ready',
  todo: words.toDo,
  look: words.lookAgain,
  stop: 'stopped',
  stale: 'stale',
}
const COLOUR: Record<StationStatus['state'], string> = {
  ready: 'text-moss',
  todo: 'text-quiet',
  look: 'text-gorse',
  stop: 'text-rowan',
  stale: 'text-gorse',
}
</script>

<template>
  <span class="relative inline-block h-9 w-8 shrink-0" :class="COLOUR[state]">
    <svg
      viewBox="0 0 32 36"
      class="h-full w-full"
      aria-hidden="true"
      :fill="state === 'ready' || here ? 'currentColor' : 'var(--paper)'"
      stroke="currentColor"
      stroke-width="1.6"
      :stroke-dasharray="state === 'stale' ? '3 2' : undefined"
    >
      <ellipse cx="16" cy="30" rx="12" ry="4.4" />
      <ellipse cx="16" cy="21" rx="9" ry="3.9" />
      <ellipse cx="16" cy="13" rx="6" ry="3.3" />
      <ellipse v-if="state === 'ready'" cx="16" cy="6.6" rx="3.4" ry="2.4" />
    </svg>
    <svg
      v-if="state === 'look' || state === 'stop' || state === 'stale'"
      viewBox="0 0 16 16"
      class="absolute -top-0.5 -right-1 h-4 w-4"
      aria-hidden="true"
    >
      <path v-if="state === 'look'" d="M8 1 15.5 14.5 H0.5 Z" fill="var(--gorse)" />
      <rect
        v-else-if="state === 'stop'"
        x="1.5"
        y="1.5"
        width="13"
        height="13"
        rx="1.5"
        fill="var(--rowan)"
      />
      <circle v-else cx="8" cy="8" r="7" fill="var(--gorse)" />
      <path v-if="state === 'stale'" d="M8 4 V8 L11 9.6" stroke="var(--paper)" stroke-width="2" fill="none" />
      <path v-else d="M8 5 V9.4 M8 11.2 V12.8" stroke="var(--paper)" stroke-width="2" />
    </svg>
    <span class="sr-only">{{ WORDS[state] }}</span>
  </span>
</template>

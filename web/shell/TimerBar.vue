<script setup lang="ts">
import { AlarmClock, X } from '@lucide/vue'
import { computed } from 'vue'
import { useTimers } from '@web/stores/timers'
import InSentence from '@web/parts/InSentence.vue'
import { timerBar as words } from './words'

/** Timers that run or rang, at every station. */
const timers = useTimers()
const clockText = (left: number): string => {
  const seconds = Math.max(0, Math.ceil(left / 1000))
  const [hours, minutes] = [Math.floor(seconds / 3600), Math.floor(seconds / 60) % 60]
  const two = (value: number): string => String(value).padStart(2, '0')
  return `${hours > 0 ? `${hours}:${two(minutes)}` : minutes}:${two(seconds % 60)}`
}
const shown = computed(() =>
  timers.timers.map((timer) => ({ ...timer, left: clockText(timer.until - timers.now) })),
)
const rang = computed(() => shown.value.filter((timer) => timer.rang))
</script>

<template>
  <section
    v-if="shown.length > 0"
    class="no-print flex flex-wrap items-center gap-x-4 gap-y-1 border-b border-line bg-sheet px-3 py-1 text-sm"
    :aria-label="words.timers"
  >
    <span
      v-for="{ id, label, left, rang: isOver } in shown"
      :key="id"
      class="flex items-center gap-1.5"
      :class="isOver ? 'font-semibold text-gorse' : ''"
    >
      <AlarmClock :size="16" aria-hidden="true" />
      <InSentence :text="words.glueOf(label)">
        <template #left>
          <span class="num" data-testid="timer">{{ isOver ? words.itHolds : left }}</span>
        </template>
      </InSentence>
      <button type="button" class="btn-icon" :aria-label="words.stopTimer(label)" @click="timers.stop(id)">
        <X :size="16" />
      </button>
    </span>
    <p class="sr-only" role="alert">
      <template v-for="{ id, label } in rang" :key="id">{{ words.glueHolds(label) }}</template>
    </p>
  </section>
</template>

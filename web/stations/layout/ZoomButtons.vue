<script setup lang="ts">
import { Maximize, ZoomIn, ZoomOut } from '@lucide/vue'
import { computed } from 'vue'
import type { useBoardZoom } from './board-zoom'

const { zoomed } = defineProps<{ zoomed: ReturnType<typeof useBoardZoom> }>()
const views = computed(() => {
  const idle = zoomed.isWhole.value
  return [
    { label: 'Closer', icon: ZoomIn, act: zoomed.closer, idle: false },
    { label: 'Farther', icon: ZoomOut, act: zoomed.farther, idle },
    { label: 'All sheets', icon: Maximize, act: zoomed.whole, idle },
  ]
})
</script>

<template>
  <div class="flex gap-1 bg-paper/80" role="group" aria-label="View of the sheets">
    <button
      v-for="{ label, icon, act, idle } in views"
      :key="label"
      type="button"
      class="btn-icon"
      :aria-label="label"
      :disabled="idle"
      @click="act"
    >
      <component :is="icon" :size="17" />
    </button>
  </div>
</template>

<script setup lang="ts">
import { Maximize, ZoomIn, ZoomOut } from '@lucide/vue'
import { computed } from 'vue'
import type { useBoardZoom } from './board-zoom'
import { zoomButtons as words } from './words'

const { zoomed } = defineProps<{ zoomed: ReturnType<typeof useBoardZoom> }>()
const views = computed(() => {
  const idle = zoomed.isWhole.value
  return [
    { label: words.closer, icon: ZoomIn, act: zoomed.closer, idle: false },
    { label: words.farther, icon: ZoomOut, act: zoomed.farther, idle },
    { label: words.allSheets, icon: Maximize, act: zoomed.whole, idle },
  ]
})
</script>

<template>
  <div class="flex gap-1 bg-paper/80" role="group" :aria-label="words.viewSheets">
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

<script setup lang="ts">
import type { Working } from '@core/working'
import { useWorking } from './working'
import { workedFigure as words } from './words'

defineProps<{ label: string; text: string; working?: Working; large?: boolean }>()
const { show } = useWorking()
</script>

<template>
  <div>
    <p class="text-[12px] text-quiet">{{ label }}</p>
    <button
      v-if="working"
      type="button"
      class="num min-h-6 cursor-pointer border-b border-dotted border-edge text-left hover:bg-sunk"
      :class="large ? 'text-xl' : 'text-sm'"
      :aria-label="words.showWorking(label, text)"
      @click="show(working)"
    >
      {{ text }}
    </button>
    <p v-else class="num" :class="large ? 'text-xl' : 'text-sm'">{{ text }}</p>
  </div>
</template>

<script setup lang="ts">
import type { Doubt } from '@core/length'

defineProps<{ doubt: Doubt }>()
defineEmits<{ use: [value: number]; keep: [] }>()
</script>

<template>
  <div class="mt-1 rounded bg-gorse-wash p-1.5 text-[13px]" role="alert">
    {{ doubt.says }}
    <span class="mt-1 flex gap-1.5">
      <button
        v-if="doubt.suggestion"
        type="button"
        class="btn px-2 py-0.5"
        @click="$emit('use', doubt.suggestion.value)"
      >
        Use {{ doubt.suggestion.label }}
      </button>
      <button type="button" class="btn px-2 py-0.5" @click="$emit('keep')">Keep it</button>
    </span>
  </div>
</template>

<script setup lang="ts">
import type { LessonId } from '@core/course'
import type { Doubt } from '@core/length'
import WhyLink from './WhyLink.vue'
import { doubtNote as words } from './words'

defineProps<{ doubt: Doubt; why?: LessonId }>()
defineEmits<{ use: [value: number]; keep: [] }>()
</script>

<template>
  <div class="mt-1 rounded bg-gorse-wash p-1.5 text-[13px]" role="alert">
    {{ doubt.says }}
    <WhyLink v-if="why" :lesson="why" />
    <span class="mt-1 flex gap-1.5">
      <button
        v-if="doubt.suggestion"
        type="button"
        class="btn px-2 py-0.5"
        @click="$emit('use', doubt.suggestion.value)"
      >
        {{ words.use(doubt.suggestion.label) }}
      </button>
      <button type="button" class="btn px-2 py-0.5" @click="$emit('keep')">{{ words.keepIt }}</button>
    </span>
  </div>
</template>

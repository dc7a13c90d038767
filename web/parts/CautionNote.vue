<script setup lang="ts">
import { TriangleAlert } from '@lucide/vue'
import type { LessonId } from '@core/course'
import WhyLink from './WhyLink.vue'
import { cautionNote as words } from './words'

defineProps<{ cautions: string[]; title?: string; why?: LessonId }>()
</script>

<template>
  <section
    v-if="cautions.length > 0"
    class="rounded-md border border-gorse bg-gorse-wash p-2.5 text-[13px]"
    :aria-label="title ?? words.lookAgain"
  >
    <h3 v-if="title" class="flex items-center gap-1.5">
      <TriangleAlert :size="16" aria-hidden="true" />
      {{ title }}
    </h3>
    <ul class="mt-1 grid gap-1">
      <li v-for="caution in cautions" :key="caution" class="flex gap-1.5">
        <TriangleAlert v-if="!title" :size="15" class="mt-0.5 shrink-0" aria-hidden="true" />
        <span>{{ caution }}</span>
      </li>
    </ul>
    <WhyLink v-if="why" :lesson="why" />
  </section>
</template>

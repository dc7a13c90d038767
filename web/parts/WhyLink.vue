<script setup lang="ts">
import { RouterLink } from 'vue-router'
import { LESSONS, type LessonId } from '@core/course'
import { whyLink as words } from './words'

/** From a warning to the lesson that shows what it is about. */
const props = defineProps<{ lesson: LessonId }>()
const title = LESSONS.find(({ id }) => id === props.lesson)!.title
</script>

<template>
  <RouterLink
    class="inline-block min-h-6 min-w-6 underline"
    :to="{ name: 'learn', params: { lesson } }"
    :aria-label="words.whyLesson(title)"
  >
    {{ words.why }}
  </RouterLink>
</template>

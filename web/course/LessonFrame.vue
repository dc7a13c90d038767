<script setup lang="ts">
import { Check, Circle, CircleDot } from '@lucide/vue'
import { computed, onMounted, ref } from 'vue'
import { LESSONS, nextGoal } from '@core/course'
import { useCourse } from './course-at'
import type { LessonOnBench } from './use-lesson'
import { lessonFrame as words } from './words'

/** What is to be done in a lesson, ticked as it is done; the bench; and what came of it. */
const props = defineProps<{ lesson: LessonOnBench<unknown, never> }>()
const course = useCourse()
const place = LESSONS.findIndex(({ id }) => id === props.lesson.id)
const goals = computed(() => props.lesson.goals.value)
const now = computed(() => nextGoal(goals.value))
const showsHint = ref(false)
const next = computed(() => course.nextTitle(props.lesson.id))
const heading = ref<HTMLElement>()
onMounted(() => {
  if (course.wasAsked()) heading.value?.focus()
})
function again(): void {
  showsHint.value = false
  props.lesson.again()
}
</script>

<template>
  <section class="card grid min-w-0 gap-3" data-lesson :aria-label="LESSONS[place].title">
    <h2 ref="heading" tabindex="-1">{{ place + 1 }}. {{ LESSONS[place].title }}</h2>
    <ol class="grid gap-1 text-sm" :aria-label="words.whatToDo">
      <li
        v-for="({ text, done }, i) in goals"
        :key="i"
        class="flex gap-1.5"
        :class="i === now ? 'font-semibold' : done ? 'text-moss' : 'text-quiet'"
      >
        <Check v-if="done" :size="18" class="shrink-0" :aria-label="words.done" />
        <CircleDot v-else-if="i === now" :size="18" class="shrink-0 text-heather" :aria-label="words.now" />
        <Circle v-else :size="18" class="shrink-0" aria-hidden="true" />
        <span>{{ text }}</span>
      </li>
    </ol>
    <slot />
    <p class="min-h-10 text-sm font-semibold" aria-live="polite" data-testid="lesson-feedback">
      {{ lesson.feedback.value }}
    </p>
    <div class="flex flex-wrap items-center gap-2">
      <button
        v-if="lesson.isDone.value && next"
        type="button"
        class="btn btn-main"
        @click="course.next(lesson.id)"
      >
        {{ words.next(next) }}
      </button>
      <button v-if="!lesson.isDone.value" type="button" class="btn" @click="showsHint = !showsHint">
        {{ showsHint ? words.hideHint : words.aHint }}
      </button>
      <button type="button" class="btn" @click="again">{{ words.startAgain }}</button>
      <p v-if="showsHint && !lesson.isDone.value" class="note w-full text-[13px]" aria-live="polite">
        {{ lesson.hint.value }}
      </p>
    </div>
  </section>
</template>

import { defineAsyncComponent, type Component } from 'vue'
import type { LessonId } from '@core/course'

/** The bench of each lesson, fetched when it is opened. */
export const LESSON_PARTS: Record<LessonId, Component> = {
  calipers: defineAsyncComponent(() => import('./lessons/CalipersLesson.vue')),
  thickness: defineAsyncComponent(() => import('./lessons/ThicknessLesson.vue')),
  kerf: defineAsyncComponent(() => import('./lessons/KerfLesson.vue')),
  compensation: defineAsyncComponent(() => import('./lessons/CompensationLesson.vue')),
  comb: defineAsyncComponent(() => import('./lessons/CombLesson.vue')),
  tabs: defineAsyncComponent(() => import('./lessons/TabsLesson.vue')),
  order: defineAsyncComponent(() => import('./lessons/OrderLesson.vue')),
  bend: defineAsyncComponent(() => import('./lessons/BendLesson.vue')),
  setting: defineAsyncComponent(() => import('./lessons/SettingLesson.vue')),
  layout: defineAsyncComponent(() => import('./lessons/LayoutLesson.vue')),
  gluing: defineAsyncComponent(() => import('./lessons/GluingLesson.vue')),
  result: defineAsyncComponent(() => import('./lessons/ResultLesson.vue')),
}

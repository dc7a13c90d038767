import { inject, type InjectionKey } from 'vue'
import type { LessonId, Notes, World } from '@core/course'

/** The course that a lesson is held in: its bench, and what is done when a lesson is through. */
export interface Course {
  world: World
  solved: (id: LessonId, notes: Notes) => void
  /** The title of the lesson after this one; empty at the end. */
  nextTitle: (id: LessonId) => string
  next: (id: LessonId) => void
  /** Whether the lesson was asked for on this page: its heading is where one goes on. */
  wasAsked: () => boolean
}
export const COURSE: InjectionKey<Course> = Symbol('course')

export function useCourse(): Course {
  const course = inject(COURSE)
  if (!course) throw new Error('useCourse: a lesson is shown within a course')
  return course
}

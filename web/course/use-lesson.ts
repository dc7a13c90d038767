import { computed, shallowRef, type ComputedRef, type ShallowRef } from 'vue'
import { isSolved, nextGoal, type Goal, type Lesson, type LessonId } from '@core/course'
import { useSay } from '@web/parts/say'
import { useCourse } from './course-at'

/** A lesson on the screen: its bench, and what is said of it. */
export interface LessonOnBench<State, Act> {
  id: LessonId
  state: ShallowRef<State>
  act: (what: Act) => void
  again: () => void
  goals: ComputedRef<Goal[]>
  feedback: ComputedRef<string>
  hint: ComputedRef<string>
  isDone: ComputedRef<boolean>
}

/** Begins a lesson on the bench of its course. It is solved by what is done on it. */
export function useLesson<State, Act>(lesson: Lesson<State, Act>): LessonOnBench<State, Act> {
  const course = useCourse()
  const say = useSay()
  const begun = (): State => lesson.begin(course.world, say.value.lengthUnit)
  const state = shallowRef(begun())
  const goals = computed(() => lesson.goals(state.value, say.value))
  function act(what: Act): void {
    state.value = lesson.act(state.value, what)
    if (isSolved(lesson, state.value, say.value)) course.solved(lesson.id, lesson.notes?.(state.value) ?? {})
  }
  return {
    id: lesson.id,
    state,
    act,
    again: () => {
      state.value = begun()
    },
    goals,
    feedback: computed(() => lesson.feedback(state.value, say.value)),
    hint: computed(() => lesson.hint(state.value, say.value)),
    isDone: computed(() => nextGoal(goals.value) < 0),
  }
}

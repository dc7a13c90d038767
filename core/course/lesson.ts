import type { LengthUnit, Say } from '../length'
import type { LessonId } from './outline'
import type { World } from './world'

/** Something to be done in a lesson, and whether it was. */
export interface Goal {
  text: string
  done: boolean
}

/** What a lesson leaves behind for the tray that all of them make. Lengths in mm, speeds in mm/s. */
export interface Notes {
  thickness?: number[]
  kerf?: number
  compensation?: number
  interference?: number
  tabWidth?: number
  speed?: number
}

/**
 * A lesson that is done with the hands: what lies on the bench, and what becomes of it by each thing that is
 * done. All of it is plain values: the same acts on the same bench end alike.
 */
export interface Lesson<State, Act> {
  id: LessonId
  begin: (world: World, unit: LengthUnit) => State
  /** The bench after something was done; the same bench where that cannot be done. */
  act: (state: State, act: Act) => State
  goals: (state: State, say: Say) => Goal[]
  /** What came of what was done last; empty at the beginning. */
  feedback: (state: State, say: Say) => string
  hint: (state: State, say: Say) => string
  notes?: (state: State) => Notes
}

export const isSolved = <S, A>(lesson: Lesson<S, A>, state: S, say: Say): boolean =>
  lesson.goals(state, say).every(({ done }) => done)

/** The first thing that is still to be done; -1 where all is. */
export const nextGoal = (goals: Goal[]): number => goals.findIndex(({ done }) => !done)

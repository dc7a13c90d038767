import { BOX } from './box'
import { FACTOR_TWO } from './factor-two'
import { HINGE } from './hinge'
import { KERF } from './kerf'
import { ORDER } from './order'
import { SETTING } from './setting'
import type { Exercise } from './types'

/** The course, in the order in which one goes through it. */
export const EXERCISES: Exercise[] = [KERF, SETTING, FACTOR_TWO, ORDER, HINGE, BOX]
export type { Answer, Answers, Exercise, Outcome, Question, Task, Trying } from './types'

import fc from 'fast-check'
import { worldOf, type Lesson } from '../../core/course'
import { IN_METRIC, sayIn, type Say } from '../../core/length'

const INCHES = sayIn({ length: 'in', fractions: false, speed: 'in/min' })
export const seeds = fc.integer({ min: 0, max: 234_255 })
export const bench = fc.record({ seed: seeds, say: fc.constantFrom(IN_METRIC, INCHES) })

/** Does one thing after another, and gives the bench after all of them. */
export const doing =
  <S, A>(lesson: Lesson<S, A>, seed: number, say: Say = IN_METRIC) =>
  (...acts: A[]): S =>
    acts.reduce(lesson.act, lesson.begin(worldOf(seed), say.lengthUnit))

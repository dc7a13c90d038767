import { expect, test } from '@jest/globals'
import fc from 'fast-check'
import { bench, seeds } from '../../scripts/testing/lessons'
import { BEND_LESSON } from './bend'
import { CALIPERS_LESSON } from './calipers'
import { COMB_LESSON } from './comb'
import { GLUING_LESSON } from './gluing'
import { KERF_LESSON } from './kerf'
import { LAYOUT_LESSON } from './layout'
import { COMPENSATION_LESSON } from './compensation'
import { ORDER_LESSON } from './order'
import { RESULT_LESSON } from './result'
import { SETTING_LESSON } from './setting'
import { TABS_LESSON } from './tabs'
import { THICKNESS_LESSON } from './thickness'
import { codeOf, isSolved, LESSON_IDS, seedOf, worldOf, type Lesson } from './index'

/** A lesson with any state: what goes for all of them. */
type Any = Lesson<never, never>
const LESSONS = [
  CALIPERS_LESSON,
  THICKNESS_LESSON,
  KERF_LESSON,
  COMPENSATION_LESSON,
  COMB_LESSON,
  TABS_LESSON,
  ORDER_LESSON,
  BEND_LESSON,
  SETTING_LESSON,
  LAYOUT_LESSON,
  GLUING_LESSON,
  RESULT_LESSON,
] as unknown as Any[]
test('twelve lessons, in the order of work; none is done before anything was done', () => {
  expect(LESSONS.map(({ id }) => id)).toEqual([...LESSON_IDS])
  fc.assert(
    fc.property(bench, ({ seed, say }) => {
      for (const lesson of LESSONS) {
        const state = lesson.begin(worldOf(seed), say.lengthUnit)
        expect(lesson.goals(state, say).length).toBeGreaterThan(1)
        expect(lesson.feedback(state, say)).toBe('')
        expect(lesson.hint(state, say)).toMatch(/[.?]$/)
        expect([lesson.id, isSolved(lesson, state, say)]).toEqual([lesson.id, false])
        expect(JSON.stringify(lesson.begin(worldOf(seed), say.lengthUnit))).toBe(JSON.stringify(state))
      }
    }),
    { numRuns: 12 },
  )
})

test('a code of four letters stands for a bench, in capitals or not', () =>
  fc.assert(
    fc.property(seeds, (seed) => {
      const code = codeOf(seed)
      expect(code).toMatch(/^[ACDEFHJKMNPRTUVWXY3479]{4}$/)
      expect([seedOf(code), seedOf(` ${code.toLowerCase()} `)]).toEqual([seed, seed])
    }),
  ))
test.each(['', 'AC', 'ACDEF', 'AC0E', 'ÄÄÄÄ'])('%p is no code', (code) => expect(seedOf(code)).toBeNull())

import { expect, test } from '@jest/globals'
import fc from 'fast-check'
import { bench, doing } from '../../scripts/testing/lessons'
import { answersOf, vernierTasks } from './answers'
import { isSolved } from './lesson'
import { LESSON_IDS } from './outline'
import { readVernier } from './scale'
import { resultAt, SETTING_LESSON } from './setting'
import { COMB_LESSON } from './comb'
import { worldOf } from './world'

const figures = (text: string): number[] => (text.match(/\d+(?:\.\d+)?/g) ?? []).map(Number)

test('every lesson has an answer, and those with figures are right on the bench itself', () =>
  fc.assert(
    fc.property(bench, ({ seed, say }) => {
      const world = worldOf(seed)
      const answers = answersOf(world, say)
      expect(Object.keys(answers)).toEqual([...LESSON_IDS])
      expect(Object.values(answers).join(' ')).not.toMatch(/undefined|NaN|Infinity/)
      // Speeds at both ends are clean, as the lesson has it.
      const inMillimetres = say.speedUnit === 'mm/s' ? 1 : 25.4 / 60
      const speeds = figures(answers.setting).map((each) => each * inMillimetres)
      expect(speeds).toHaveLength(2)
      for (const speed of speeds) {
        const lifted = [0, 1, 2, 3, 4, 5].map((square) => ({ do: 'lift', square }) as const)
        const sheet = [{ do: 'from', speed: 4 }, { do: 'to', speed: 24 }, { do: 'cut' }, ...lifted] as const
        const end = doing(SETTING_LESSON, seed, say)(...sheet, { do: 'choose', speed })
        expect(isSolved(SETTING_LESSON, end, say)).toBe(true)
        expect(resultAt(world, end.chosen!)).toBe('free') // as finely as a speed is set
      }
      // The combs that are called snug are.
      const steps = figures(answers.comb).map((step) => (say.lengthUnit === 'in' ? step * 25.4 : step))
      expect(steps.length).toBeGreaterThan(0)
      for (const step of steps) {
        const on = doing(COMB_LESSON, seed, say)
        const pair = on().steps.findIndex((each) => Math.abs(each - step) < 0.003)
        expect(on({ do: 'press', pair }).felt[pair]).toBe('snug')
      }
    }),
    { numRuns: 40 },
  ))

test('verniers on paper show what their answer says', () =>
  fc.assert(
    fc.property(bench, ({ seed, say }) => {
      for (const { scale, jaws } of vernierTasks(worldOf(seed), say.lengthUnit))
        expect(readVernier(scale, jaws)).toBeCloseTo(jaws, 6)
    }),
    { numRuns: 40 },
  ))

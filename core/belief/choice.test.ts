import { describe, expect, test } from '@jest/globals'
import fc from 'fast-check'
import { IN_METRIC as say } from '../length'
import { ORDINARY_CODE, OUR_COLOURS, type Machine } from '../machine'
import { cutEnergy, type TestRecord, type TestResult } from '../tune'
import { choiceReason, chooseSetting } from './index'

const machine: Machine = {
  id: 'm',
  name: 'bench',
  bedWidth: 600,
  bedHeight: 400,
  origin: 'front left',
  watts: 60,
  maxSpeed: 400,
  travelSpeed: 300,
  acceleration: 1500,
  colours: OUR_COLOURS,
  code: ORDINARY_CODE,
}
const stock = { id: 's', family: 'plywood' as const }
const chosenOf = (
  tests: TestRecord[],
  on: Machine,
  of: Parameters<typeof chooseSetting>[2],
  thickness: number,
  since = '',
): ReturnType<typeof chooseSetting> => chooseSetting({ tests, since, scale: 1 }, on, of, thickness)
const record = (
  id: string,
  speed: number,
  result: TestResult,
  more: Partial<TestRecord> = {},
): TestRecord => ({
  id,
  machineId: 'm',
  stockId: 's',
  family: 'plywood',
  on: '',
  thickness: 3,
  setting: { speed, power: 65, passes: 1, air: true },
  result,
  ...more,
})

describe('choosing', () => {
  test('clean before just through before charred, the quickest of them', () => {
    const tests = [
      record('a', 5, 'charred'),
      record('b', 9, 'clean'),
      record('c', 12, 'clean'),
      record('d', 15, 'just through'),
      record('e', 20, 'not through'),
    ]
    const choice = chosenOf(tests, machine, stock, 3)
    expect(choice).toMatchObject({ test: { id: 'c' }, standing: 'tested', alike: 2 })
    expect(choiceReason(choice, say)).toContain('the quickest of 2 that came out clean')
    const others = tests.filter(({ result }) => result !== 'clean')
    expect(chosenOf(others, machine, stock, 3).test?.id).toBe('d')
  })
  test('nothing tried on this stock: other stocks that took twice the rule say that it is slower', () => {
    const board = { stockId: 'other', family: 'fibreboard' as const }
    const start = chosenOf([], machine, stock, 3)
    const slow = start.setting.speed / 2
    const tests = [1, 2, 3].flatMap((i) => [
      record(`f${i}`, slow * 1.2, 'not through', board),
      record(`c${i}`, slow * 0.8, 'clean', board),
    ])
    const choice = chosenOf(tests, machine, stock, 3)
    expect(choice).toMatchObject({ from: 'other stocks', standing: 'untested', tried: 0 })
    expect(choice.setting.speed).toBeLessThan(0.75 * start.setting.speed)
    expect(choiceReason(choice, say)).toContain('From what its other stocks needed')
  })
  test('a test nearer in thickness comes first, and it is not called the quickest', () => {
    const tests = [
      record('thin', 14, 'clean', { thickness: 2.6 }),
      record('like', 11, 'clean', { thickness: 3.02 }),
    ]
    const choice = chosenOf(tests, machine, stock, 3.04)
    expect(choice.test?.id).toBe('like')
    expect(choiceReason(choice, say)).toContain('the one that came out clean nearest to 3.04 mm')
  })
  test('whatever the order in which tests were written down, the same one is chosen', () => {
    const thick = fc.integer({ min: 280, max: 330 }).map((hundredths) => hundredths / 100)
    const one = fc.record({
      speed: fc.integer({ min: 5, max: 20 }),
      thickness: thick,
      result: fc.constantFrom<TestResult>('clean', 'charred', 'just through'),
    })
    fc.assert(
      fc.property(
        fc.array(one, { minLength: 2, maxLength: 9 }),
        fc.infiniteStream(fc.nat()),
        (list, keys) => {
          const tests = list.map(({ speed, thickness, result }, i) =>
            record(`t${i}`, speed, result, { thickness }),
          )
          const shuffled = tests
            .map((test) => ({ test, key: keys.next().value! }))
            .sort((a, b) => a.key - b.key)
            .map(({ test }) => test)
          const [a, b] = [tests, shuffled].map((each) => chosenOf(each, machine, stock, 3.04))
          expect(b.test?.id).toBe(a.test?.id)
          // And it is as quick as it is said to be.
          const alike = tests.filter(
            (test) =>
              test.result === a.test!.result &&
              Math.floor(Math.abs(test.thickness - 3.04) / 0.05 + 1e-6) ===
                Math.floor(Math.abs(a.test!.thickness - 3.04) / 0.05 + 1e-6),
          )
          expect(alike).toHaveLength(a.alike)
          for (const test of alike) expect(test.setting.speed).toBeLessThanOrEqual(a.setting.speed)
        },
      ),
    )
  })
  test('a like stock of the same family only helps when its thickness is near, and is said', () => {
    const other = record('o', 12, 'clean', { stockId: 'other', thickness: 3.2 })
    const choice = chosenOf([other], machine, stock, 3)
    expect(choice).toMatchObject({ standing: 'tested on a like stock', test: { id: 'o' } })
    expect(choiceReason(choice, say)).toContain('clean on another plywood of 3.20 mm')
    for (const far of [{ thickness: 6 }, { family: 'acrylic' as const }, { machineId: 'another' }]) {
      expect(chosenOf([{ ...other, ...far }], machine, stock, 3).standing).toBe('untested')
    }
  })
  test('a test that did not go through is never chosen: what is likelier is slower', () => {
    const choice = chosenOf([record('n', 20, 'not through')], machine, stock, 3)
    expect(choice).toMatchObject({ test: null, from: 'failures', failed: 1, standing: 'untested' })
    expect(choice.setting.speed).toBeLessThan(20)
    expect(choiceReason(choice, say)).toContain('The one test on this stock did not go through')
    // Where slower is no help any more, another pass is proposed.
    const slow = chosenOf(
      [2, 2, 3].map((speed, i) => record(`s${i}`, speed, 'not through')),
      machine,
      stock,
      3,
    )
    expect(slow.setting.passes).toBeGreaterThan(1)
    expect(slow.energy).toBeGreaterThan(cutEnergy(record('n', 2, 'clean').setting, 60, 3))
  })
  test('a setting that fails as often as it goes through is not chosen, a slower one is', () => {
    const tests = [
      record('a', 20, 'not through'),
      record('b', 20, 'clean'),
      record('c', 14, 'clean'),
      record('d', 14, 'clean'),
    ]
    expect(chosenOf(tests, machine, stock, 3).test?.setting.speed).toBe(14)
    // One that went through three times of four is, and its failure is told.
    const more = [...tests, record('e', 20, 'clean'), record('f', 20, 'clean')]
    const choice = chosenOf(more, machine, stock, 3)
    expect(choice).toMatchObject({ setting: { speed: 20 }, failed: 1 })
    expect(choiceReason(choice, say)).toContain('did not go through in 1 other test')
  })
  test('a clean test from after something was done to the machine comes before a quicker one', () => {
    const tests = [
      record('old', 14, 'clean', { on: '2026-01-02' }),
      record('new', 11, 'clean', { on: '2026-03-02' }),
    ]
    expect(chosenOf(tests, machine, stock, 3, '2026-02-01').test?.id).toBe('new')
    expect(chosenOf(tests, machine, stock, 3, '').test?.id).toBe('old')
  })
  test('nothing tested: a careful start, below what is known to cut, and a test is asked for', () => {
    const board = { id: 's', family: 'fibreboard' as const }
    const choice = chosenOf([], { ...machine, watts: 150 }, board, 6)
    expect(choice.standing).toBe('untested')
    expect(choice.energy).toBeCloseTo(cutEnergy(choice.setting, 150, 6), 12)
    expect(choice.energy).toBeLessThan(0.94)
    expect(choice.energy).toBeGreaterThan(0.5)
    expect(choiceReason(choice, say)).toContain('make a test cut')
  })
})

import { describe, expect, test } from '@jest/globals'
import { runs } from '../../scripts/testing/runs'
import { tunedMakers } from '../../scripts/testing/needs'
import { cutEnergy, type TestRecord, type TestResult } from '../tune'
import { believeCut, cuttingOf, energyFor, needOf, nextTest, oddsOf } from './index'
import { believeNeed } from './need'
import type { NeedTest } from './need-model'
import { leftAfter } from './next-test'

const RULE = 0.72
const tried = (energy: number, result: TestResult, count = 1, passes = 1): NeedTest => ({
  energy,
  passes,
  result,
  off: 0,
  count,
})
const at = (energy: number, passes = 1) => ({ energy, passes })

describe('evidence moves it, whatever was thought before', () => {
  const FIRM = [{ rule: RULE, tests: [tried(0.5, 'clean', 8), tried(0.3, 'not through', 6)] }]
  const CONTRARY = [{ rule: RULE, tests: [tried(4, 'not through', 9)] }]
  // Laplace's rule of succession: after n failures in n tries a further one succeeds with odds of 1/(n + 2).
  // [PUB: Laplace, Essai philosophique sur les probabilités, 1814]
  test.each([0.1, 0.3, 0.72, 2, 7, 20])('n of n failed, or clean, at %p J/mm²', (energy) => {
    const WIDENED = [0.7, 3] // as little and as much as a record of promises may
    const ways = WIDENED.flatMap((scale) => [[], FIRM, CONTRARY].map((others) => ({ scale, others })))
    for (const { scale, others } of ways)
      for (const n of [1, 3, 20]) {
        const after = (result: TestResult): number =>
          oddsOf(believeNeed(RULE, [tried(energy, result, n)], others, scale), at(energy)).through
        expect(after('not through')).toBeLessThanOrEqual(1 / (n + 2) + 0.05)
        expect(after('clean')).toBeGreaterThanOrEqual(1 - 1 / (n + 2) - 0.05)
      }
  })
  test('three passes did not go through and four did: both are believed', () => {
    const belief = believeNeed(RULE, [tried(2.88, 'not through', 1, 3), tried(3.84, 'clean', 1, 4)])
    expect(oddsOf(belief, at(2.88, 3)).through).toBeLessThan(0.383)
    expect(oddsOf(belief, at(3.84, 4)).through).toBeGreaterThan(0.75)
    expect(energyFor(belief, 0.95, 4)).toBeGreaterThan(3.84)
  })
  test('eleven tests of its own hardly heed five of another stock', () => {
    const own = [0.6, 0.65, 0.7, 0.75]
      .map((energy) => tried(energy, 'not through'))
      .concat([0.8, 0.82, 0.85, 0.9, 0.95, 1, 1.1].map((energy) => tried(energy, 'clean')))
    for (const other of [tried(1.5, 'not through', 5), tried(0.2, 'clean', 5)])
      for (const energy of [0.7, 0.8, 0.9, 1]) {
        const [alone, beside] = [[], [{ rule: RULE, tests: [other] }]].map(
          (others) => oddsOf(believeNeed(RULE, own, others), at(energy)).through,
        )
        expect(Math.abs(alone - beside)).toBeLessThan(0.03)
      }
  })
  test('a weak tube shows in all stocks of a machine: a new one begins there, and is not bound by it', () => {
    const weak = [0, 1, 2].map(() => ({
      rule: RULE,
      tests: [tried(1.3, 'not through', 3), tried(1.7, 'clean', 3)],
    }))
    const [fresh, told] = [needOf(believeNeed(RULE, [])), needOf(believeNeed(RULE, [], weak))]
    expect(told.energy).toBeGreaterThan(1.4 * fresh.energy)
    expect(needOf(believeNeed(RULE, [tried(0.5, 'clean', 3)], weak)).high).toBeLessThan(0.8)
  })
  test('tests that contradict each other widen the noise', () => {
    const spread = (tests: NeedTest[]): number => {
      const belief = believeNeed(RULE, tests)
      return energyFor(belief, 0.95) / energyFor(belief, 0.5)
    }
    const agreeing = [tried(0.6, 'not through', 3), tried(0.9, 'clean', 3)]
    expect(spread([...agreeing, tried(0.9, 'not through', 2)])).toBeGreaterThan(1.3 * spread(agreeing))
  })
})

describe('what it says holds, in worlds it was not built for', () => {
  // Needs evenly from 0.2 to 8 times the rule, watts wrong by up to 2 either way; tests chosen one by one.
  const { held, sure } = tunedMakers('wide', runs(1280), 3)
  test('intervals of 90 % hold the need before any test, and after each', () => {
    for (const share of held) {
      expect(share).toBeGreaterThan(0.83)
      expect(share).toBeLessThan(0.985)
    }
  })
  test('what is 90 % sure goes through, once something was tried', () => {
    for (const share of sure.slice(1)) expect(share).toBeGreaterThan(0.85)
  })
})

test('more energy goes through more surely, and chars more', () => {
  const belief = believeNeed(0.75, [tried(0.9, 'clean'), tried(0.6, 'not through')])
  const odds = [0.4, 0.6, 0.75, 0.9, 1.2, 2, 4].map((energy) => oddsOf(belief, at(energy)))
  for (const [i, { through, charred }] of odds.entries()) {
    if (i > 0) expect(through).toBeGreaterThanOrEqual(odds[i - 1].through)
    if (i > 0) expect(charred).toBeGreaterThanOrEqual(odds[i - 1].charred)
  }
  expect(odds[0].through).toBeLessThan(0.1)
  expect(odds[6].charred).toBeGreaterThan(0.7)
  expect(oddsOf(belief, at(energyFor(belief, 0.95))).through).toBeCloseTo(0.95, 3)
})
test('a test narrows the doubt, and the one it asks for most', () => {
  const width = ({ low, high }: ReturnType<typeof needOf>): number => Math.log(high / low)
  const [none, own] = [believeNeed(RULE, []), believeNeed(RULE, [tried(0.7, 'just through')])]
  expect(width(needOf(own))).toBeLessThan(width(needOf(none)))
  const next = nextTest(own)
  expect(next.left).toBeLessThanOrEqual(leftAfter(own, at(0.3)) + 1e-9)
  expect(next.left).toBeLessThanOrEqual(leftAfter(own, at(1.6)) + 1e-9)
  expect(next.left).toBeLessThan(1)
})

test('records are read at their own thickness and machine; what is older than a new lens says less', () => {
  const setting = { speed: 12, power: 65, passes: 1, air: true }
  const record = (about: Partial<TestRecord>): TestRecord => ({
    id: 'a',
    machineId: 'm',
    stockId: 's',
    family: 'plywood',
    thickness: 3,
    setting,
    result: 'clean',
    on: '2026-03-01',
    ...about,
  })
  const machine = { id: 'm', watts: 60 }
  const stock = { id: 's', family: 'plywood' as const }
  const tests = [record({}), record({ stockId: 'other' }), record({ machineId: 'another' })]
  const believed = (list: TestRecord[], since = '', scale = 1) =>
    believeCut({ tests: list, since, scale }, machine, stock, 3)
  const { own, others, before } = believed(tests)
  expect([own, others, before]).toEqual([1, 1, 0])
  const odds = (list: TestRecord[], since = ''): number =>
    oddsOf(believed(list, since).need, cuttingOf(setting, 60, 3)).through
  expect(believed(tests, '2026-03-02').before).toBe(2)
  expect(odds(tests, '2026-03-02')).toBeLessThan(odds(tests))
  expect(odds([record({ on: '2026-03-03' })], '2026-03-02')).toBe(odds([record({})]))
  expect(believed([record({ on: '' })], '2026-03-02').before).toBe(1)
  // A record of promises that were kept less often than said widens what was not tried, and nothing else.
  const untried = (scale: number): number =>
    oddsOf(believed([record({ stockId: 'other' })], '', scale).need, cuttingOf(setting, 60, 3)).through
  expect(untried(2)).toBeLessThan(untried(1) - 0.02)
  const eleven = Array.from({ length: 11 }, () => record({}))
  const tried = (scale: number): number =>
    oddsOf(believed(eleven, '', scale).need, cuttingOf(setting, 60, 3)).through
  expect(Math.abs(tried(2) - tried(1))).toBeLessThan(0.01)
  // Tried on a thicker sheet of the same stock: at its own energy, with more doubt.
  expect(odds([record({ thickness: 6 })])).not.toBe(odds([record({})]))
  expect(cutEnergy(setting, 60, 6)).toBeCloseTo(cutEnergy(setting, 60, 3) / 2, 12)
})

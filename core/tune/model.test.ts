import { describe, expect, test } from '@jest/globals'
import { randomFrom } from '../statistics'
import {
  energyFor,
  learn,
  modelOf,
  nextTest,
  speedFor,
  usualEnergy,
  cutEnergy,
  type TestRecord,
  type TestResult,
} from './index'

/** A throw from the bell curve, by two even ones. */
const bell = (random: () => number): number =>
  Math.sqrt(-2 * Math.log(1 - random())) * Math.cos(2 * Math.PI * random())

/** A stock as nobody knows it: what it needs, how much cuts differ, where it chars. */
function hidden(random: () => number) {
  const need = Math.log(usualEnergy('plywood')) + 0.25 * bell(random)
  const spread = [0.03, 0.06, 0.1, 0.16][Math.floor(4 * random())]
  const chars = [0.35, 0.5, 0.65, 0.8, 1, 1.25][Math.floor(6 * random())]
  const cut = (energy: number): TestResult => {
    const more = Math.log(energy) - need + spread * bell(random)
    return more < 0 ? 'not through' : more < 0.12 ? 'just through' : more < chars ? 'clean' : 'charred'
  }
  return { need, cut }
}
const tried = (energy: number, result: TestResult) => ({ energy, result, off: 0 })

describe('what tests say of a stock', () => {
  test('nine tenths of the intervals hold the truth, and odds come true, on 300 stocks', () => {
    const random = randomFrom(20261126)
    let held = 0
    const byOdds = Array.from({ length: 5 }, () => ({ said: 0, came: 0, count: 0 }))
    for (let i = 0; i < 300; i++) {
      const { need, cut } = hidden(random)
      const tests = Array.from({ length: Math.floor(random() * 8) }, () => {
        const energy = usualEnergy('plywood') * Math.exp(0.45 * bell(random))
        return tried(energy, cut(energy))
      })
      const model = modelOf('plywood', tests, tests.length, 0)
      if (need >= Math.log(model.need.low) && need <= Math.log(model.need.high)) held++
      for (let k = 0; k < 10; k++) {
        const energy = usualEnergy('plywood') * Math.exp(0.35 * bell(random))
        const { through } = model.oddsAt(energy)
        const place = byOdds[Math.min(4, Math.floor(through * 5))]
        place.said += through
        place.came += cut(energy) === 'not through' ? 0 : 1
        place.count++
      }
    }
    expect(held / 300).toBeGreaterThan(0.86)
    expect(held / 300).toBeLessThan(0.94)
    for (const { said, came, count } of byOdds) {
      // Ten cuts of one stock come out alike: a fifth holds some 100 stocks' worth of news at most.
      expect(Math.abs(said - came) / count).toBeLessThan(0.08)
    }
    const off = byOdds.reduce((sum, { said, came }) => sum + Math.abs(said - came), 0)
    expect(off / byOdds.reduce((sum, { count }) => sum + count, 0)).toBeLessThan(0.03)
  }, 120_000)
  test('more energy goes through more surely, and chars more', () => {
    const model = modelOf('fibreboard', [tried(0.9, 'clean'), tried(0.6, 'not through')], 2, 0)
    const odds = [0.4, 0.6, 0.75, 0.9, 1.2, 2, 4].map((energy) => model.oddsAt(energy))
    for (const [i, { through, charred }] of odds.entries()) {
      if (i > 0) expect(through).toBeGreaterThanOrEqual(odds[i - 1].through)
      if (i > 0) expect(charred).toBeGreaterThanOrEqual(odds[i - 1].charred)
    }
    expect(odds[0].through).toBeLessThan(0.05)
    expect(odds[6].charred).toBeGreaterThan(0.8)
    expect(model.oddsAt(energyFor(model, 0.95)).through).toBeCloseTo(0.95, 3)
  })
  test('a test narrows the doubt, one on another stock less, and the one it asks for most', () => {
    const width = ({ need: { low, high } }: ReturnType<typeof modelOf>): number => Math.log(high / low)
    const none = modelOf('plywood', [], 0, 0)
    const own = modelOf('plywood', [tried(0.7, 'just through')], 1, 0)
    const other = modelOf('plywood', [{ energy: 0.7, result: 'just through', off: 0.12 }], 0, 1)
    expect(width(own)).toBeLessThan(width(other))
    expect(width(other)).toBeLessThan(width(none))
    const next = nextTest(own)
    expect(next.left).toBeLessThanOrEqual(own.leftAt(0.4) + 1e-9)
    expect(next.left).toBeLessThanOrEqual(own.leftAt(1.4) + 1e-9)
    expect(next.left).toBeLessThan(1)
  })
  // The same stocks, the same count of tests: chosen one by one, or a fixed grid about the usual energy.
  test('four tests that are chosen tell as much as a fixed grid of six', () => {
    const random = randomFrom(7)
    const [chosen, grid] = [[] as number[], [] as number[]]
    for (let i = 0; i < 30; i++) {
      const { need, cut } = hidden(random)
      const tests: ReturnType<typeof tried>[] = []
      for (let k = 0; k < 4; k++) {
        const { energy } = nextTest(modelOf('plywood', tests, tests.length, 0))
        tests.push(tried(energy, cut(energy)))
      }
      const fixed = [0.55, 0.75, 0.95, 1.15, 1.35, 1.6].map((times) => {
        const energy = usualEnergy('plywood') * times
        return tried(energy, cut(energy))
      })
      const off = (list: typeof tests): number =>
        Math.abs(Math.log(modelOf('plywood', list, list.length, 0).need.energy) - need)
      chosen.push(off(tests))
      grid.push(off(fixed))
    }
    const mean = (list: number[]): number => list.reduce((sum, each) => sum + each, 0) / list.length
    expect(mean(chosen)).toBeLessThan(1.1 * mean(grid))
  }, 120_000)
})

test('records are read at their own thickness and machine; speed and energy go both ways', () => {
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
  const tests = [
    record({}),
    record({ stockId: 'other' }),
    record({ machineId: 'another' }),
    record({ family: 'card', stockId: 'c' }),
  ]
  const model = learn(tests, machine, stock)
  expect([model.own, model.like, model.before]).toEqual([1, 1, 0])
  // A lens that was changed since: the same tests say less, and one that was made after it as much as ever.
  const span = ({ need: { low, high } }: ReturnType<typeof learn>): number => Math.log(high / low)
  const since = learn(tests, machine, stock, '2026-03-02')
  expect(since.before).toBe(2)
  expect(span(since)).toBeGreaterThan(1.05 * span(model))
  const again = learn([record({ on: '2026-03-03' })], machine, stock, '2026-03-02')
  expect([again.before, span(again)]).toEqual([0, span(learn([record({})], machine, stock))])
  expect(learn([record({ on: '' })], machine, stock, '2026-03-02').before).toBe(1)
  const full = { ...machine, maxSpeed: 400 }
  const energy = cutEnergy(setting, 60, 3)
  expect(speedFor(energy, setting, full, 3)).toBe(12)
  expect(speedFor(energy / 100, setting, full, 3)).toBe(400)
  expect(speedFor(energy * 30, setting, full, 3)).toBeCloseTo(0.4, 6)
})

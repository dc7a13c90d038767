import { describe, expect, test } from '@jest/globals'
import { covered, gauss, METHODS, typed, uniform } from '../../scripts/testing/bench-hand'
import { CALIPER_SD } from '../statistics'
import { kerfFromSlots, kerfFromSquares, readComb } from './index'

// A stated interval is a promise. It is simulated with the hand and the rounding of a real bench: readings
// are typed in steps of 0.01 mm, by hands from very steady to the usual one.
const { ceil, round } = Math // looked up once: a look-up of a global is slow where tests run

describe.each(Object.keys(METHODS))('%s: of 95 % intervals', (name) => {
  const RUNS = 6000
  test.each([0.002, 0.005, 0.01])('at least 94 % hold the truth, with a hand of %p mm', (hand) => {
    for (const n of [2, 3, 5]) {
      expect(covered(RUNS, (kerf) => METHODS[name](kerf, n, hand))).toBeGreaterThanOrEqual(0.94)
    }
  })
  test('sure where it may be: five pieces and the usual hand, no more than 97.5 %', () =>
    expect(covered(RUNS, (kerf) => METHODS[name](kerf, 5, 0.01))).toBeLessThanOrEqual(0.975))
})

test('a hand twice as unsteady as usual shows in its own spread', () => {
  expect(covered(6000, (kerf) => METHODS.squares(kerf, 5, 0.02))).toBeGreaterThanOrEqual(0.94)
})
test('two squares that agree by chance are not surer than calipers', () => {
  const { doubt } = kerfFromSquares(25, { xs: [24.84, 24.86], ys: [24.86, 24.84] })
  expect(doubt).toBeGreaterThan(0.007)
})
test('a strip read once', () => {
  const share = covered(6000, (kerf) => METHODS.strip(kerf, 1, 0.01))
  expect(share).toBeGreaterThanOrEqual(0.94)
  expect(share).toBeLessThanOrEqual(0.975)
})
test('a slot gauge', () => {
  const share = covered(6000, (kerf) => {
    const [step, thickness] = [0.02, 3.0 + 0.2 * uniform()]
    const first = 2.4 + step * uniform()
    const entered = first + step * ceil((thickness - kerf - first) / step)
    return kerfFromSlots(entered, step, { mean: typed(thickness, CALIPER_SD), sd: CALIPER_SD })
  })
  expect(share).toBeGreaterThanOrEqual(0.94)
  expect(share).toBeLessThanOrEqual(0.975)
})
test('a comb, for the taste', () => {
  const share = covered(6000, (taste) => {
    const [kerf, step] = [0.1 + 0.2 * uniform(), 0.01]
    const wanted = kerf / 2 + taste / 2
    const offset = step * uniform()
    const best = offset + step * round((wanted - offset) / step)
    const measured = { width: kerf + 0.006 * gauss(), sd: 0.006 }
    const comb = readComb(best, step, measured, { offset: 0, sd: 0 })
    return { width: comb.taste, doubt: comb.tasteDoubt }
  })
  expect(share).toBeGreaterThanOrEqual(0.94)
  expect(share).toBeLessThanOrEqual(0.975)
})

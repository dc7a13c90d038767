import { describe, expect, test } from '@jest/globals'
import { randomNormal, randomUniform } from '../../scripts/testing/random'
import { CALIPER_SD } from '../statistics'
import { kerfFromSlots, kerfFromSquares, kerfFromStrip, readComb } from './index'

// A stated interval is a promise. It is simulated with the hand and the rounding of a real bench: readings are typed in
// steps of 0.01 mm, by hands from very steady to the usual one.
const { round, ceil, abs } = Math // looked up once: a look-up of a global is slow where tests run
const gauss = randomNormal(4242)
const uniform = randomUniform(99)
const typed = (truth: number, hand: number): number => round((truth + hand * gauss()) * 100) / 100

interface Interval {
  width: number
  doubt: number | null
}
function covered(runs: number, once: (kerf: number) => Interval): number {
  let inside = 0
  for (let i = 0; i < runs; i++) {
    const kerf = 0.05 + 0.3 * uniform()
    const { width, doubt } = once(kerf)
    if (abs(width - kerf) <= doubt! + 1e-12) inside++
  }
  return inside / runs
}

const METHODS: Record<string, (kerf: number, n: number, hand: number) => Interval> = {
  squares(kerf, n, hand) {
    const read = () => Array.from({ length: n }, () => typed(25 - kerf, hand))
    return kerfFromSquares(25, { xs: read(), ys: read() })
  },
  'squares of a beam that is not round'(kerf, n, hand) {
    const read = (k: number) => Array.from({ length: n }, () => typed(25 - k, hand))
    return kerfFromSquares(25, { xs: read(kerf + 0.03), ys: read(kerf - 0.03) })
  },
  'squares read one way'(kerf, n, hand) {
    return kerfFromSquares(25, { xs: Array.from({ length: n }, () => typed(25 - kerf, hand)), ys: [] })
  },
  strip(kerf, n, hand) {
    return kerfFromStrip(
      10,
      Array.from({ length: n }, () => typed(10 * kerf, hand)),
    )
  },
}

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

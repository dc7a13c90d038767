import { describe, expect, test } from '@jest/globals'
import fc from 'fast-check'
import jstat from 'jstat'
import { randomNormal } from '../../scripts/testing/random'
import {
  evenPlusNormal95,
  halfWithFloor,
  normalBelow,
  outliers,
  studentBelow,
  studentQuantile,
  summarise,
} from './index'

const { studentt, normal, stdev } = jstat as {
  studentt: { inv: (p: number, df: number) => number; cdf: (t: number, df: number) => number }
  normal: { cdf: (x: number, mean: number, sd: number) => number }
  stdev: (values: number[], isSample: boolean) => number
}

describe('Student’s t', () => {
  // Published: NIST/SEMATECH e-Handbook of Statistical Methods, 1.3.6.7.2, upper 2.5 % column (values from
  // memory).
  test.each([
    [1, 12.706],
    [2, 4.303],
    [4, 2.776],
    [9, 2.262],
    [29, 2.045],
    [100, 1.984],
  ])('the 97.5 % point with %p degrees of freedom', (freedom, t) =>
    expect(studentQuantile(0.975, freedom)).toBeCloseTo(t, 3),
  )
  test('agrees with jstat, a statistics library', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 200 }),
        fc.double({ min: 0.51, max: 0.9995, noNaN: true }),
        (freedom, p) => {
          expect(Math.abs(studentQuantile(p, freedom) / studentt.inv(p, freedom) - 1)).toBeLessThan(1e-5)
          expect(studentBelow(-1.3, freedom)).toBeCloseTo(studentt.cdf(-1.3, freedom), 7)
        },
      ),
      { numRuns: 100 },
    )
  })
})
test('the normal distribution agrees with jstat', () => {
  for (let z = -4; z <= 4; z += 0.25) expect(normalBelow(z)).toBeCloseTo(normal.cdf(z, 0, 1), 6)
})

// Published: NIST/SEMATECH e-Handbook, 1.3.5.2, confidence limits for the mean of ZARR13: N = 195, mean
// 9.261460, standard deviation 0.022789, t = 1.972, interval 9.258242 to 9.264679 (values from memory).
test('the interval of a published example', () => {
  const half = (studentQuantile(0.975, 194) * 0.022789) / Math.sqrt(195)
  expect(studentQuantile(0.975, 194)).toBeCloseTo(1.972, 3)
  expect([9.26146 - half, 9.26146 + half].map((value) => Number(value.toFixed(4)))).toEqual([9.2582, 9.2647])
})
test('spread and interval of readings agree with jstat', () => {
  const readings = fc.array(fc.integer({ min: 250, max: 350 }), { minLength: 2, maxLength: 12 })
  fc.assert(
    fc.property(readings, (hundredths) => {
      const values = hundredths.map((value) => value / 100)
      const { sd, half } = summarise(values)
      const own = stdev(values, true)
      expect(sd).toBeCloseTo(own, 9)
      const t = studentt.inv(0.975, values.length - 1)
      expect(half).toBeCloseTo((t * own) / Math.sqrt(values.length), 5)
    }),
    { seed: 20261128 },
  )
})
test('one reading has no interval, none cannot be summarised', () => {
  expect(summarise([3.02])).toEqual({ n: 1, mean: 3.02, sd: 0, half: null })
  expect(() => summarise([])).toThrow('no readings')
})

// The usual hand, read in steps of 0.01. The band is what the floor comes to, give or take two standard
// deviations of so many runs: a lower floor breaks a promise, a higher one is doubt that nobody has.
test.each([
  [2, 0.966, 0.972],
  [5, 0.961, 0.967],
])('of %p readings, 95 %% intervals hold the truth and are no wider than need be', (n, least, most) => {
  const gauss = randomNormal(20261128 + n)
  const RUNS = 20_000
  let held = 0
  for (let i = 0; i < RUNS; i++) {
    const truth = 3 + 0.01 * (i / RUNS)
    const readings = Array.from({ length: n }, () => Math.round((truth + 0.01 * gauss()) * 100) / 100)
    const { mean, half } = summarise(readings)
    if (Math.abs(mean - truth) <= halfWithFloor(half, n)) held++
  }
  expect(held / RUNS).toBeGreaterThan(least)
  expect(held / RUNS).toBeLessThan(most)
})

describe('a step of a gauge beside a reading', () => {
  test('by themselves: 95 % of an even spread, 1.96 standard deviations', () => {
    expect(evenPlusNormal95(0.05, 0)).toBeCloseTo(0.0475, 9)
    expect(evenPlusNormal95(0, 0.01)).toBeCloseTo(0.0196, 5)
  })
  test('together they hold 95 % of simulated sums', () => {
    const half = evenPlusNormal95(0.05, 0.02)
    let [seed, inside] = [1, 0]
    const random = () => ((seed = (seed * 1103515245 + 12345) % 2147483648) + 0.5) / 2147483648
    for (let i = 0; i < 40000; i++) {
      const gauss = Math.sqrt(-2 * Math.log(random())) * Math.cos(2 * Math.PI * random())
      if (Math.abs((random() * 2 - 1) * 0.05 + gauss * 0.02) <= half) inside++
    }
    expect(inside / 40000).toBeCloseTo(0.95, 2)
  })
})

// Published: NIST/SEMATECH e-Handbook, 1.3.5.17.1: of 199.31 199.53 200.19 200.82 201.92 201.95 202.18
// 245.57
// the last is an outlier (from memory).
test('Grubbs’ test points out the published outlier, and nothing among like readings', () => {
  expect(outliers([199.31, 199.53, 200.19, 200.82, 201.92, 201.95, 202.18, 245.57])).toEqual([7])
  expect(outliers([3.02, 3.05, 3.04, 3.03])).toEqual([])
  expect(outliers([3, 3, 3])).toEqual([])
  // Of three readings two are often the same once they are rounded: that makes the third no slip.
  expect(outliers([2, 2, 2.01])).toEqual([])
  expect(outliers([2, 2, 2.05])).toEqual([])
  expect(outliers([2, 2, 2.4])).toEqual([2])
})
// Published: Grubbs' critical values, two-sided at 5 % (Grubbs, Beck, Technometrics 14, 1972; from memory).
test.each([
  [4, 1.481],
  [6, 1.887],
  [8, 2.126],
  [10, 2.29],
  [15, 2.549],
  [20, 2.709],
])('of %p readings, one is pointed out from %p standard deviations on', (n, critical) => {
  const like = Array.from({ length: n - 1 }, (_, i) => 3 + 0.01 * (i % 3))
  const withFar = (far: number): number[] => [...like, far]
  const distance = (far: number): number => {
    const { mean, sd } = summarise(withFar(far))
    return (far - mean) / sd
  }
  /** Where the last one is so many standard deviations off: farther out it is more. */
  const at = (wanted: number): number => {
    let [low, high] = [3.02, 13]
    for (let i = 0; i < 60; i++) {
      const middle = (low + high) / 2
      if (distance(middle) < wanted) low = middle
      else high = middle
    }
    return high
  }
  expect(outliers(withFar(at(critical - 0.003)), 0)).toEqual([])
  expect(outliers(withFar(at(critical + 0.003)), 0)).toContain(n - 1)
})

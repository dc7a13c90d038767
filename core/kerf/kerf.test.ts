import { describe, expect, test } from '@jest/globals'
import fc from 'fast-check'
import { randomNormal, randomUniform } from '../../scripts/testing/random'
import { halfWidthFor } from '../statistics'
import {
  adviseNext,
  CALIPER_SD,
  compensationFor,
  doubtKerf,
  eventsSince,
  kerfFromSlots,
  kerfFromSquares,
  kerfFromStrip,
  kerfOf,
  moreSquares,
  newestKerf,
  readComb,
  stripDoubt,
  type KerfRecord,
} from './index'

// Common practice, no source: side 1 in, mean 0.9936 in gives a kerf of 0.0064 in = 0.16256 mm, 0.08128 mm per side.
test('kerf from squares: the worked example in inches', () => {
  const { width } = kerfFromSquares(25.4, [0.9936 * 25.4], [0.9936 * 25.4])
  expect(width).toBeCloseTo(0.16256, 9)
  expect(width / 25.4).toBeCloseTo(0.0064, 9)
  expect(compensationFor(width)).toBeCloseTo(0.08128, 9)
})

test('kerf from squares: each direction by itself, and a beam that is not round', () => {
  expect(kerfFromSquares(25, [24.8, 24.84], [24.86, 24.86]).notes[0]).toContain('not round')
  const { kx, ky, width } = kerfFromSquares(25, [24.8, 24.84], [24.86, 24.86])
  expect([kx, ky, width].map((value) => Number(value!.toFixed(6)))).toEqual([0.18, 0.14, 0.16])
  expect(() => kerfFromSquares(25, [], [24.9])).toThrow('at least one')
})

test('squares cut with any kerf give it back', () => {
  fc.assert(
    fc.property(
      fc.double({ min: 0.02, max: 0.6, noNaN: true }),
      fc.integer({ min: 10, max: 100 }),
      (kerf, side) =>
        Math.abs(kerfFromSquares(side, [side - kerf, side - kerf], [side - kerf, side - kerf]).width - kerf) <
        1e-9,
    ),
  )
})

describe('doubtKerf names the slip', () => {
  test.each([
    [0.0064, 0.16256, 'inches'],
    [0.0165, 0.165, 'decimal point'],
    [0.7, 0.35, 'factor two'],
    [1.6, 0.16, 'decimal point'],
    [160, 0.16, 'micrometres'],
    [15, 0.15, 'left out'],
    [0.001, 0.0254, 'inches'],
  ])('%p mm', (value, meant, slip) => {
    const doubt = doubtKerf(value)
    expect(doubt?.suggestion?.value).toBeCloseTo(meant, 3)
    expect(doubt?.says).toContain(slip)
  })
  test('a plausible kerf is not doubted', () =>
    expect([0.02, 0.16, 0.6].map((value) => doubtKerf(value))).toEqual([null, null, null]))
  test('half or double of what this machine takes elsewhere is asked about', () => {
    expect(doubtKerf(0.08, [0.16])).toMatchObject({ suggestion: { value: 0.16 } })
    expect(doubtKerf(0.08, [0.16])?.says).toContain('per side')
    expect(doubtKerf(0.31, [0.16, 0.15])?.says).toContain('both sides')
    expect(doubtKerf(0.17, [0.16])).toBeNull()
  })
  test('what no slip explains is to be measured again', () => expect(doubtKerf(0)?.suggestion).toBeNull())
})

test('without a record a kerf is assumed, and says so', () => {
  expect(kerfOf(null)).toMatchObject({ width: 0.15, measured: false })
  expect(kerfOf({ width: 0.2, doubt: null, how: '' })).toMatchObject({
    perSide: 0.1,
    measured: true,
    doubt: 0.02,
  })
  expect(kerfOf({ width: 0.2, doubt: 0.05, how: '', method: 'guess' })).toMatchObject({
    measured: false,
    doubt: 0.05,
    working: { note: expect.not.stringContaining('It holds for') },
  })
})

describe('the other methods', () => {
  // From memory: a strip cut by N lines, pieces pushed together, k = gap ÷ N.
  test('a slit strip divides the gap and its doubt by the lines', () => {
    const { width, doubt } = kerfFromStrip(10, [1.6])
    expect(width).toBeCloseTo(0.16, 12)
    expect(doubt).toBeCloseTo((1.959964 * CALIPER_SD) / 10, 6)
    expect(() => kerfFromStrip(10, [])).toThrow('at least once')
  })
  test('ten lines beat five squares', () =>
    expect(stripDoubt(10, 1)).toBeLessThan(halfWidthFor(CALIPER_SD / Math.SQRT2, 5)))
  test('a slot gauge: the sheet enters the slot that is as wide as it is thick', () => {
    const { width, doubt } = kerfFromSlots(2.9, 0.02, 3.04, 0)
    expect(width).toBeCloseTo(0.15, 9)
    expect(doubt).toBeCloseTo(0.0095, 9)
    expect(kerfFromSlots(3.2, 0.02, 3.04, 0).notes).toHaveLength(1)
  })
  // Common practice, no source: i = 2·(best step − k/2); one step of 0.01 per side is felt.
  test('a comb tells taste where the kerf is known, and kerf where the taste is', () => {
    const { taste, kerfIfTaste } = readComb(
      0.07,
      0.01,
      { width: 0.12, sd: 0.005 },
      { offset: 0.02, sd: 0.005 },
    )
    expect(taste).toBeCloseTo(0.02, 12)
    expect(kerfIfTaste).toBeCloseTo(0.12, 12)
  })
  test('a reading that does not belong is pointed out and still counted', () => {
    const result = kerfFromSquares(
      25,
      [24.84, 24.85, 24.84, 24.85, 24.48],
      [24.84, 24.84, 24.85, 24.84, 24.85],
    )
    expect(result.odd).toEqual([8])
    expect(result.kx).toBeCloseTo(25 - (24.84 + 24.85 + 24.84 + 24.85 + 24.48) / 5, 9)
  })
})

describe('of 95 % intervals from simulated readings, 93 to 97 % hold the true kerf', () => {
  const gauss = randomNormal(4242)
  const uniform = randomUniform(99)
  const covered = (runs: number, once: (kerf: number) => { width: number; doubt: number | null }): number => {
    let inside = 0
    for (let i = 0; i < runs; i++) {
      const kerf = 0.05 + 0.3 * uniform()
      const { width, doubt } = once(kerf)
      if (Math.abs(width - kerf) <= doubt!) inside++
    }
    return inside / runs
  }
  const within = (share: number) => {
    expect(share).toBeGreaterThan(0.93)
    expect(share).toBeLessThan(0.97)
  }
  const reading = (true_: number) => true_ + CALIPER_SD * gauss()

  // Readings as they are typed, in steps of the display: where the hand is steadier than that, all of them agree and are all off alike.
  const typed = (true_: number) => Math.round((true_ + 0.002 * gauss()) * 100) / 100
  test('and no fewer when calipers show hundredths', () => {
    for (const n of [2, 3, 5]) {
      expect(
        covered(900, (kerf) => {
          const read = () => Array.from({ length: n }, () => typed(25 - kerf))
          return kerfFromSquares(25, read(), read())
        }),
      ).toBeGreaterThan(0.93)
      expect(
        covered(900, (kerf) =>
          kerfFromStrip(
            10,
            Array.from({ length: n }, () => typed(10 * kerf)),
          ),
        ),
      ).toBeGreaterThan(0.93)
    }
    expect(kerfFromSquares(25, [24.84, 24.84], [24.84, 24.84]).doubt).toBe(0.005)
  })
  test.each([3, 5, 10])('%p squares', (n) =>
    within(
      covered(1800, (kerf) => {
        const read = () => Array.from({ length: n }, () => reading(25 - kerf))
        return kerfFromSquares(25, read(), read())
      }),
    ),
  )
  test('squares of a beam that is not round', () =>
    within(
      covered(1800, (kerf) => {
        const read = (k: number) => Array.from({ length: 5 }, () => reading(25 - k))
        return kerfFromSquares(25, read(kerf + 0.03), read(kerf - 0.03))
      }),
    ))
  test.each([1, 3, 5])('a strip, gap read %p times', (n) =>
    within(
      covered(1800, (kerf) =>
        kerfFromStrip(
          10,
          Array.from({ length: n }, () => reading(10 * kerf)),
        ),
      ),
    ),
  )
  test('a slot gauge', () =>
    within(
      covered(1800, (kerf) => {
        const [step, thickness] = [0.02, 3.0 + 0.2 * uniform()]
        const first = 2.4 + step * uniform()
        const entered = first + step * Math.ceil((thickness - kerf - first) / step)
        return kerfFromSlots(entered, step, reading(thickness), CALIPER_SD)
      }),
    ))
  test('a comb, for the taste', () =>
    within(
      covered(1800, (taste) => {
        const [kerf, step] = [0.1 + 0.2 * uniform(), 0.01]
        const wanted = kerf / 2 + taste / 2
        const offset = step * uniform()
        const best = offset + step * Math.round((wanted - offset) / step)
        const { taste: width, tasteDoubt: doubt } = readComb(
          best,
          step,
          { width: kerf + 0.006 * gauss(), sd: 0.006 },
          { offset: 0, sd: 0 },
        )
        return { width, doubt }
      }),
    ))
})

describe('what to do next is computed', () => {
  const odds = { word: 'snug', now: 0.7, with: (doubt: number) => Math.max(0, 1 - doubt * 5) }
  test('good enough when the wanted word is likely already', () => {
    const [advice, ...more] = adviseNext(0.01, 'squares', { sd: 0.01, n: 5 }, { ...odds, now: 0.97 })
    expect(more).toEqual([])
    expect(advice.says).toBe(
      'Good enough: the fit is 97 % snug already. Another reading would change nothing at the bench.',
    )
  })
  test('as many more squares as halve the doubt', () => {
    const { more, doubtAfter } = moreSquares(0.01, 3)!
    expect(doubtAfter).toBeLessThanOrEqual(halfWidthFor(0.01, 3) / 2)
    expect(halfWidthFor(0.01, 3 + more - 1)).toBeGreaterThan(halfWidthFor(0.01, 3) / 2)
    expect(
      adviseNext(halfWidthFor(0.01, 3), 'squares', { sd: 0.01, n: 3 }, odds).find(
        ({ kind }) => kind === 'more squares',
      )!.says,
    ).toMatch(/^2 more squares would bring the doubt from 0.025 to about 0.012 mm/)
  })
  test('a strip when it beats that, a second square when there is one only', () => {
    expect(adviseNext(0.025, 'squares', { sd: 0.01, n: 3 }, odds)[0]).toMatchObject({ kind: 'strip' })
    expect(adviseNext(null, 'squares', { sd: 0, n: 1 }, odds).map(({ kind }) => kind)).toEqual([
      'strip',
      'first',
    ])
    expect(adviseNext(stripDoubt(), 'strip', null, odds)).toEqual([])
  })
  test('a strip whose readings scatter is read again, not cut again', () => {
    const { doubt } = kerfFromStrip(10, [1.62, 1.4, 1.58])
    expect(adviseNext(doubt, 'strip', null, odds)).toMatchObject([
      { kind: 'again', doubtAfter: stripDoubt() },
    ])
  })
})

test('the newest record of machine and stock is used, and events make older ones "before"', () => {
  const record = (id: string, on: string, more: Partial<KerfRecord> = {}): KerfRecord => ({
    id,
    machineId: 'm',
    stockId: 's',
    width: 0.1,
    doubt: null,
    kx: null,
    ky: null,
    method: 'typed',
    setting: '',
    how: '',
    on,
    ...more,
  })
  const records = [
    record('old', '2026-01-01'),
    record('new', '2026-03-01'),
    record('else', '2026-05-01', { stockId: 'x' }),
  ]
  expect(newestKerf(records, 'm', ['s'])?.id).toBe('new')
  expect(newestKerf(records, 'm', ['s', 'x'])?.id).toBe('else')
  expect(newestKerf(records, 'm', [undefined])).toBeNull()
  const lens = { id: 'e', machineId: 'm', on: '2026-02-01', what: 'new lens' }
  expect(eventsSince(records[0], [lens])).toEqual([lens])
  expect(eventsSince(records[1], [lens])).toEqual([])
})

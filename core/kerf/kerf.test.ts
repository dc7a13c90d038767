import { describe, expect, test } from '@jest/globals'
import fc from 'fast-check'
import { IN_METRIC as say } from '../length'
import { CALIPER_SD, halfWidthFor } from '../statistics'
import {
  adviseNext,
  combEndNote,
  compensationFor,
  compensations,
  doubtKerf,
  doubtPerSide,
  eventsSince,
  kerfFromSlots,
  kerfFromSquares,
  kerfFromStrip,
  kerfNotes,
  kerfUnusable,
  kerfOf,
  kerfWorking,
  moreSquares,
  newestKerf,
  readComb,
  resultWorking,
  stripDoubt,
  type KerfRecord,
} from './index'

describe('kerf from squares', () => {
  // Common practice, no source: side 1 in, mean 0.9936 in gives a kerf of 0.0064 in = 0.16256 mm, 0.08128 mm
  // per side.
  test('the worked example in inches', () => {
    const { width } = kerfFromSquares(25.4, { xs: [0.9936 * 25.4], ys: [0.9936 * 25.4] })
    expect(width).toBeCloseTo(0.16256, 9)
    expect(width / 25.4).toBeCloseTo(0.0064, 9)
    expect(compensationFor(width)).toBeCloseTo(0.08128, 9)
  })
  test('each direction by itself, and a beam that is not round', () => {
    const result = kerfFromSquares(25, { xs: [24.8, 24.84], ys: [24.86, 24.86] })
    expect(kerfNotes(result, say)[0]).toContain('not round: 0.180 mm across, 0.140 mm along')
    expect([result.kx, result.ky, result.width].map((value) => Number(value!.toFixed(6)))).toEqual([
      0.18, 0.14, 0.16,
    ])
    expect(resultWorking(result, say).substituted).toBe(
      '(0.180 + 0.140) ÷ 2 = 0.160 mm, c = 0.080 mm per side',
    )
  })
  test('read one way only they are taken as they are, not for half as many', () => {
    const result = kerfFromSquares(25, { xs: [24.84, 24.86, 24.85, 24.85], ys: [] })
    expect(result).toMatchObject({ kx: expect.closeTo(0.15, 9), ky: null, width: expect.closeTo(0.15, 9) })
    expect(result.basis).toMatchObject({ squares: 4, ways: 1 })
    expect(kerfNotes(result, say).join()).toContain('Read one way only')
    expect(resultWorking(result, say).formula).toBe('k = a − mean x')
  })
  test('without readings, or with another number each way, there is nothing to work out', () => {
    expect(() => kerfFromSquares(25, { xs: [], ys: [] })).toThrow('at least one')
    expect(() => kerfFromSquares(25, { xs: [24.9], ys: [24.9, 24.8] })).toThrow('the same ways')
  })
  test('squares cut with any kerf give it back', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.02, max: 0.6, noNaN: true }),
        fc.integer({ min: 10, max: 100 }),
        (kerf, side) => {
          const read = [side - kerf, side - kerf]
          return Math.abs(kerfFromSquares(side, { xs: read, ys: read }).width - kerf) < 1e-9
        },
      ),
    )
  })
})

describe('a kerf typed names the slip', () => {
  test.each([
    [0.0064, 0.16256, 'inches'],
    [0.0165, 0.165, 'decimal point'],
    [0.7, 0.35, 'factor two'],
    [1.6, 0.16, 'decimal point'],
    [160, 0.16, 'micrometres'],
    [15, 0.15, 'left out'],
    [0.001, 0.0254, 'inches'],
  ])('%p mm', (value, meant, slip) => {
    const doubt = doubtKerf(value, [], say)
    expect(doubt?.suggestion?.value).toBeCloseTo(meant, 3)
    expect(doubt?.says).toContain(slip)
  })
  test('a plausible kerf is not doubted', () =>
    expect([0.02, 0.16, 0.6].map((value) => doubtKerf(value, [], say))).toEqual([null, null, null]))
  test('half or double of what this machine takes elsewhere is asked about', () => {
    expect(doubtKerf(0.08, [0.16], say)).toMatchObject({ suggestion: { value: 0.16 } })
    expect(doubtKerf(0.08, [0.16], say)?.says).toContain('per side')
    expect(doubtKerf(0.31, [0.16, 0.15], say)?.says).toContain('both sides')
    expect(doubtKerf(0.17, [0.16], say)).toBeNull()
  })
  test('what no slip explains is to be measured again', () =>
    expect(doubtKerf(0, [], say)?.suggestion).toBeNull())
  test('per side: a usual full width in the wrong field is asked about, and so is one in inches', () => {
    expect(doubtPerSide(0.2, [], say)).toMatchObject({
      suggestion: { value: 0.1 },
      says: expect.stringContaining('Is 0.2 mm the full width?'),
    })
    expect(doubtPerSide(0.004, [], say)).toMatchObject({
      suggestion: { value: expect.closeTo(0.1016, 3) },
      says: expect.stringContaining('inches'),
    })
    expect([0.05, 0.08, 0.17].map((value) => doubtPerSide(value, [], say))).toEqual([null, null, null])
  })
})

describe('the kerf of a job', () => {
  test('without a record it is assumed, and says so', () => {
    expect(kerfOf(null)).toMatchObject({ width: 0.15, measured: false, id: null })
    expect(kerfWorking(kerfOf(null), say).note).toContain('Not measured')
    expect(kerfOf({ width: 0.2, doubt: null, how: '' })).toMatchObject({
      perSide: 0.1,
      measured: true,
      doubt: 0.02,
    })
    const guess = kerfOf({ id: 'g', width: 0.2, doubt: 0.05, how: '', method: 'guess' })
    expect(guess).toMatchObject({ measured: false, doubt: 0.05 })
    expect(kerfWorking(guess, say).note).not.toContain('It holds for')
  })
  test('a beam that is not round has two, with a larger doubt each; one that only seems so has one', () => {
    const oval = kerfOf({ width: 0.15, doubt: 0.006, how: '', kx: 0.18, ky: 0.12 })
    expect(oval.round).toBe(false)
    expect(compensations(oval)).toEqual({ x: 0.09, y: 0.06 })
    expect(oval.by.x.sd).toBeCloseTo(oval.sd * Math.SQRT2, 12)
    expect(kerfOf({ width: 0.15, doubt: 0.006, how: '', kx: 0.154, ky: 0.146 }).round).toBe(true)
    // no beam adds material
    expect(kerfOf({ width: 0.15, doubt: 0.006, how: '', kx: 0.31, ky: -0.01 }).round).toBe(true)
  })
})

describe('the other methods', () => {
  // From memory: a strip cut by N lines, pieces pushed together, k = gap ÷ N.
  test('a slit strip divides the gap and its doubt by the lines', () => {
    const { width, doubt } = kerfFromStrip(10, [1.6])
    expect(width).toBeCloseTo(0.16, 12)
    expect(doubt! * 10).toBeGreaterThan(1.959964 * CALIPER_SD)
    expect(doubt! * 10).toBeLessThan(2.1 * CALIPER_SD)
    expect(() => kerfFromStrip(10, [])).toThrow('at least once')
  })
  test('ten lines beat five squares', () =>
    expect(stripDoubt(10, 1)).toBeLessThan(halfWidthFor(CALIPER_SD / Math.SQRT2, 5)))
  test('a slot gauge: the sheet enters the slot that is as wide as it is thick', () => {
    const { width, doubt } = kerfFromSlots(2.9, 0.02, { mean: 3.04, sd: 0 })
    expect(width).toBeCloseTo(0.15, 9)
    expect(doubt).toBeGreaterThan(0.0095)
    expect(kerfNotes(kerfFromSlots(3.2, 0.02, { mean: 3.04, sd: 0 }), say).join()).toContain(
      'wider than the sheet',
    )
  })
  test('a gauge that ends before the answer does says so, one-sidedly', () => {
    const least = kerfFromSlots(2.7, 0.03, { mean: 3, sd: 0.01 }, 'even the narrowest')
    expect(least).toMatchObject({ oneSided: 'at least', doubt: null, width: expect.closeTo(0.3, 9) })
    expect(kerfNotes(least, say)[0]).toBe(
      'Even the narrowest slot took the sheet: the kerf is at least 0.300 mm, and may be far from it.',
    )
    const most = kerfFromSlots(3, 0.03, { mean: 3, sd: 0.01 }, 'none')
    expect(most).toMatchObject({ oneSided: 'at most', width: 0 })
    expect(resultWorking(least, say)).toMatchObject({
      result: 'k = 0.300 (at least) mm',
      formula: 'k = T − w, one-sided',
    })
  })
  // Common practice, no source: i = 2·(best step − k/2); one step of 0.01 per side is felt.
  test('a comb tells taste where the kerf is known, and kerf where the taste is', () => {
    const comb = readComb(0.07, 0.01, { width: 0.12, sd: 0.005 }, { offset: 0.02, sd: 0.005 })
    expect(comb.taste).toBeCloseTo(0.02, 12)
    expect(comb.kerfIfTaste).toBeCloseTo(0.12, 12)
    expect(comb.own).toBeLessThan(comb.tasteDoubt)
    expect(combEndNote(comb, say)).toBe('')
    const last = readComb(0.11, 0.01, { width: 0.12, sd: 0.005 }, { offset: 0, sd: 0 }, 'last')
    expect(combEndNote(last, say)).toContain('The last pair still felt best: at least 0.110 mm per side')
  })
  test('a reading that does not belong is pointed out and still counted', () => {
    const xs = [24.84, 24.85, 24.84, 24.85, 24.48]
    const result = kerfFromSquares(25, { xs, ys: [24.84, 24.84, 24.85, 24.84, 24.85] })
    expect(result.odd).toEqual([8])
    expect(result.kx).toBeCloseTo(25 - xs.reduce((a, b) => a + b) / 5, 9)
  })
})

describe('what to do next is computed', () => {
  const odds = { word: 'snug', now: 0.7, with: (doubt: number) => Math.max(0, 1 - doubt * 5) }
  test('good enough when the wanted word is likely already', () => {
    const [advice, ...more] = adviseNext(0.01, 'squares', { sd: 0.01, n: 5 }, { ...odds, now: 0.97 }, say)
    expect(more).toEqual([])
    expect(advice.says).toBe(
      'Good enough: the fit is 97 % snug already. Another reading would change nothing at the bench.',
    )
  })
  test('as many more squares as halve the doubt', () => {
    const { more, doubtAfter } = moreSquares(0.02, 3)!
    expect(doubtAfter).toBeLessThanOrEqual(halfWidthFor(0.02, 3) / 2)
    expect(halfWidthFor(0.02, 3 + more - 1)).toBeGreaterThan(halfWidthFor(0.02, 3) / 2)
    const [advice] = adviseNext(halfWidthFor(0.02, 3), 'squares', { sd: 0.02, n: 3 }, odds, say).filter(
      ({ kind }) => kind === 'more squares',
    )
    expect(advice.says).toMatch(/^2 more squares would bring the doubt from 0.050 to about 0.025 mm/)
  })
  test('a strip when it beats that, a second square when there is one only', () => {
    expect(adviseNext(0.025, 'squares', { sd: 0.01, n: 3 }, odds, say)[0]).toMatchObject({ kind: 'strip' })
    expect(adviseNext(null, 'squares', { sd: 0, n: 1 }, odds, say).map(({ kind }) => kind)).toEqual([
      'strip',
      'first',
    ])
    // And once that is done, these readings are not what is in doubt.
    expect(adviseNext(stripDoubt(), 'strip', null, odds, say)).toMatchObject([{ kind: 'enough' }])
  })
  test('a strip whose readings scatter is read again, not cut again', () => {
    const { doubt } = kerfFromStrip(10, [1.62, 1.4, 1.58])
    expect(adviseNext(doubt, 'strip', null, odds, say)).toMatchObject([
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

describe('a result that no record could keep says why, and what would mend it', () => {
  test.each([
    ['two squares that differ by 0.3 mm', { width: 0.15, doubt: 1.9 }, 'too far apart'],
    ['pieces larger than drawn', { width: -0.02, doubt: 0.01 }, 'check that compensation is off'],
    ['a square read 15', { width: 10, doubt: null }, 'No beam takes away 10.000 mm'],
  ])('%s', (_, result, sentence) =>
    expect(kerfUnusable({ kx: null, ky: null, ...result }, say)).toContain(sentence),
  )
  test('an ordinary one says nothing', () =>
    expect(kerfUnusable({ width: 0.16, doubt: null, kx: null, ky: null }, say)).toBe(''))
  test('one way that no record takes is told before it is kept', () => {
    const odd = kerfFromSquares(25, { xs: [24.84], ys: [19.9] })
    expect(kerfUnusable(odd, say)).toMatch(/^One way the kerf would be 5\.100 mm/)
  })
})

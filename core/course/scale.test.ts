import { describe, expect, test } from '@jest/globals'
import fc from 'fast-check'
import { INCH_SCALE, lineAt, METRIC_SCALE, meetingLine, offMark, readVernier, stepOf } from './scale'

describe.each([
  ['metric', METRIC_SCALE],
  ['inch', INCH_SCALE],
] as const)('a %s vernier', (_, scale) => {
  const step = stepOf(scale)
  test('is as long as one division less than it has lines, and its ends meet marks together [DEF]', () => {
    expect(lineAt(scale, 0, scale.lines)).toBeCloseTo((scale.lines - 1) * scale.division, 9)
    expect(offMark(scale, 3 * scale.division, scale.lines)).toBeCloseTo(0, 9)
  })
  test('line i meets a mark where the zero stands i steps beyond one [DEF]', () => {
    for (let line = 0; line < scale.lines; line++)
      expect(meetingLine(scale, 4 * scale.division + line * step)).toBe(line)
  })
  test('reads any length to half a step', () =>
    fc.assert(
      fc.property(fc.double({ min: 0, max: 150, noNaN: true }), (jaws) => {
        expect(Math.abs(readVernier(scale, jaws) - jaws)).toBeLessThanOrEqual(step / 2 + 1e-6)
      }),
    ))
})

/** Worked examples of verniers, from memory: as in handbooks of workshop measurement. */
test.each([
  [METRIC_SCALE, 27.35, 7],
  [METRIC_SCALE, 3.05, 1],
  [METRIC_SCALE, 12.0, 0],
  [METRIC_SCALE, 8.95, 19],
  [INCH_SCALE, 0.436 * 25.4, 11],
  [INCH_SCALE, 0.125 * 25.4, 0],
  [INCH_SCALE, 1.249 * 25.4, 24],
])('worked examples: %#', (scale, length, line) => {
  expect(meetingLine(scale, length)).toBe(line)
  expect(readVernier(scale, length)).toBeCloseTo(length, 6)
})

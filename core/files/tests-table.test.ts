import { describe, expect, test } from '@jest/globals'
import fc from 'fast-check'
import { demo } from '../../scripts/testing/demo'
import { TEST_RESULTS } from '../tune'
import { readTests, writeTests, writeTestsJson, type TableTest } from './index'

const some: fc.Arbitrary<TableTest> = fc.record({
  setting: fc.record({
    speed: fc.integer({ min: 1, max: 50_000 }).map((tenths) => tenths / 10),
    power: fc.integer({ min: 1, max: 100 }),
    passes: fc.integer({ min: 1, max: 20 }),
    air: fc.boolean(),
  }),
  thickness: fc.integer({ min: 5, max: 5000 }).map((hundredths) => hundredths / 100),
  result: fc.constantFrom(...TEST_RESULTS),
})

describe('tests as a table and as a list', () => {
  test('are read back as they were written', () =>
    fc.assert(
      fc.property(fc.array(some, { minLength: 1, maxLength: 30 }), (tests) => {
        expect(readTests(writeTests(tests))).toEqual({ ok: true, tests })
        expect(readTests(writeTestsJson(tests))).toEqual({ ok: true, tests })
      }),
    ))
  test('those of a job are', () => {
    const tests = demo('specimen-tray').tune.tests.map(({ setting, thickness, result }) => ({
      setting,
      thickness,
      result,
    }))
    expect(readTests(writeTests(tests))).toEqual({ ok: true, tests })
  })
  test('as a spreadsheet elsewhere may have them: other order, other unit, decimal commas, words', () => {
    const rows = ['Came out;Thickness;Speed (mm/min);Power;Air', 'Clean;3,04;720;65 %;yes', ';;;;']
    const text = ['\ufeff' + rows[0], ...rows.slice(1), 'charred;3,04;480;65;', ''].join('\r\n')
    expect(readTests(text)).toEqual({
      ok: true,
      tests: [
        { setting: { speed: 12, power: 65, passes: 1, air: true }, thickness: 3.04, result: 'clean' },
        { setting: { speed: 8, power: 65, passes: 1, air: false }, thickness: 3.04, result: 'charred' },
      ],
    })
  })
  test.each([
    ['speed mm/s,power %\n12,65\n', 'The table has no column “thickness”'],
    ['', 'The table has no rows'],
    ['speed,power,thickness,came out\nquick,65,3,clean\n', 'Row 2: “quick” is not a speed.'],
    ['speed,power,thickness,came out\n12,65,3,clean\n12,650,3,clean\n', 'Row 3: power is at most 100'],
    ['speed,power,thickness,came out\n12,65,300,clean\n', 'Row 2: “300” is not a thickness'],
    ['speed,power,thickness,came out\n12,65,3,splendid\n', 'is not one of not through'],
    ['speed,power,thickness,air,came out\n12,65,3,perhaps,clean\n', 'air is on or off, not “perhaps”'],
    ['[{"setting": 3}]', 'Nothing was taken'],
    ['[1,', 'cut short'],
    ['x'.repeat(500_001), 'larger than 500 kB'],
  ])('%#: refused whole, in a sentence', (text, sentence) => {
    const read = readTests(text)
    expect(read.ok ? '' : read.error).toContain(sentence)
  })
})

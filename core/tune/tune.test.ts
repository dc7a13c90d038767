import { describe, expect, test } from '@jest/globals'
import { OUR_COLOURS, type Machine } from '../machine'
import {
  chooseSetting,
  cutEnergy,
  energyWorking,
  namesOtherSetting,
  settingWords,
  startingPoint,
  type TestRecord,
  type TestResult,
} from './index'

const machine: Machine = {
  id: 'm',
  name: 'bench',
  bedWidth: 600,
  bedHeight: 400,
  watts: 60,
  maxSpeed: 400,
  travelSpeed: 300,
  acceleration: 1500,
  colours: OUR_COLOURS,
}
const stock = { id: 's', family: 'plywood' as const }
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
  thickness: 3,
  setting: { speed, power: 65, passes: 1, air: true },
  result,
  ...more,
})

// Common practice, no source: 150 W at 75 %, 20 mm/s, 6 mm fibreboard, one pass, cut through: 0.94 J/mm².
test('energy per cut face: the worked example', () => {
  expect(cutEnergy({ speed: 20, power: 75, passes: 1 }, 150, 6)).toBeCloseTo(0.94, 2)
  expect(energyWorking({ speed: 20, power: 75, passes: 1, air: true }, 150, 6).result).toBe('0.94 J/mm²')
})
test('two passes at double speed spend the same', () =>
  expect(cutEnergy({ speed: 24, power: 65, passes: 2 }, 60, 3)).toBeCloseTo(
    cutEnergy({ speed: 12, power: 65, passes: 1 }, 60, 3),
    12,
  ))

test('words for a setting, and whether they mean another one', () => {
  const setting = { speed: 12.5, power: 65, passes: 1, air: true }
  expect(settingWords(setting)).toBe('12.5 mm/s, 65 %, 1 pass')
  expect(settingWords({ ...setting, passes: 2 })).toBe('12.5 mm/s, 65 %, 2 passes')
  for (const words of [
    '',
    settingWords(setting),
    '65%, focus on the face',
    'slow',
    '12.5mm/s',
    '12,5 mm/s, 65,0 %',
  ])
    expect(namesOtherSetting(words, setting)).toBe(false)
  for (const words of ['14 mm/s, 65 %, 1 pass', '12.5 mm/s 70 %', '12,9 mm/s', '2 passes'])
    expect(namesOtherSetting(words, setting)).toBe(true)
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
    const { test: chosen, standing, reason } = chooseSetting(tests, machine, stock, 3)
    expect(chosen?.id).toBe('c')
    expect(standing).toBe('tested')
    expect(reason).toContain('the quickest of 2 that came out clean')
    expect(
      chooseSetting(
        tests.filter(({ result }) => result !== 'clean'),
        machine,
        stock,
        3,
      ).test?.id,
    ).toBe('d')
  })
  test('a test nearer in thickness comes first', () => {
    const tests = [
      record('thin', 14, 'clean', { thickness: 2.6 }),
      record('like', 11, 'clean', { thickness: 3.02 }),
    ]
    expect(chooseSetting(tests, machine, stock, 3.04).test?.id).toBe('like')
  })
  test('a like stock of the same family only helps when its thickness is near, and is said', () => {
    const other = record('o', 12, 'clean', { stockId: 'other', thickness: 3.2 })
    expect(chooseSetting([other], machine, stock, 3)).toMatchObject({
      standing: 'tested on a like stock',
      test: { id: 'o' },
    })
    expect(chooseSetting([{ ...other, thickness: 6 }], machine, stock, 3).standing).toBe('untested')
    expect(chooseSetting([{ ...other, family: 'acrylic' }], machine, stock, 3).standing).toBe('untested')
    expect(chooseSetting([{ ...other, machineId: 'another' }], machine, stock, 3).standing).toBe('untested')
  })
  test('a test that did not go through is never chosen', () =>
    expect(chooseSetting([record('n', 20, 'not through')], machine, stock, 3).test).toBeNull())
  test('nothing tested: a careful start that spends less than what is known to cut, and asks for a test', () => {
    const { setting, standing, reason } = chooseSetting(
      [],
      { ...machine, watts: 150 },
      { id: 's', family: 'fibreboard' },
      6,
    )
    expect(standing).toBe('untested')
    expect(cutEnergy(setting, 150, 6)).toBeLessThan(0.94)
    expect(cutEnergy(setting, 150, 6)).toBeGreaterThan(0.5)
    expect(reason).toContain('make a test cut')
  })
  test('a strong machine on thin card is not told to go faster than it can', () =>
    expect(startingPoint({ watts: 150, maxSpeed: 200 }, 'card', 0.3).speed).toBe(200))
})

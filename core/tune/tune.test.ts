import { expect, test } from '@jest/globals'
import { IN_METRIC as say } from '../length'
import { cutEnergy, energyWorking, namesOtherSetting, settingWords, speedFor, startingPoint } from './index'

// Common practice, no source: 150 W at 75 %, 20 mm/s, 6 mm fibreboard, one pass, cut through: 0.94 J/mm².
test('energy per cut face: the worked example', () => {
  expect(cutEnergy({ speed: 20, power: 75, passes: 1 }, 150, 6)).toBeCloseTo(0.94, 2)
  expect(energyWorking({ speed: 20, power: 75, passes: 1, air: true }, 150, 6, say).result).toBe('0.94 J/mm²')
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
    '750 mm/min',
  ])
    expect(namesOtherSetting(words, setting)).toBe(false)
  for (const words of ['14 mm/s, 65 %, 1 pass', '12.5 mm/s 70 %', '12,9 mm/s', '2 passes'])
    expect(namesOtherSetting(words, setting)).toBe(true)
})

test('a strong machine on thin card is not told to go faster than it can', () =>
  expect(startingPoint({ watts: 150, maxSpeed: 200 }, 'card', 0.3).speed).toBe(200))
test('speed and energy go both ways, no quicker than the machine', () => {
  const setting = { speed: 12, power: 65, passes: 1, air: true }
  const full = { watts: 60, maxSpeed: 400 }
  const energy = cutEnergy(setting, 60, 3)
  expect(speedFor(energy, setting, full, 3)).toBe(12)
  expect(speedFor(energy / 100, setting, full, 3)).toBe(400)
  expect(speedFor(energy * 30, setting, full, 3)).toBeCloseTo(0.4, 6)
})

import { expect, test } from '@jest/globals'
import { resultsOfFree, type TestSheet } from '.'

const sheet = (...settings: [speed: number, power: number, passes: number][]): TestSheet => ({
  kind: 'cut',
  machineId: 'm',
  stockId: 's',
  thickness: 3,
  squares: settings.map(([speed, power, passes]) => ({
    setting: { speed, power, passes, air: true },
    result: null,
  })),
})

test('the quickest that came free says that what was given less did not, and nothing of the others', () => {
  const six = sheet([30, 70, 1], [24, 70, 1], [18, 70, 1], [12, 70, 1])
  expect(resultsOfFree(six, 2)).toEqual(['not through', 'not through', 'clean', null])
  expect(resultsOfFree(six, 0)).toEqual(['clean', null, null, null])
})

test('by energy, not by speed: two passes at twice the speed are as much, less power is less', () => {
  const mixed = sheet([20, 80, 1], [40, 80, 2], [20, 40, 1], [10, 80, 1])
  expect(resultsOfFree(mixed, 0)).toEqual(['clean', null, 'not through', null])
})

test('none came free: each of them is a test that failed', () => {
  expect(resultsOfFree(sheet([20, 80, 1], [10, 80, 1]), null)).toEqual(['not through', 'not through'])
})

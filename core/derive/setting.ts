import { ASSUMED_MACHINE } from '../machine'
import type { Job } from '../job'
import { chooseSetting, cutEnergy, guess, type Choice, type Setting } from '../tune'

const KEYS: readonly (keyof Setting)[] = ['speed', 'power', 'passes', 'air']
const sameSetting = (a: Setting, b: Setting): boolean => KEYS.every((key) => a[key] === b[key])

/** The setting for cutting: what the maker picked, or the nearest tested one. @param thickness mm */
export function settingFor({ measure, tune }: Pick<Job, 'measure' | 'tune'>, thickness: number): Choice {
  const { machine, stock } = measure
  const family = stock?.family ?? 'other'
  const { picked } = tune
  if (picked) {
    const isOwn = (test: (typeof tune.tests)[number]): boolean =>
      test.machineId === machine?.id && test.stockId === stock?.id && sameSetting(test.setting, picked)
    const test = tune.tests.find(isOwn) ?? null
    const energy = cutEnergy(picked, (machine ?? ASSUMED_MACHINE).watts, thickness)
    const standing = test ? 'tested' : 'untested'
    return { setting: picked, standing, test, from: 'typed', alike: 0, family, energy, thickness }
  }
  if (machine && stock) return chooseSetting(tune.tests, machine, stock, thickness)
  return guess(machine ?? ASSUMED_MACHINE, family, thickness, 'nothing chosen')
}

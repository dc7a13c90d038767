import { ASSUMED_MACHINE } from '../machine'
import type { Job } from '../job'
import { chooseSetting, failedAt, guess, type Choice } from '../belief'
import { cutEnergy, firstMark, type Mark, type Setting } from '../tune'

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
    const own = tune.tests.filter(isOwn)
    const test = own.find(({ result }) => result !== 'not through') ?? own[0] ?? null
    const failed = failedAt(own, picked)
    const energy = cutEnergy(picked, (machine ?? ASSUMED_MACHINE).watts, thickness)
    const standing = test ? 'tested' : 'untested'
    return {
      setting: picked,
      standing,
      test,
      from: 'typed',
      alike: 0,
      failed,
      tried: own.length,
      family,
      energy,
      thickness,
    }
  }
  if (machine && stock) return chooseSetting(tune, machine, stock, thickness)
  return guess(machine ?? ASSUMED_MACHINE, family, thickness, 'nothing chosen')
}

/** What is scored, engraved and sunk with: what the maker said, or a first setting for machine and stock. */
export function markSettings({ measure, tune }: Pick<Job, 'measure' | 'tune'>): Record<Mark, Setting> {
  const { machine, stock } = measure
  const first = (mark: Mark): Setting =>
    tune[mark] ?? firstMark(mark, machine ?? ASSUMED_MACHINE, stock?.family ?? 'other')
  return { engrave: first('engrave'), pocket: first('pocket'), score: first('score') }
}

/** A setting as a machine can keep to it. */
export const within = (setting: Setting, maxSpeed: number): Setting =>
  setting.speed > maxSpeed ? { ...setting, speed: maxSpeed } : setting

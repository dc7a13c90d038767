import { believeCut, energyFor, type Choice } from '../belief'
import type { Job } from '../job'
import { cutSettings, type Setting } from '../tune'

/**
 * Settings for squares that are cut, where they tell most of what is not known yet of this machine and stock;
 * none where either is missing.
 */
export function cutSquares(
  { measure: { machine, stock }, tune }: Pick<Job, 'measure' | 'tune'>,
  { setting, thickness }: Pick<Choice, 'setting' | 'thickness'>,
  count: number,
): Setting[] {
  if (!machine || !stock) return []
  const { need } = believeCut(tune, machine, stock, thickness)
  return cutSettings((sure) => energyFor(need, sure, setting.passes), setting, machine, thickness, count)
}

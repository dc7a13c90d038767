import { fixed, short } from '../length'
import type { Working } from '../working'
import type { Setting } from './test-record'

/**
 * Energy per cut face, `E = passes × watts × power ÷ (speed × T)`: the first thing that two settings have in common.
 * From memory: the energy balance used for cutting.
 * @param watts of the tube or diode
 * @param thickness mm
 * @returns J/mm²
 */
export const cutEnergy = (
  { speed, power, passes }: Pick<Setting, 'speed' | 'power' | 'passes'>,
  watts: number,
  thickness: number,
): number => (passes * watts * (power / 100)) / (speed * thickness)

export function energyWorking(setting: Setting, watts: number, thickness: number): Working {
  const energy = cutEnergy(setting, watts, thickness)
  return {
    title: 'Energy per cut face',
    result: `${fixed(energy, 2)} J/mm²`,
    formula: 'E = passes × watts × power ÷ (speed × T)',
    substituted: `${setting.passes} × ${short(watts)} × ${short(setting.power / 100)} ÷ (${short(setting.speed)} × ${fixed(thickness, 2)}) = ${fixed(energy, 2)} J/mm²`,
    terms: [
      { symbol: 'watts', meaning: 'of the tube or diode', value: `${short(watts)} W`, source: 'your choice' },
      { symbol: 'power', meaning: 'of it', value: `${short(setting.power)} %`, source: 'test' },
      { symbol: 'speed', meaning: 'along the path', value: `${short(setting.speed)} mm/s`, source: 'test' },
      { symbol: 'T', meaning: 'thickness', value: `${fixed(thickness, 2)} mm`, source: 'reading' },
    ],
    note: 'Two settings with the same energy cut about as deep. More than what goes through cleanly only chars.',
  }
}

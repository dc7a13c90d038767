import { fixed, short, type Say } from '../length'
import type { Working } from '../working'
import { cutEnergy } from './energy'
import type { Setting } from './test-record'

/** What stands behind the energy per cut face. */
export function energyWorking(setting: Setting, watts: number, thickness: number, say: Say): Working {
  const energy = cutEnergy(setting, watts, thickness)
  const share = short(setting.power / 100)
  return {
    title: 'Energy per cut face',
    result: `${fixed(energy, 2)} J/mm²`,
    formula: 'E = passes × watts × power ÷ (speed × T)',
    substituted:
      `${setting.passes} × ${short(watts)} × ${share} ÷ (${short(setting.speed)} mm/s × ` +
      `${fixed(thickness, 2)} mm) = ${fixed(energy, 2)} J/mm²`,
    terms: [
      { symbol: 'watts', meaning: 'of the tube or diode', value: `${short(watts)} W`, source: 'your choice' },
      { symbol: 'power', meaning: 'of it', value: `${short(setting.power)} %`, source: 'test' },
      { symbol: 'speed', meaning: 'along the path', value: say.speed(setting.speed), source: 'test' },
      { symbol: 'T', meaning: 'thickness', value: say.length(thickness), source: 'reading' },
    ],
    note:
      'Two settings with the same energy cut about as deep. More than what goes through ' +
      'cleanly only chars.',
  }
}

import type { Setting } from './test-record'

/**
 * Energy per cut face, `E = passes × watts × power ÷ (speed × T)`: the first thing that two settings have in
 * common. From memory: the energy balance used for cutting.
 * @param watts of the tube or diode
 * @param thickness mm
 * @returns J/mm²
 */
export const cutEnergy = (
  { speed, power, passes }: Pick<Setting, 'speed' | 'power' | 'passes'>,
  watts: number,
  thickness: number,
): number => (passes * watts * (power / 100)) / (speed * thickness)

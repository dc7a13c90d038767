import type { Machine } from '../machine'
import type { Family } from '../stock'
import type { Setting } from './test-record'

/**
 * Energy that a first test cut starts from, J/mm². Fibreboard: 150 W at 75 %, 20 mm/s through 6 mm is 0.94,
 * common practice, no source. The others: from memory, no source at hand; all are to be replaced by one's
 * own tests.
 */
const STARTING_ENERGY: Record<Family, number> = {
  plywood: 0.9,
  fibreboard: 0.94,
  'solid wood': 0.9,
  acrylic: 0.9,
  card: 0.3,
  other: 0.5,
}

/** A careful first try spends less than that: a cut that stays in is safer than a fire. [FM] */
const CAREFUL = 0.8
const STARTING_POWER = 70

/** Energy that usually just cuts, before anything is tried, J/mm². [FM] */
export const usualEnergy = (family: Family): number => STARTING_ENERGY[family] * CAREFUL

/** A starting point from the energy rule, for a test cut; not for the job. */
export function startingPoint(
  machine: Pick<Machine, 'watts' | 'maxSpeed'>,
  family: Family,
  thickness: number,
): Setting {
  const energy = usualEnergy(family)
  const exact = (machine.watts * STARTING_POWER) / 100 / (energy * thickness)
  const speed = exact >= 10 ? Math.round(exact) : Math.max(0.1, Math.round(exact * 10) / 10)
  return { speed: Math.min(speed, machine.maxSpeed), power: STARTING_POWER, passes: 1, air: true }
}

/** Speeds are said to this step, mm/s: finer than that nobody sets. */
const STEP = 0.5

/** The speed that spends an energy at a setting's power and passes; no quicker than the machine. */
export function speedFor(
  energy: number,
  setting: Setting,
  { watts, maxSpeed }: Pick<Machine, 'watts' | 'maxSpeed'>,
  thickness: number,
): number {
  const exact = (setting.passes * watts * (setting.power / 100)) / (energy * thickness)
  const stepped = exact >= 2 ? Math.floor(exact / STEP) * STEP : Math.floor(exact * 10) / 10
  return Math.max(0.1, Math.min(maxSpeed, stepped))
}

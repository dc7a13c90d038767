import type { PocketTest } from '../stock'
import { settingSchema, type Setting } from './test-record'

/** Distance between the lines that fill a pocket, mm: about the width of the beam's spot. [FM] */
export const POCKET_INTERVAL = 0.1

type Burnt = Pick<Setting, 'speed' | 'power' | 'passes'>

/**
 * Energy per area of a pocket, J/mm²: `E = watts × power × passes ÷ (speed × interval)`. Overrun at the ends
 * of the rows is left out: there is no power in it. [DEF]
 */
export const pocketEnergy = ({ speed, power, passes }: Burnt, watts: number): number =>
  (watts * (power / 100) * passes) / (speed * POCKET_INTERVAL)

/** Before anything was measured: depth for energy, mm³/J, and how far off its logarithm may be. [FM] */
const USUAL = 0.65
const UNSURE = 0.6

/** How far one pocket differs from the next, by logarithm, and how many pockets that guess counts for. */
const SPREAD = 0.1
const GUESSED_FROM = 4

/** Nine of ten come out within so many standard deviations. */
const NINE_OF_TEN = 1.645

/** Depth for energy of one stock on one machine, with its doubt. */
export interface PocketModel {
  /** Mean of the logarithm of depth for energy. */
  log: number
  /** Standard deviation of that of the next pocket. */
  sd: number
  tests: number
}

/** Learns from pockets of this machine; those of others say nothing. */
export function pocketModel(tests: PocketTest[], machineId: string): PocketModel {
  const logs = tests
    .filter((test) => test.machineId === machineId)
    .map((test) => Math.log(test.depth / pocketEnergy(test, test.watts)))
  const n = logs.length
  const mean = logs.reduce((sum, each) => sum + each, 0) / Math.max(1, n)
  const off = logs.reduce((sum, each) => sum + (each - mean) ** 2, 0)
  const variance = (GUESSED_FROM * SPREAD ** 2 + off) / (GUESSED_FROM + Math.max(0, n - 1))
  const certain = n / variance
  const before = 1 / UNSURE ** 2
  const log = (Math.log(USUAL) * before + mean * certain) / (before + certain)
  return { log, sd: Math.sqrt(variance + 1 / (before + certain)), tests: n }
}

/** How deep a setting burns, mm: the middle, and between what nine of ten come out. */
export function depthOf(
  setting: Burnt,
  watts: number,
  { log, sd }: PocketModel,
): { depth: number; low: number; high: number } {
  const depth = pocketEnergy(setting, watts) * Math.exp(log)
  const factor = Math.exp(NINE_OF_TEN * sd)
  return { depth, low: depth / factor, high: depth * factor }
}

/** The same power and passes with the speed that burns a wanted depth, mm/s; null beyond what is allowed. */
export function speedForDepth(
  wanted: number,
  setting: Burnt,
  watts: number,
  model: PocketModel,
): number | null {
  const speed = (setting.speed * depthOf(setting, watts, model).depth) / wanted
  const rounded = speed > 20 ? Math.round(speed) : Math.round(speed * 10) / 10
  return settingSchema.shape.speed.safeParse(rounded).success ? rounded : null
}

import type { Machine } from '../machine'
import type { Family } from '../stock'
import type { Setting } from './test-record'

/** Operations that mark a sheet and leave it whole. */
export type Mark = 'engrave' | 'pocket' | 'score'

/**
 * Where each begins on an ordinary machine: watts that reach the sheet, mm/s. Scoring spends 0.12 J/mm of its
 * line, engraving 0.33 J/mm² at rows 0.1 mm apart, a test pocket 0.53. [FM]
 */
const BEGINS: Record<Mark, { watts: number; speed: number }> = {
  score: { watts: 4.8, speed: 150 },
  engrave: { watts: 10, speed: 300 },
  pocket: { watts: 16, speed: 300 },
}

/** Share of that which a family takes: thin card would be burnt through. [FM] */
const TAKES: Record<Family, number> = {
  plywood: 1,
  fibreboard: 1,
  'solid wood': 1,
  acrylic: 1,
  card: 0.5,
  other: 1,
}

/**
 * A setting to begin with, until the maker has tried one: as quick as the machine goes, up to an ordinary
 * speed, and with the power that spends the same on the way.
 */
export function firstMark(
  mark: Mark,
  { watts, maxSpeed }: Pick<Machine, 'watts' | 'maxSpeed'>,
  family: Family,
): Setting {
  const { watts: wanted, speed: ordinary } = BEGINS[mark]
  const speed = Math.min(ordinary, maxSpeed)
  const power = ((wanted * TAKES[family]) / watts) * (speed / ordinary) * 100
  return { speed, power: Math.min(100, Math.max(1, Math.round(power))), passes: 1, air: false }
}

import { z } from 'zod'
import type { Machine } from '../machine'
import { thicknessSchema } from '../stock'
import { speedFor } from './rule'
import { speedForDepth, type PocketModel } from './pocket'
import { settingSchema, TEST_RESULTS, type Setting } from './test-record'

/** What a test sheet tries: squares cut through, pockets to be measured, patches to be looked at. */
const SHEET_KINDS = ['cut', 'pocket', 'engrave'] as const
export type SheetKind = (typeof SHEET_KINDS)[number]

export const MOST_SQUARES = 16

/** Squares or patches that were each made with a setting of their own, and what came of them. */
export const testSheetSchema = z.strictObject({
  kind: z.enum(SHEET_KINDS),
  machineId: z.string().min(1).max(60),
  stockId: z.string().min(1).max(60),
  thickness: thicknessSchema,
  squares: z
    .array(z.strictObject({ setting: settingSchema, result: z.enum(TEST_RESULTS).nullable() }))
    .min(1)
    .max(MOST_SQUARES),
})
export type TestSheet = z.infer<typeof testSheetSchema>

type Speeds = Pick<Machine, 'watts' | 'maxSpeed'>

/** A slow laser draws other edges than a strong one at the same energy: half of the squares are tried so. */
const LESS_POWER = 0.75

/** The same speed twice says nothing new. */
const distinct = (settings: Setting[]): Setting[] =>
  settings.filter(
    ({ speed, power }, i) =>
      settings.findIndex((other) => other.speed === speed && other.power === power) === i,
  )

/**
 * Settings for squares that are cut: energies at which this stock is likely to begin to go through, spread
 * evenly over what is not known, every second one at less power where there are many.
 * @param energyFor the least energy whose odds of going through are so high, J/mm²
 */
export function cutSettings(
  energyFor: (sure: number) => number,
  base: Setting,
  machine: Speeds,
  thickness: number,
  count: number,
): Setting[] {
  const powers =
    count > 6 ? [base.power, Math.max(5, 5 * Math.round((base.power * LESS_POWER) / 5))] : [base.power]
  const settings = Array.from({ length: count }, (_, i): Setting => {
    const energy = energyFor((i + 0.7) / (count + 0.4))
    const setting = { ...base, power: powers[i % powers.length] }
    return { ...setting, speed: speedFor(energy, setting, machine, thickness) }
  })
  return distinct(settings)
}

/** Pockets are tried from so much of the wanted depth to so much more. [FM] */
const SHALLOW = 0.6
const DEEP = 1.6

/** Evenly spaced by shares, from one figure to another. */
const spread = (from: number, to: number, count: number): number[] =>
  Array.from({ length: count }, (_, i) => from * (to / from) ** (count === 1 ? 0.5 : i / (count - 1)))

/** Settings for pockets about a wanted depth, mm. */
export const pocketSettings = (
  model: PocketModel,
  base: Setting,
  { watts, maxSpeed }: Speeds,
  wanted: number,
  count: number,
): Setting[] =>
  distinct(
    spread(SHALLOW * wanted, DEEP * wanted, count).flatMap((depth) => {
      const speed = speedForDepth(depth, base, watts, model)
      return speed === null ? [] : [{ ...base, speed: Math.min(speed, maxSpeed) }]
    }),
  )

/** Settings for patches that are engraved: from half to twice the speed. [FM] */
export const engraveSettings = (base: Setting, { maxSpeed }: Speeds, count: number): Setting[] =>
  distinct(
    spread(base.speed * 2, base.speed / 2, count).map((speed) => ({
      ...base,
      speed: Math.min(maxSpeed, Math.max(0.1, Math.round(speed))),
    })),
  )

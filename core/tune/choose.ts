import type { Machine } from '../machine'
import { fixed, otherSpeeds, short } from '../length'
import type { Family, Stock } from '../stock'
import { cutEnergy } from './energy'
import type { Setting, TestRecord, TestResult } from './test-record'

export interface Choice {
  setting: Setting
  standing: 'tested' | 'tested on a like stock' | 'untested'
  test: TestRecord | null
  /** One or two sentences: why this one. */
  reason: string
}

/** The better the result the lower; a test that did not go through is never chosen. */
const PREFERENCE: Record<TestResult, number> = {
  clean: 0,
  'just through': 1,
  charred: 2,
  'not through': Infinity,
}

/** How far thickness may differ for a test on another stock of the same family to say something, as a share. [FM] */
const LIKE = 0.2

/**
 * Energy that a first test cut starts from, J/mm². Fibreboard: 150 W at 75 %, 20 mm/s through 6 mm is 0.94, common practice, no source.
 * The others: from memory, no source at hand; all are to be replaced by one's own tests.
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

/** A starting point from the energy rule, for a test cut; not for the job. */
export function startingPoint(
  machine: Pick<Machine, 'watts' | 'maxSpeed'>,
  family: Family,
  thickness: number,
): Setting {
  const energy = STARTING_ENERGY[family] * CAREFUL
  const exact = (machine.watts * STARTING_POWER) / 100 / (energy * thickness)
  const speed = exact >= 10 ? Math.round(exact) : Math.max(0.1, Math.round(exact * 10) / 10)
  return { speed: Math.min(speed, machine.maxSpeed), power: STARTING_POWER, passes: 1, air: true }
}

const described = ({ setting: { speed, power, passes } }: TestRecord): string =>
  `${short(speed)} mm/s at ${short(power)} %${passes > 1 ? `, ${passes} passes` : ''}`

/** Compares by result, then by how near in thickness, then by how quick. */
const order =
  (thickness: number) =>
  (a: TestRecord, b: TestRecord): number =>
    PREFERENCE[a.result] - PREFERENCE[b.result] ||
    Math.round((Math.abs(a.thickness - thickness) - Math.abs(b.thickness - thickness)) * 20) ||
    b.setting.speed / b.setting.passes - a.setting.speed / a.setting.passes

/**
 * The nearest tested setting: on this stock first, then on a like one; a careful starting point when there is none.
 * @param thickness of the sheet now, mm
 */
export function chooseSetting(
  tests: TestRecord[],
  machine: Machine,
  stock: Pick<Stock, 'id' | 'family'>,
  thickness: number,
): Choice {
  const through = tests.filter((test) => test.machineId === machine.id && PREFERENCE[test.result] < Infinity)
  const own = through.filter((test) => test.stockId === stock.id).sort(order(thickness))
  if (own.length > 0) {
    const [test] = own
    const alike = own.filter(({ result }) => result === test.result).length
    const rank =
      alike > 1
        ? `the quickest of ${alike} that came out ${test.result} near ${fixed(thickness, 2)} mm`
        : `the one that came out ${test.result}`
    const heed =
      test.result === 'just through'
        ? ' Knots and glue lines may stay in: look before the sheet is moved.'
        : test.result === 'charred'
          ? ' A quicker one is worth a test.'
          : ''
    return {
      setting: test.setting,
      standing: 'tested',
      test,
      reason: `${described(test)}: ${rank}, tested on this stock at ${fixed(test.thickness, 2)} mm.${heed}`,
    }
  }
  const like = through
    .filter(
      (test) => test.family === stock.family && Math.abs(test.thickness - thickness) <= LIKE * thickness,
    )
    .sort(order(thickness))
  if (like.length > 0) {
    const [test] = like
    return {
      setting: test.setting,
      standing: 'tested on a like stock',
      test,
      reason: `${described(test)}: ${test.result} on another ${stock.family} of ${fixed(test.thickness, 2)} mm. Nothing is tested on this one: make a test cut first.`,
    }
  }
  const setting = startingPoint(machine, stock.family, thickness)
  return {
    setting,
    standing: 'untested',
    test: null,
    reason: `Nothing is tested for this stock on this machine. ${short(setting.speed)} mm/s (${otherSpeeds(setting.speed)}) at ${setting.power} % is a careful start from the energy rule, ${fixed(cutEnergy(setting, machine.watts, thickness), 2)} J/mm²: make a test cut, and write down what came out.`,
  }
}

import type { Machine } from '../machine'
import type { Family, Stock } from '../stock'
import { cutEnergy } from './energy'
import type { Setting, TestRecord, TestResult } from './test-record'

export interface Choice {
  setting: Setting
  standing: 'tested' | 'tested on a like stock' | 'untested'
  test: TestRecord | null
  /** How it was come by: typed by the maker, chosen from tests, or a start from the energy rule. */
  from: 'typed' | 'tests' | 'energy rule' | 'nothing chosen'
  /** Tests with the same result and about the same thickness, of which this one is the quickest. */
  alike: number
  family: Family
  /** Energy per cut face, J/mm². */
  energy: number
  /** Thickness of the sheet now, mm. */
  thickness: number
}

/** The better the result the lower; a test that did not go through is never chosen. */
const PREFERENCE: Record<TestResult, number> = {
  clean: 0,
  'just through': 1,
  charred: 2,
  'not through': Infinity,
}

/**
 * How far thickness may differ for a test on another stock of the same family to say something, as a share.
 * [FM]
 */
const LIKE = 0.2

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

/** Thicknesses this near to each other count as the same, mm. [FM] */
const SAME_THICKNESS = 0.05

/**
 * How far from the sheet's thickness a test was, in whole steps: each test by itself, so that any two can be
 * compared.
 */
const stepsOff = (test: TestRecord, thickness: number): number =>
  Math.floor(Math.abs(test.thickness - thickness) / SAME_THICKNESS + 1e-6)

const quickness = ({ setting: { speed, passes } }: TestRecord): number => speed / passes

/**
 * Compares by result, then by how near in thickness, then by how quick; never by the order in which they
 * were written down.
 */
const order =
  (thickness: number) =>
  (a: TestRecord, b: TestRecord): number =>
    PREFERENCE[a.result] - PREFERENCE[b.result] ||
    stepsOff(a, thickness) - stepsOff(b, thickness) ||
    quickness(b) - quickness(a) ||
    a.setting.power - b.setting.power ||
    Math.abs(a.thickness - thickness) - Math.abs(b.thickness - thickness) ||
    (a.id < b.id ? -1 : 1)

function best(tests: TestRecord[], thickness: number): { test: TestRecord; alike: number } | null {
  if (tests.length === 0) return null
  const [test] = [...tests].sort(order(thickness))
  const alike = tests.filter(
    (each) => each.result === test.result && stepsOff(each, thickness) === stepsOff(test, thickness),
  )
  return { test, alike: alike.length }
}

/**
 * The nearest tested setting: on this stock first, then on a like one; a careful starting point when there
 * is none.
 * @param thickness of the sheet now, mm
 */
export function chooseSetting(
  tests: TestRecord[],
  machine: Machine,
  stock: Pick<Stock, 'id' | 'family'>,
  thickness: number,
): Choice {
  const { family } = stock
  const through = tests.filter((test) => test.machineId === machine.id && PREFERENCE[test.result] < Infinity)
  const chosen = (
    { test, alike }: NonNullable<ReturnType<typeof best>>,
    standing: Choice['standing'],
  ): Choice => {
    const { setting } = test
    const energy = cutEnergy(setting, machine.watts, thickness)
    return { setting, standing, test, from: 'tests', alike, family, energy, thickness }
  }
  const own = best(
    through.filter((test) => test.stockId === stock.id),
    thickness,
  )
  if (own) return chosen(own, 'tested')
  const like = best(
    through.filter(
      (test) => test.family === family && Math.abs(test.thickness - thickness) <= LIKE * thickness,
    ),
    thickness,
  )
  if (like) return chosen(like, 'tested on a like stock')
  return guess(machine, family, thickness, 'energy rule')
}

/** A careful start where nothing is tested. */
export function guess(
  machine: Pick<Machine, 'watts' | 'maxSpeed'>,
  family: Family,
  thickness: number,
  from: 'energy rule' | 'nothing chosen',
): Choice {
  const setting = startingPoint(machine, family, thickness)
  const energy = cutEnergy(setting, machine.watts, thickness)
  return { setting, standing: 'untested', test: null, from, alike: 0, family, energy, thickness }
}

import type { Machine } from '../machine'
import type { Family, Stock } from '../stock'
import { cutEnergy, speedFor, startingPoint, type Setting, type TestRecord, type TestResult } from '../tune'
import { believeCut, cuttingOf, type CutBelief, type CutEvidence } from './learn'
import { energyFor, oddsOf } from './need'

export interface Choice {
  setting: Setting
  standing: 'tested' | 'tested on a like stock' | 'untested'
  test: TestRecord | null
  /** How it was come by: typed by the maker, from tests, from failures or other stocks alone, or the rule. */
  from: 'typed' | 'tests' | 'failures' | 'other stocks' | 'energy rule' | 'nothing chosen'
  /** Tests with the same result and about the same thickness, of which this one is the quickest. */
  alike: number
  /** Tests on this stock that did not go through: at this setting, or where none is chosen, of all. */
  failed: number
  /** Tests on this stock, in all. */
  tried: number
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
 * Compares by result, then by whether something was done to the machine since, then by how near in thickness,
 * then by how quick; never by the order in which they were written down.
 */
const order =
  (thickness: number, since: string) =>
  (a: TestRecord, b: TestRecord): number =>
    PREFERENCE[a.result] - PREFERENCE[b.result] ||
    Number(a.on < since) - Number(b.on < since) ||
    stepsOff(a, thickness) - stepsOff(b, thickness) ||
    quickness(b) - quickness(a) ||
    a.setting.power - b.setting.power ||
    Math.abs(a.thickness - thickness) - Math.abs(b.thickness - thickness) ||
    (a.id < b.id ? -1 : 1)

function best(
  tests: TestRecord[],
  thickness: number,
  since: string,
): { test: TestRecord; alike: number } | null {
  if (tests.length === 0) return null
  const [test] = [...tests].sort(order(thickness, since))
  const alike = tests.filter(
    (each) => each.result === test.result && stepsOff(each, thickness) === stepsOff(test, thickness),
  )
  return { test, alike: alike.length }
}

/** How sure a cut is that is proposed where all that was tried failed: a test cut, not the job's. [FM] */
const LIKELIER = 0.8
/** Slower than that many times what failed, one pass more is proposed. [FM] */
const SLOWEST = 1.6

const settingKey = ({ speed, power, passes }: Setting): string => `${speed}/${power}/${passes}`

/** Tests that came through, at settings that do not fail as often as they go through. */
function reliable(tests: TestRecord[]): TestRecord[] {
  const bySetting = new Map<string, number>()
  for (const { setting, result } of tests) {
    const key = settingKey(setting)
    bySetting.set(key, (bySetting.get(key) ?? 0) + (result === 'not through' ? -1 : 1))
  }
  return tests.filter(
    ({ setting, result }) => result !== 'not through' && bySetting.get(settingKey(setting))! > 0,
  )
}

/** How many tests at a setting did not go through. */
export const failedAt = (tests: TestRecord[], setting: Setting): number =>
  tests.filter((test) => test.result === 'not through' && settingKey(test.setting) === settingKey(setting))
    .length

/** What is likelier to go through than all that was tried: slower, or with another pass. */
function likelier(failed: TestRecord[], { need }: CutBelief, machine: Machine, thickness: number): Setting {
  const spent = ({ setting }: TestRecord): number => cutEnergy(setting, machine.watts, thickness)
  const base = failed.reduce((most, each) => (spent(each) > spent(most) ? each : most)).setting
  for (let passes = base.passes; ; passes++) {
    const setting = { ...base, passes }
    const speed = speedFor(energyFor(need, LIKELIER, passes), setting, machine, thickness)
    if (speed >= base.speed / SLOWEST || passes >= MOST_PASSES) return { ...setting, speed }
  }
}
/** More passes than that are not proposed. [FM] */
const MOST_PASSES = 8

/**
 * The nearest tested setting that is likelier to go through than not: on this stock first, then on a like
 * one. Where all that was tried failed, what is likelier; a careful start where nothing was.
 * @param thickness of the sheet now, mm
 */
export function chooseSetting(
  tried: CutEvidence,
  machine: Machine,
  stock: Pick<Stock, 'id' | 'family'>,
  thickness: number,
): Choice {
  const { family } = stock
  const { tests, since } = tried
  const here = tests.filter((test) => test.machineId === machine.id)
  const own = here.filter((test) => test.stockId === stock.id)
  const isLikely = (test: TestRecord): boolean =>
    oddsOf(
      believeCut(tried, machine, stock, thickness).need,
      cuttingOf(test.setting, machine.watts, thickness),
    ).through >= EVEN
  const chosen = (
    { test, alike }: NonNullable<ReturnType<typeof best>>,
    standing: Choice['standing'],
  ): Choice => {
    const { setting } = test
    const energy = cutEnergy(setting, machine.watts, thickness)
    return {
      setting,
      standing,
      test,
      from: 'tests',
      alike,
      failed: failedAt(own, setting),
      tried: own.length,
      family,
      energy,
      thickness,
    }
  }
  const failed = own.filter(({ result }) => result === 'not through')
  const through = reliable(own)
  // What was never contradicted, and is as it was tried, needs no weighing.
  const isWeighed = failed.length > 0 || through.some(({ on }) => on < since)
  const ours = best(isWeighed ? through.filter(isLikely) : through, thickness, since)
  if (ours) return chosen(ours, 'tested')
  if (failed.length > 0) {
    const setting = likelier(failed, believeCut(tried, machine, stock, thickness), machine, thickness)
    const energy = cutEnergy(setting, machine.watts, thickness)
    return {
      ...NEVER_TRIED,
      setting,
      from: 'failures',
      failed: failed.length,
      tried: own.length,
      family,
      energy,
      thickness,
    }
  }
  const like = best(
    reliable(here).filter(
      (test) => test.family === family && Math.abs(test.thickness - thickness) <= LIKE * thickness,
    ),
    thickness,
    since,
  )
  if (like) return chosen(like, 'tested on a like stock')
  if (here.length > 0) {
    const { need } = believeCut(tried, machine, stock, thickness)
    const start = startingPoint(machine, family, thickness)
    const speed = speedFor(energyFor(need, LIKELIER, start.passes), start, machine, thickness)
    const setting = { ...start, speed }
    const energy = cutEnergy(setting, machine.watts, thickness)
    return { ...NEVER_TRIED, setting, from: 'other stocks', family, energy, thickness }
  }
  return guess(machine, family, thickness, 'energy rule')
}
/** Odds from which a cut is rather through than not. */
const EVEN = 0.5
const NEVER_TRIED = { standing: 'untested', test: null, alike: 0, failed: 0, tried: 0 } as const

/** A careful start where nothing is tested. */
export function guess(
  machine: Pick<Machine, 'watts' | 'maxSpeed'>,
  family: Family,
  thickness: number,
  from: 'energy rule' | 'nothing chosen',
): Choice {
  const setting = startingPoint(machine, family, thickness)
  const energy = cutEnergy(setting, machine.watts, thickness)
  return { ...NEVER_TRIED, setting, from, family, energy, thickness }
}

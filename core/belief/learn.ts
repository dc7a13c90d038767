import { cutEnergy, usualEnergy, type Setting, type TestRecord } from '../tune'
import type { Machine } from '../machine'
import type { Stock } from '../stock'
import { believeNeed, type NeedBelief } from './need'
import type { NeedTest } from './need-model'

/** What is believed of cutting a stock on a machine, and what it rests on. */
export interface CutBelief {
  need: NeedBelief
  /** Tests on this very stock, and on others on the same machine. */
  own: number
  others: number
  /** How many of them were made before something was done to the machine: they count less. */
  before: number
}

/** How far a test may be off that is from before a new lens, a cleaned mirror and the like. [FM] */
const BEFORE = 0.2
/** How far a test may be off for each part by which the sheet was thicker or thinner, in logarithms. [FM] */
const PER_THICKNESS = 0.4
/** Tests are enough to weigh up to this many; the latest count. */
const MOST_TESTS = 120

export type CutMachine = Pick<Machine, 'id' | 'watts'>

/** What was tried, and how far it goes. */
export interface CutEvidence {
  tests: TestRecord[]
  /** When something was last done to the machine, a date: what is older counts less. */
  since: string
  /** By how much doubts of what was not tried are widened, by what came of earlier promises. */
  scale: number
}

/** Tests alike are weighed as one. */
function grouped(tests: TestRecord[], watts: number, thickness: number, since: string): NeedTest[] {
  const found = new Map<string, NeedTest>()
  for (const { setting, thickness: own, result, on } of tests.slice(-MOST_TESTS)) {
    const energy = cutEnergy(setting, watts, own)
    const apart = PER_THICKNESS * Math.abs(Math.log(own / thickness))
    const off = Math.hypot(on < since ? BEFORE : 0, apart)
    const key = [energy, setting.passes, result, off].join('/')
    const known = found.get(key)
    if (known) known.count++
    else found.set(key, { energy, passes: setting.passes, result, off, count: 1 })
  }
  return [...found.values()]
}

/** The same tests are asked about again and again: once for each machine, stock, thickness and so on. */
const known = new WeakMap<TestRecord[], Map<string, CutBelief>>()

/**
 * Learns from tests how much energy a stock needs on a machine.
 * @param thickness of the sheet now, mm
 */
export function believeCut(
  tried: CutEvidence,
  machine: CutMachine,
  stock: Pick<Stock, 'id' | 'family'>,
  thickness: number,
): CutBelief {
  const { tests, since, scale } = tried
  const key = [machine.id, machine.watts, stock.id, stock.family, thickness, since, scale].join('/')
  const beliefs = known.get(tests) ?? new Map<string, CutBelief>()
  known.set(tests, beliefs)
  const belief = beliefs.get(key) ?? learnt(tried, machine, stock, thickness)
  beliefs.set(key, belief)
  return belief
}

function learnt(
  { tests, since, scale }: CutEvidence,
  machine: CutMachine,
  stock: Pick<Stock, 'id' | 'family'>,
  thickness: number,
): CutBelief {
  const here = tests.filter(({ machineId }) => machineId === machine.id)
  const byStock = new Map<string, TestRecord[]>()
  for (const test of here) byStock.set(test.stockId, [...(byStock.get(test.stockId) ?? []), test])
  const own = byStock.get(stock.id) ?? []
  const others = [...byStock].filter(([id]) => id !== stock.id)
  const need = believeNeed(
    usualEnergy(stock.family),
    grouped(own, machine.watts, thickness, since),
    others.map(([, theirs]) => ({
      rule: usualEnergy(theirs[0].family),
      tests: grouped(theirs, machine.watts, theirs[0].thickness, since),
    })),
    scale,
  )
  return {
    need,
    own: own.length,
    others: here.length - own.length,
    before: here.filter(({ on }) => on < since).length,
  }
}

/** A setting as the belief weighs it. */
export const cuttingOf = (setting: Setting, watts: number, thickness: number) => ({
  energy: cutEnergy(setting, watts, thickness),
  passes: setting.passes,
})

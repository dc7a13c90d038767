import { describe, expect, test } from '@jest/globals'
import jstat from 'jstat'
import { runs, seedOf } from '../../scripts/testing/runs'
import { randomFrom } from '../statistics'
import { AGAIN_MINUTES, billOf, together, type RunCost } from './bill'
import { partsAgain, spoilingSeen, USUAL_SPOILING } from './spoilage'
import { NO_TERMS } from './terms'

/** By an unrelated library. */
const { inv } = jstat.beta as { inv: (chance: number, a: number, b: number) => number }

const RUN: RunCost = {
  boxes: 4,
  sheets: 2,
  material: 13,
  left: 3,
  seconds: 1800,
  low: 1500,
  high: 2400,
  parts: 24,
  takes: [],
}
const WORK = { building: 9, glue: 15 }
const SURE = { part: { spoilt: 0, sound: 60 }, fit: 0 }
const TERMS = {
  ...NO_TERMS,
  hour: 30,
  machineHour: 12,
  glue: 10,
  setUp: 20,
  perSheet: 5,
  finishing: 6,
  rest: 0.5,
  margin: 0.25,
  extras: [
    { what: 'magnets', count: 4, each: 0.15 },
    { what: 'felt', count: 0.5, each: 2 },
  ],
}
const amounts = (bill: ReturnType<typeof billOf>): Record<string, number> =>
  Object.fromEntries(bill.lines.map(({ what, amount }) => [what, Number(amount.toFixed(6))]))

describe('a bill', () => {
  test('is what a hand adds up', () => {
    const bill = billOf(RUN, WORK, SURE, TERMS)
    // Sheets 13 − half of 3. Machine half an hour of 12. Hands 20 + 2 × 5 + 4 × (9 + 6) = 90 min of 30.
    // Glue 4 × 15 g of 10 a kilogram. Bought 4 × (4 × 0.15 + 0.5 × 2).
    expect(amounts(bill)).toEqual({ sheets: 11.5, machine: 6, hands: 45, glue: 0.6, extras: 6.4, spoilt: 0 })
    expect([bill.cost, bill.price, bill.each].map((each) => each.toFixed(4))).toEqual([
      '69.5000',
      '86.8750',
      '21.7188',
    ])
    expect([bill.less, bill.more].map((each) => each.toFixed(4))).toEqual(['0.3125', '0.6250'])
    expect(bill.hands).toBe(90)
  })
  test('of runs one after the other is that of all', () => {
    const twice = billOf(together([RUN, RUN]), WORK, SURE, { ...TERMS, setUp: 0 })
    const once = billOf(RUN, WORK, SURE, { ...TERMS, setUp: 0 })
    expect(twice.cost).toBeCloseTo(2 * once.cost, 9)
    expect(twice.boxes).toBe(8)
  })
  test('a log without a spoilt part makes it cheaper, one with many dearer', () => {
    const of = (spoilt: number, sound: number): number =>
      billOf(RUN, WORK, { part: spoilingSeen(spoilt, sound), fit: 0 }, TERMS).cost
    const [few, usual, many] = [of(0, 600), of(0, 0), of(30, 570)]
    expect(few).toBeLessThan(usual)
    expect(many).toBeGreaterThan(usual)
  })
})

describe('what is spoilt costs what 10,000 simulated runs cost on average', () => {
  const { sheets, machine } = amounts(billOf(RUN, WORK, SURE, TERMS)) as { sheets: number; machine: number }
  const ofPart = (sheets + machine) / RUN.parts + (AGAIN_MINUTES / 60) * TERMS.hour
  const ofBox = (sheets + machine) / RUN.boxes + (WORK.building / 60) * TERMS.hour
  test.each([
    ['parts', { part: spoilingSeen(2, 118), fit: 0 }],
    ['joints', { part: SURE.part, fit: 0.3 }],
  ])('%s', (_, chances) => {
    const random = randomFrom(seedOf(41))
    const count = runs(80_000)
    let all = 0
    for (let i = 0; i < count; i++) {
      // This workshop's own chance is the same for all parts of a run; nobody knows it.
      const { spoilt, sound } = chances.part
      const chance = spoilt > 0 ? inv(random(), spoilt, sound) : 0
      for (let part = 0; part < RUN.parts; part++) while (random() < chance) all += ofPart
      if (random() < chances.fit) all += ofBox
    }
    const said = billOf(RUN, WORK, chances, TERMS).lines.find(({ what }) => what === 'spoilt')!.amount
    expect(count).toBeGreaterThanOrEqual(10_000)
    expect(all / count / said).toBeGreaterThan(0.95)
    expect(all / count / said).toBeLessThan(1.05)
  })
})

test('parts cut again are those of the closed formula', () => {
  // Beta(1, 59): the mean of p ÷ (1 − p) is 1 ÷ 58. [DEF]
  expect(partsAgain(58, USUAL_SPOILING)).toBeCloseTo(1, 9)
})

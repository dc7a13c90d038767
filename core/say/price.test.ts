import { expect, test } from '@jest/globals'
import { billOf, NO_TERMS, type RunCost } from '../price'
import { billLines, leftOut, money, savingsOf, type Priced } from './price'

const RUN: RunCost = {
  boxes: 2,
  sheets: 1,
  material: 8,
  left: 2,
  seconds: 900,
  low: 700,
  high: 1200,
  parts: 12,
  takes: [],
}
const priced = (more: Partial<typeof NO_TERMS> = {}, boxes = 2): Priced => {
  const terms = { ...NO_TERMS, hour: 30, machineHour: 6, boxes, ...more }
  const work = { building: 8, glue: 10 }
  const chances = { part: { spoilt: 1, sound: 59 }, fit: 0.2 }
  const run = { ...RUN, boxes, material: 4 * boxes, parts: 6 * boxes }
  return { bill: billOf(run, work, chances, terms), run, work, chances, terms }
}

test('says what a price is made of, the dearest first, and the shares are the whole', () => {
  const lines = billLines(priced())
  expect(lines.map(({ what }) => what)).toEqual(['hands', 'sheets', 'spoilt', 'machine'])
  expect(lines.reduce((sum, { share }) => sum + share, 0)).toBeCloseTo(1, 9)
  expect(lines[0].says).toBe('54 min: 15 min to set up, 3 min at the bed, 16 min to glue, 20 min to finish.')
  expect(lines[1].says).toBe('1 sheet for 8.00 €, less 1.00 € for the pieces left over.')
  expect(lines[3].says).toBe('15 min, 12 min to 20 min, at 6.00 € an hour.')
})

test('says what is left out where nobody said what it costs', () => {
  expect(leftOut(priced())).toEqual([])
  const bare = priced({ hour: 0, machineHour: 0 })
  expect(leftOut({ ...bare, run: { ...RUN, material: 0 } })).toHaveLength(3)
})

test('what would save most comes first, and each saves what it says', () => {
  const one = priced({}, 1)
  const more = [priced({}, 10).bill, priced({}, 100).bill]
  const savings = savingsOf(one, more)
  expect(savings.map(({ amount }) => amount)).toEqual(
    [...savings.map(({ amount }) => amount)].sort((a, b) => b - a),
  )
  const [most] = savings
  expect(most.says).toMatch(/^Make 100 at once/)
  expect(most.amount).toBeCloseTo(one.bill.each - more[1].each, 9)
  const sanding = savings.find(({ says }) => says.startsWith('Halve'))!
  const halved = priced({ finishing: NO_TERMS.finishing / 2 }, 1)
  expect(sanding.amount).toBeCloseTo(one.bill.each - halved.bill.each, 9)
})

test('money is written to the cent, after the figure', () => {
  expect(money(12.345, { currency: 'kr' })).toBe('12.35 kr')
})

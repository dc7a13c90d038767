import { counted, fixed, minutesText } from '../length'
import type { Bill, BillWhat, BoxWork, PriceTerms, RunCost, SpoilChances } from '../price'

/** An amount of money, as it is written on paper. */
export const money = (amount: number, { currency }: Pick<PriceTerms, 'currency'>): string =>
  `${fixed(amount, 2)} ${currency}`

/** What a price is made of, to be said. */
export interface Priced {
  bill: Bill
  run: RunCost
  work: BoxWork
  chances: SpoilChances
  terms: PriceTerms
}

export interface SaidLine {
  what: BillWhat
  name: string
  says: string
  amount: number
  /** Of the cost, 0 to 1. */
  share: number
}

const NAMES: Record<BillWhat, string> = {
  sheets: 'Sheets',
  machine: 'Machine',
  hands: 'Your hours',
  glue: 'Glue',
  extras: 'Bought for each box',
  spoilt: 'Spoilt parts, on average',
}

const perHundred = (chance: number): string => `${fixed(chance * 100, chance < 0.1 ? 1 : 0)} in 100`

const SAYS: Record<BillWhat, (priced: Priced) => string> = {
  sheets: ({ run, terms }) => {
    const left = run.left > 0 ? `, less ${money(run.left * terms.rest, terms)} for the pieces left over` : ''
    return `${counted(run.sheets, 'sheet')} for ${money(run.material, terms)}${left}.`
  },
  machine: ({ run, terms }) => {
    const range = run.high > run.low ? `, ${minutesText(run.low / 60)} to ${minutesText(run.high / 60)}` : ''
    return `${minutesText(run.seconds / 60)}${range}, at ${money(terms.machineHour, terms)} an hour.`
  },
  hands: ({ bill, run, work, terms }) =>
    `${minutesText(bill.hands)}: ${minutesText(terms.setUp)} to set up, ` +
    `${minutesText(terms.perSheet * run.sheets)} at the bed, ` +
    `${minutesText(run.boxes * work.building)} to glue, ` +
    `${minutesText(run.boxes * terms.finishing)} to finish.`,
  glue: ({ run, work }) => `About ${fixed(run.boxes * work.glue, 0)} g.`,
  extras: ({ run, terms }) =>
    terms.extras.map(({ what, count }) => `${fixed(count * run.boxes, 0)} × ${what}`).join(', ') + '.',
  spoilt: ({ bill, chances }) => {
    const { spoilt, sound } = chances.part
    return (
      `${perHundred(spoilt / (spoilt + sound))} parts are spoilt and cut again, ` +
      `here ${fixed(bill.again, 1)}; ` +
      `joints miss in ${perHundred(chances.fit)} cuts, and cost one box.`
    )
  },
}

/** What a price is made of, the dearest first. */
export const billLines = (priced: Priced): SaidLine[] =>
  priced.bill.lines
    .map(({ what, amount }) => ({
      what,
      name: NAMES[what],
      says: SAYS[what](priced),
      amount,
      share: priced.bill.cost > 0 ? amount / priced.bill.cost : 0,
    }))
    .filter(({ what, amount }) => amount > 0 || what === 'sheets' || what === 'machine' || what === 'hands')
    .sort((a, b) => b.amount - a.amount)

/** What a price leaves out, since nobody said what it costs. */
export const leftOut = ({ run, terms }: Pick<Priced, 'run' | 'terms'>): string[] => [
  ...(run.material === 0 ? ['The sheet has no price yet: type it in Measure, with the stock.'] : []),
  ...(terms.hour === 0 ? ['Your own hour counts for nothing yet.'] : []),
  ...(terms.machineHour === 0 ? ['An hour of the machine counts for nothing yet.'] : []),
]

/** What would make a box cheaper, and by how much, the most first. */
export interface Saving {
  says: string
  /** Of the price of one box. */
  amount: number
}

/** Less than this share of the price is not worth a line. */
const WORTH = 0.01

/** @param more the same for more boxes, where that is known */
export function savingsOf({ bill, run, chances, terms }: Priced, more: Bill[] = []): Saving[] {
  const asked = (amount: number): number => (amount * (1 + terms.margin)) / bill.boxes
  const amountOf = (what: BillWhat): number => bill.lines.find((line) => line.what === what)?.amount ?? 0
  const ofBox = (amountOf('sheets') + amountOf('machine')) / bill.boxes
  const best = more.filter(({ boxes }) => boxes > bill.boxes).sort((a, b) => a.each - b.each)[0]
  const all: Saving[] = [
    ...(best
      ? [
          {
            says: `Make ${best.boxes} at once: sheets fill up, and you set up once.`,
            amount: bill.each - best.each,
          },
        ]
      : []),
    {
      says: 'Cut something else from what is left over, and it counts in full.',
      amount: asked(run.left * (1 - terms.rest)),
    },
    {
      says: 'Measure the kerf once more: joints that may miss are paid for.',
      amount: asked(chances.fit * ofBox),
    },
    {
      says: 'Halve the minutes of sanding and packing.',
      amount: asked((bill.boxes * terms.finishing * terms.hour) / 120),
    },
    {
      says: 'Engrave and score less, or cut quicker where the tests allow: a tenth of the machine’s time.',
      amount: asked(amountOf('machine') / 10),
    },
  ]
  return all.filter(({ amount }) => amount > bill.each * WORTH).sort((a, b) => b.amount - a.amount)
}

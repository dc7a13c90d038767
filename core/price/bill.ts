import { partsAgain, type Spoiling } from './spoilage'
import type { PriceTerms } from './terms'

/** Whole sheets and offcuts that a run takes of one stock, by their ids. */
export interface Takes {
  stock: string
  sheets: number
  offcuts: { offcut: string; count: number }[]
}

/** What cutting a number of boxes comes to, by their layout. Money in the terms' currency. */
export interface RunCost {
  boxes: number
  sheets: number
  /** What sheets and offcuts cost, and what the largest pieces left over cost of that. */
  material: number
  left: number
  /** Of the machine: expected, and between what nine of ten cuts lie; the same where it was never clocked. */
  seconds: number
  low: number
  high: number
  parts: number
  takes: Takes[]
}

/** What one box takes beside the cut. */
export interface BoxWork {
  /** Minutes of hands at gluing; waiting is nobody's work. */
  building: number
  /** Glue, grams. */
  glue: number
}

/** Chances of a cut that is spoilt. */
export interface SpoilChances {
  part: Spoiling
  /** That joints come out so that the first box cannot be used: 0 to 1. */
  fit: number
}

export type BillWhat = 'sheets' | 'machine' | 'hands' | 'glue' | 'extras' | 'spoilt'

interface BillLine {
  what: BillWhat
  amount: number
}

export interface Bill {
  boxes: number
  lines: BillLine[]
  /** What it costs the maker, and what is asked for it: of all boxes. */
  cost: number
  price: number
  /** What is asked for one. */
  each: number
  /** By how much the machine's own doubt moves the price of one, down and up. */
  less: number
  more: number
  /** Minutes of hands, and parts that are cut once more on average. */
  hands: number
  again: number
}

/** Minutes of hands until one spoilt part is cut again: found, laid out, cut, tried. [FM] */
export const AGAIN_MINUTES = 6

/**
 * What boxes cost, and what is asked for them. What is spoilt counts as much as it is expected to: a spoilt
 * part takes its share of sheet and machine once more and some minutes; joints that miss cost the first box,
 * after which the kerf is known.
 */
export function billOf(run: RunCost, work: BoxWork, chances: SpoilChances, terms: PriceTerms): Bill {
  const { boxes, parts } = run
  const sheets = run.material - run.left * terms.rest
  const hour = (seconds: number): number => (seconds / 3600) * terms.machineHour
  const machine = hour(run.seconds)
  const minutes = terms.setUp + terms.perSheet * run.sheets + boxes * (work.building + terms.finishing)
  const again = partsAgain(parts, chances.part)
  const ofPart = parts > 0 ? (sheets + machine) / parts : 0
  const ofBox = (sheets + machine) / boxes + (work.building / 60) * terms.hour
  const lines: BillLine[] = [
    { what: 'sheets', amount: sheets },
    { what: 'machine', amount: machine },
    { what: 'hands', amount: (minutes / 60) * terms.hour },
    { what: 'glue', amount: (boxes * work.glue * terms.glue) / 1000 },
    { what: 'extras', amount: boxes * terms.extras.reduce((sum, { count, each }) => sum + count * each, 0) },
    {
      what: 'spoilt',
      amount: again * (ofPart + (AGAIN_MINUTES / 60) * terms.hour) + chances.fit * ofBox,
    },
  ]
  const cost = lines.reduce((sum, { amount }) => sum + amount, 0)
  const asked = (amount: number): number => amount * (1 + terms.margin)
  return {
    boxes,
    lines,
    cost,
    price: asked(cost),
    each: asked(cost) / boxes,
    less: asked(hour(run.seconds - run.low)) / boxes,
    more: asked(hour(run.high - run.seconds)) / boxes,
    hands: minutes,
    again,
  }
}

/** Several runs one after the other, as one. */
export const together = (runs: RunCost[]): RunCost =>
  runs.reduce((sum, each) => ({
    boxes: sum.boxes + each.boxes,
    sheets: sum.sheets + each.sheets,
    material: sum.material + each.material,
    left: sum.left + each.left,
    seconds: sum.seconds + each.seconds,
    low: sum.low + each.low,
    high: sum.high + each.high,
    parts: sum.parts + each.parts,
    takes: takesTogether([...sum.takes, ...each.takes]),
  }))

/** Each stock once, and each of its offcuts. */
function takesTogether(all: Takes[]): Takes[] {
  const found = new Map<string, Takes>()
  for (const { stock, sheets, offcuts } of all) {
    const known = found.get(stock) ?? { stock, sheets: 0, offcuts: [] }
    const counts = new Map(known.offcuts.map(({ offcut, count }) => [offcut, count]))
    for (const { offcut, count } of offcuts) counts.set(offcut, (counts.get(offcut) ?? 0) + count)
    const own = [...counts].map(([offcut, count]) => ({ offcut, count }))
    found.set(stock, { stock, sheets: known.sheets + sheets, offcuts: own })
  }
  return [...found.values()]
}

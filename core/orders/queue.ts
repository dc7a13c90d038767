import type { RunCost } from '../price'
import type { Stock } from '../stock'
import type { Order } from './order'

interface Named {
  id: string
  name: string
}

/** A waiting order, with what it is cut on and from, and what cutting it comes to. */
export interface QueuedOrder {
  order: Order
  machine: Named | null
  stock: Named | null
  /** Null while it is worked out, or where it cannot be. */
  run: RunCost | null
}

/** Orders that are cut on one machine from one stock: they can share sheets. */
export interface QueueGroup {
  key: string
  machine: Named | null
  stock: Named | null
  entries: QueuedOrder[]
  seconds: number
}

/** Orders by machine and stock, each in its turn; the group with the most urgent one first. */
export function queueGroups(queued: QueuedOrder[]): QueueGroup[] {
  const groups = new Map<string, QueueGroup>()
  for (const each of queued) {
    const { machine, stock } = each
    const key = `${machine?.id ?? ''} ${stock?.id ?? ''}`
    const known = groups.get(key) ?? { key, machine, stock, entries: [], seconds: 0 }
    known.entries.push(each)
    known.seconds += each.run?.seconds ?? 0
    groups.set(key, known)
  }
  return [...groups.values()]
}

/** When an order is cut, if its machine runs so many hours a day. */
export interface Turn {
  order: Order
  /** Hours at its machine until it is cut, those before it counted. */
  hours: number
  /** The day on which it is cut, ISO 8601. */
  day: string
  /** Cut after the day it is due; or it may be, as the machine's clock is in doubt. */
  late: 'no' | 'perhaps' | 'yes'
}

/** What waits for one machine. */
export interface MachineQueue {
  machine: Named
  hours: number
  turns: Turn[]
}

/** A day so many days later, ISO 8601. */
function dayAfter(day: string, days: number): string {
  const date = new Date(`${day}T12:00:00Z`)
  date.setUTCDate(date.getUTCDate() + days)
  return date.toISOString().slice(0, 10)
}

/** The last of so many hours is worked on that day, today being the first. */
const dayOfHours = (hours: number, aDay: number, today: string): string =>
  dayAfter(today, Math.max(0, Math.ceil(hours / aDay - 1e-9) - 1))

/**
 * Machine hours one after the other, each machine by itself: on which day each order is cut, and whether that
 * is too late. Days are calendar days. @param aDay hours a day at the laser @param today ISO 8601
 */
export function machineQueues(queued: QueuedOrder[], aDay: number, today: string): MachineQueue[] {
  const queues = new Map<string, MachineQueue & { most: number }>()
  for (const { order, machine, run } of queued) {
    if (!machine || !run) continue
    const own = queues.get(machine.id) ?? { machine, hours: 0, most: 0, turns: [] }
    own.hours += run.seconds / 3600
    own.most += run.high / 3600
    const day = dayOfHours(own.hours, aDay, today)
    const isAfter = (each: string): boolean => order.due !== '' && each > order.due
    const late = isAfter(day) ? 'yes' : isAfter(dayOfHours(own.most, aDay, today)) ? 'perhaps' : 'no'
    own.turns.push({ order, hours: own.hours, day, late })
    queues.set(machine.id, own)
  }
  return [...queues.values()].map(({ machine, hours, turns }) => ({ machine, hours, turns }))
}

/** What the queue takes of a stock, against what is there. */
export interface StockNeed {
  stock: Named
  sheets: number
  atHand: number
  /** Whole sheets that are to be bought. */
  short: number
}

/** Whole sheets that all of it takes, by stock. */
export function stockNeeds(queued: QueuedOrder[], stocks: Stock[]): StockNeed[] {
  const sums = new Map<string, number>()
  for (const { run } of queued)
    for (const { stock, sheets } of run?.takes ?? []) sums.set(stock, (sums.get(stock) ?? 0) + sheets)
  return [...sums].flatMap(([id, sheets]) => {
    const stock = stocks.find((each) => each.id === id)
    if (!stock) return []
    const atHand = stock.sheetsAtHand
    return [{ stock: { id, name: stock.name }, sheets, atHand, short: Math.max(0, sheets - atHand) }]
  })
}

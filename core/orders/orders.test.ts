import { describe, expect, test } from '@jest/globals'
import fc from 'fast-check'
import { anOrder } from '../../scripts/testing/bench-records'
import type { RunCost } from '../price'
import { newStock, rectangularOffcut } from '../stock'
import {
  inQueue,
  machineQueues,
  nextOrderNumber,
  orderSchema,
  queueGroups,
  reservedOf,
  stockNeeds,
  withoutReserved,
  type Order,
  type QueuedOrder,
} from './index'

const order = (number: number, more: Partial<Order> = {}): Order => ({
  ...anOrder,
  id: `o${number}`,
  number,
  ...more,
})
const run = (hours: number, more: Partial<RunCost> = {}): RunCost => ({
  boxes: 1,
  sheets: 1,
  material: 0,
  left: 0,
  seconds: hours * 3600,
  low: hours * 3600,
  high: hours * 3600,
  parts: 5,
  takes: [],
  ...more,
})
const SHED = { id: 'm', name: 'Shed laser' }
const PLY = { id: 's', name: 'Birch ply 3' }
const queued = (each: Order, hours: number, more: Partial<QueuedOrder> = {}): QueuedOrder => ({
  order: each,
  machine: SHED,
  stock: PLY,
  run: run(hours),
  ...more,
})

test('waiting orders come by the day they are due, those without a day last, then as they came', () => {
  const all = [
    order(1, { due: '' }),
    order(2, { due: '2026-12-09' }),
    order(3, { due: '2026-12-04' }),
    order(4, { due: '2026-12-04', state: 'cut' }),
    order(5, { due: '2026-12-04' }),
  ]
  expect(inQueue(all).map(({ number }) => number)).toEqual([3, 5, 2, 1])
  expect([nextOrderNumber(all), nextOrderNumber([])]).toEqual([6, 1])
})

test('a day is written as a day, or not at all', () => {
  const isRead = (due: string): boolean => orderSchema.safeParse({ ...anOrder, due }).success
  expect(['2026-12-04', '', '4 December', '2026-12-04T10:00'].map(isRead)).toEqual([true, true, false, false])
})

describe('machine hours', () => {
  test('add up in turn, and tell the day on which each is cut', () => {
    const [queue] = machineQueues(
      [queued(order(1), 3), queued(order(2), 1), queued(order(3), 0.5), queued(order(4), 8)],
      4,
      '2026-12-01',
    )
    // 3 and 4 h on the first day, 4.5 on the second, 12.5 h on the fourth of four hours each.
    expect(queue.turns.map(({ day }) => day)).toEqual([
      '2026-12-01',
      '2026-12-01',
      '2026-12-02',
      '2026-12-04',
    ])
    expect(queue.hours).toBeCloseTo(12.5, 9)
    expect(queue.turns.map(({ late }) => late)).toEqual(['no', 'no', 'no', 'no'])
  })
  test('late is what is cut after its day; perhaps, where only the clock’s doubt makes it so', () => {
    const due = { due: '2026-12-01' }
    const doubtful = { run: run(3.9, { high: 4.2 * 3600 }) }
    const lateOf = (each: QueuedOrder): string => machineQueues([each], 4, '2026-12-01')[0].turns[0].late
    expect(lateOf(queued(order(1, due), 4))).toBe('no')
    expect(lateOf(queued(order(1, due), 4.1))).toBe('yes')
    expect(lateOf(queued(order(1, due), 0, doubtful))).toBe('perhaps')
    expect(lateOf(queued(order(1, { due: '' }), 400))).toBe('no')
  })
  test('of another machine are its own, and what was not worked out is left out', () => {
    const other = { id: 'n', name: 'Barn laser' }
    const queues = machineQueues(
      [queued(order(1), 3), queued(order(2), 2, { machine: other }), queued(order(3), 9, { run: null })],
      4,
      '2026-12-01',
    )
    expect(queues.map(({ machine, hours }) => [machine.name, hours])).toEqual([
      ['Shed laser', 3],
      ['Barn laser', 2],
    ])
  })
})

test('orders of one machine and stock are a group, which comes where its first order stands', () => {
  const card = { id: 'c', name: 'Card' }
  const groups = queueGroups([
    queued(order(1), 1),
    queued(order(2), 2, { stock: card }),
    queued(order(3), 4),
    queued(order(4), 1, { run: null }),
  ])
  expect(
    groups.map(({ entries, seconds }) => [entries.map(({ order: { number } }) => number), seconds]),
  ).toEqual([
    [[1, 3, 4], 5 * 3600],
    [[2], 2 * 3600],
  ])
})

test('whole sheets are summed against what is there; what is missing is to be bought', () => {
  const takes = (sheets: number): Partial<QueuedOrder> => ({
    run: run(1, { takes: [{ stock: 's', sheets, offcuts: [{ offcut: 'o', count: 1 }] }] }),
  })
  const stock = { ...newStock('s', 'Birch ply 3'), sheetsAtHand: 4 }
  const needs = stockNeeds([queued(order(1), 1, takes(3)), queued(order(2), 1, takes(2))], [stock])
  expect(needs).toEqual([{ stock: PLY, sheets: 5, atHand: 4, short: 1 }])
})

describe('an offcut that is kept for an order', () => {
  const stock = {
    ...newStock('s', 'Birch ply 3'),
    offcuts: [{ ...rectangularOffcut('a', 300, 200, ''), count: 3 }, rectangularOffcut('b', 200, 100, '')],
  }
  const keeps = (count: number, offcut = 'a'): Partial<Order> => ({
    reserved: [{ stock: 's', offcut, count }],
  })
  test('is not there for the others, and is there for itself', () => {
    const [first, second] = [order(1, keeps(2)), order(2, keeps(1, 'b'))]
    const left = (own: Order): number[] =>
      ['a', 'b'].map((id) => {
        const seen = withoutReserved(stock, [first, second], own)
        return seen.offcuts.find((each) => each.id === id)?.count ?? 0
      })
    expect([left(first), left(second), left(order(3))]).toEqual([
      [3, 0],
      [1, 1],
      [1, 0],
    ])
  })
  test('is free again once its order is cut', () => {
    const cut = order(1, { ...keeps(3), state: 'cut' })
    expect(withoutReserved(stock, [cut], order(2))).toEqual(stock)
    expect(reservedOf('s', [cut]).size).toBe(0)
  })
  test('what orders keep and what is left for a new one is what there is', () => {
    const counts = fc.array(fc.integer({ min: 1, max: 3 }), { maxLength: 4 })
    fc.assert(
      fc.property(counts, (all) => {
        const orders = all.map((count, i) => order(i + 1, keeps(count)))
        const kept = reservedOf('s', orders).get('a')?.count ?? 0
        const seen = withoutReserved(stock, orders, order(99))
        const left = seen.offcuts.find(({ id }) => id === 'a')?.count ?? 0
        expect(left).toBe(Math.max(0, 3 - kept))
      }),
    )
  })
})

import type { Offcut, Stock } from '../stock'
import { inQueue, type Order } from './order'

/** Which waiting orders an offcut is kept for, and how many of it all together. */
export interface Reserved {
  count: number
  orders: Order[]
}

/** What is kept of a stock's offcuts, by their ids. */
export function reservedOf(stock: string, orders: Order[]): Map<string, Reserved> {
  const found = new Map<string, Reserved>()
  for (const order of inQueue(orders))
    for (const each of order.reserved.filter((own) => own.stock === stock)) {
      const known = found.get(each.offcut) ?? { count: 0, orders: [] }
      found.set(each.offcut, { count: known.count + each.count, orders: [...known.orders, order] })
    }
  return found
}

/** The stock as an order sees it: without the offcuts that are kept for others. */
export function withoutReserved(stock: Stock, orders: Order[], own: Pick<Order, 'id'>): Stock {
  const reserved = reservedOf(
    stock.id,
    orders.filter(({ id }) => id !== own.id),
  )
  const left = (offcut: Offcut): number => offcut.count - (reserved.get(offcut.id)?.count ?? 0)
  const offcuts = stock.offcuts.filter((offcut) => left(offcut) > 0)
  return { ...stock, offcuts: offcuts.map((offcut) => ({ ...offcut, count: left(offcut) })) }
}

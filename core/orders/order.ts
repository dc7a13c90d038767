import { z } from 'zod'
import { order as words } from './words'

/** How far an order is: to be cut, cut and being built, handed over. */
const ORDER_STATES = ['waiting', 'cut', 'handed over'] as const
export type OrderState = (typeof ORDER_STATES)[number]

const identifier = z.string().min(1).max(60)

/** An offcut that is kept for an order: of which stock, and how many of it. */
const reservedSchema = z.strictObject({
  stock: identifier,
  offcut: identifier,
  count: z.number().int().min(1).max(999),
})

/** Somebody wants so many boxes of a job, by a day. */
export const orderSchema = z.strictObject({
  id: identifier,
  number: z.number().int().min(1).max(99_999),
  /** For whom it is; may be empty. */
  customer: z.string().max(120),
  /** The job, and as it was called then. */
  job: identifier,
  name: z.string().min(1).max(80),
  boxes: z.number().int().min(1).max(1000),
  /** The day on which it is to be there, ISO 8601; empty where none was named. */
  due: z.string().regex(/^(\d{4}-\d{2}-\d{2})?$/, words.daySuchNothing),
  note: z.string().max(400),
  state: z.enum(ORDER_STATES),
  /** Offcuts that no other order may take. */
  reserved: z.array(reservedSchema).max(60),
  /** When it was taken, ISO 8601. */
  taken: z.string().max(40),
})
export type Order = z.infer<typeof orderSchema>

/** The number that the next order gets. */
export const nextOrderNumber = (orders: Pick<Order, 'number'>[]): number =>
  orders.reduce((most, { number }) => Math.max(most, number), 0) + 1

/** Waiting orders in the order in which they are cut: by the day they are due, then as they came. */
export const inQueue = (orders: Order[]): Order[] =>
  orders
    .filter(({ state }) => state === 'waiting')
    .sort((a, b) => (a.due || '9').localeCompare(b.due || '9') || a.number - b.number)

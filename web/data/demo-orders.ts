import type { Job } from '@core/job'
import type { Order } from '@core/orders'
import orders from '../../demo/orders.json'
import { dayOf } from './dates'

const DAY = 24 * 3600_000

/** The field station’s order book: who wants what, so many days from now. */
export const demoOrders = (jobs: Job[], now: Date): Order[] =>
  orders.flatMap(({ inDays, ...about }, i) => {
    const job = jobs.find(({ id }) => id === about.job)
    if (!job) return []
    const due = inDays === null ? '' : dayOf(new Date(now.getTime() + inDays * DAY))
    const own = { id: `demo-order-${i + 1}`, number: i + 1, name: job.name, due }
    return [{ ...about, ...own, state: 'waiting' as const, reserved: [], taken: now.toISOString() }]
  })

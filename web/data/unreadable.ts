import { RECORD_SCHEMAS, repairJob } from '@core/keep'
import { repair, sentenceFor, type Repaired } from '@core/limits'
import { BENCH_STORES } from './db'
import { unreadable as words } from './words'

export type Shelf = (typeof BENCH_STORES)[number]

/** A record that is stored and cannot be read. It is never called absent. */
export interface Unreadable {
  shelf: 'jobs' | Shelf
  id: string
  name: string
  why: string
  /** As it is stored. */
  raw: unknown
  /** What it would be with its figures brought within their limits; null when that does not mend it. */
  repaired: Repaired<unknown> | null
}

const textOf = (value: unknown, key: string): string | null => {
  if (typeof value !== 'object' || value === null) return null
  const text = (value as Record<string, unknown>)[key]
  return typeof text === 'string' && text !== '' ? text : null
}

const idOf = (raw: unknown): string => textOf(raw, 'id') ?? ''

const NAMES: Record<Shelf | 'jobs', string> = {
  jobs: 'a job',
  machines: 'a machine',
  stocks: 'a stock',
  kerfs: 'a kerf',
  tests: 'a test',
  tastes: words.recordOwnSnug,
  events: words.somethingDoneMachine,
  runs: words.minutesCut,
  checks: words.checkKerf,
  promises: words.promiseCame,
  orders: words.anOrder,
}

const nameOf = (shelf: Unreadable['shelf'], raw: unknown): string =>
  textOf(raw, 'name') ?? textOf(raw, 'what') ?? NAMES[shelf]

/** @param stored the whole record; the job is inside it */
export function unreadableJob(stored: unknown, why: string): Unreadable {
  const raw = (stored as { job?: unknown } | null)?.job
  return { shelf: 'jobs', id: idOf(stored), name: nameOf('jobs', raw), why, raw, repaired: repairJob(raw) }
}

/** Sorts what is stored on a shelf into what can be read and what cannot. */
export function readRecords<T>(shelf: Shelf, stored: unknown[]): { records: T[]; unreadable: Unreadable[] } {
  const schema = RECORD_SCHEMAS[shelf]
  const records: T[] = []
  const unreadable: Unreadable[] = []
  for (const raw of stored) {
    const read = schema.safeParse(raw)
    if (read.success) records.push(read.data as T)
    else {
      const why = `${sentenceFor(read.error)}.`
      unreadable.push({
        shelf,
        id: idOf(raw),
        name: nameOf(shelf, raw),
        why,
        raw,
        repaired: repair<unknown>(schema, raw),
      })
    }
  }
  return { records, unreadable }
}

import { defineStore } from 'pinia'
import { shallowRef } from 'vue'
import { onBenchNews, tell, type Shelf } from '@web/data/bench-news'
import { database } from '@web/data/db'
import type { Job } from '@core/job'
import { tasteFor, type Taste, type TasteRecord } from '@core/fit'
import { newestKerf, type KerfRecord, type MachineEvent } from '@core/kerf'
import type { Machine } from '@core/machine'
import type { Family, Stock } from '@core/stock'
import type { TestRecord } from '@core/tune'
import { useMessages } from './messages'

interface Records {
  machines: Machine
  stocks: Stock
  kerfs: KerfRecord
  tests: TestRecord
  tastes: TasteRecord
  events: MachineEvent
}
type AnyRecord = Records[Shelf]

/** What was done to one record: put, changed (both are there) or taken away. */
export interface BenchChange {
  shelf: Shelf
  id: string
  before: AnyRecord | null
  after: AnyRecord | null
}

const same = (a: unknown, b: unknown): boolean => JSON.stringify(a) === JSON.stringify(b)

/** What all jobs share: machines, stock, kerfs and tests. Jobs keep copies of what they used. */
export const useBench = defineStore('bench', () => {
  const machines = shallowRef<Machine[]>([])
  const stocks = shallowRef<Stock[]>([])
  const kerfs = shallowRef<KerfRecord[]>([])
  const tests = shallowRef<TestRecord[]>([])
  const tastes = shallowRef<TasteRecord[]>([])
  const events = shallowRef<MachineEvent[]>([])
  const shelves = { machines, stocks, kerfs, tests, tastes, events }
  let writes = 0
  let written: Promise<unknown> = Promise.resolve()

  async function load(): Promise<void> {
    const db = await database()
    await Promise.all(
      (Object.keys(shelves) as Shelf[]).map(async (shelf) => {
        ;(shelves[shelf] as { value: unknown }).value = await db.getAll(shelf)
      }),
    )
  }

  const find = (shelf: Shelf, id: string): AnyRecord | null =>
    shelves[shelf].value.find((record) => record.id === id) ?? null

  /** Puts a record on its shelf in place of the one with the same id, or takes that away. */
  function set({ shelf, id }: BenchChange, record: AnyRecord | null): void {
    const list = shelves[shelf] as unknown as { value: AnyRecord[] }
    list.value = [...list.value.filter((each) => each.id !== id), ...(record ? [record] : [])]
    writes++
    written = database()
      .then<unknown>((db) =>
        record ? db.put(shelf, structuredClone(record) as never) : db.delete(shelf, id),
      )
      .then(() => tell(shelf))
      .catch(() => {
        useMessages().say(
          'stop',
          'The bench could not be stored: the browser has no room left or forbids it. What is on the screen is kept; export your job to be safe.',
        )
      })
  }

  /** Puts a record on its shelf, in place of the one with the same id. @returns the change, for the job's history */
  function put<S extends Shelf>(shelf: S, record: Records[S]): BenchChange {
    const change = { shelf, id: record.id, before: find(shelf, record.id), after: record }
    set(change, record)
    return change
  }

  /** Takes a record from its shelf. @returns the change, for the job's history */
  function remove(shelf: Shelf, id: string): BenchChange {
    const change = { shelf, id, before: find(shelf, id), after: null }
    set(change, null)
    return change
  }

  /** Takes changes back, the last one first; a record that was changed otherwise since stays as it is. */
  function undo(changes: BenchChange[]): void {
    for (const change of [...changes].reverse())
      if (same(find(change.shelf, change.id), change.after)) set(change, change.before)
  }
  function redo(changes: BenchChange[]): void {
    for (const change of changes)
      if (same(find(change.shelf, change.id), change.before)) set(change, change.after)
  }

  /** Reads a shelf that another tab wrote onto; what is written here meanwhile is not lost over it. */
  async function reread(shelf: Shelf): Promise<void> {
    for (let seen = -1; seen !== writes;) {
      seen = writes
      await written
      const records = await (await database()).getAll(shelf)
      if (seen === writes) (shelves[shelf] as { value: unknown }).value = records
    }
  }
  onBenchNews((shelf) => void reread(shelf))

  /** Takes over from a job what the bench does not have yet; what it has stays as it is. */
  function learn({ measure: { machine, stock, kerf }, tune }: Job): void {
    const isNew = (list: { id: string }[], id: string): boolean => !list.some((record) => record.id === id)
    if (machine && isNew(machines.value, machine.id)) put('machines', machine)
    if (stock && isNew(stocks.value, stock.id)) put('stocks', stock)
    if (kerf && isNew(kerfs.value, kerf.id)) put('kerfs', kerf)
    for (const test of tune.tests) if (isNew(tests.value, test.id)) put('tests', test)
  }

  const kerfFor = (machineId: string | undefined, stockId: string | undefined): KerfRecord | null =>
    newestKerf(kerfs.value, machineId, [stockId])

  /** What a job would cut with now: the bench's newest kerf, unless the job's own copy is newer, as when its record was taken off the bench. */
  function latestKerf(
    machine: Machine | null,
    stock: Stock | null,
    own: KerfRecord | null,
  ): KerfRecord | null {
    const newest = kerfFor(machine?.id, stock?.id)
    return own && (newest === null || newest.on < own.on) ? own : newest
  }

  /** The maker's own snug for a family; null while nothing is known of it. */
  function tasteOf(family: Family | undefined): Taste | null {
    const taste = family ? tasteFor(tastes.value, family) : null
    return taste && taste.count > 0 ? taste : null
  }

  /** Names of what the bench knows differently from a job's copies. */
  function newerThan({ measure: { machine, stock, kerf, taste }, tune }: Job): string[] {
    const differs = (list: { id: string }[], copy: { id: string } | null): boolean => {
      const record = copy && list.find(({ id }) => id === copy.id)
      return Boolean(record) && !same(record, copy)
    }
    const isOther = (record: object | null, copy: object | null): boolean =>
      record !== null && !same(record, copy)
    const own = tests.value.filter((test) => test.machineId === machine?.id && test.family === stock?.family)
    return [
      ...(differs(machines.value, machine) ? ['the machine'] : []),
      ...(differs(stocks.value, stock) ? ['the stock'] : []),
      ...(isOther(latestKerf(machine, stock, kerf), kerf) ? ['the kerf'] : []),
      ...(isOther(tasteOf(stock?.family), taste) ? ['your own snug'] : []),
      ...(own.some((test) => !tune.tests.some(({ id }) => id === test.id)) ? ['tests'] : []),
    ]
  }

  /** A job's measured figures as the bench has them now. */
  const renewed = (measure: Job['measure']): Job['measure'] => {
    const machine = machines.value.find(({ id }) => id === measure.machine?.id) ?? measure.machine
    const stock = stocks.value.find(({ id }) => id === measure.stock?.id) ?? measure.stock
    return {
      ...measure,
      machine,
      stock,
      kerf: latestKerf(machine, stock, measure.kerf),
      taste: tasteOf(stock?.family) ?? measure.taste,
    }
  }
  return {
    machines,
    stocks,
    kerfs,
    tests,
    tastes,
    events,
    load,
    reread,
    put,
    remove,
    redo,
    undo,
    learn,
    kerfFor,
    tasteOf,
    newerThan,
    renewed,
  }
})

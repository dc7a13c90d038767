import { shallowRef } from 'vue'
import { onBenchNews, readShelf, writeRecord } from '@web/data/bench'
import { BENCH_STORES } from '@web/data/db'
import type { Shelf, Unreadable } from '@web/data/unreadable'
import type { CheckRecord, PromiseRecord } from '@core/belief'
import type { TasteRecord } from '@core/fit'
import type { KerfRecord, MachineEvent } from '@core/kerf'
import type { Machine } from '@core/machine'
import type { Order } from '@core/orders'
import type { Run } from '@core/plan'
import type { Stock } from '@core/stock'
import type { TestRecord } from '@core/tune'
import { useMessages } from './messages'
import { benchShelves as words } from './words'

export interface Records {
  machines: Machine
  stocks: Stock
  kerfs: KerfRecord
  tests: TestRecord
  tastes: TasteRecord
  events: MachineEvent
  runs: Run
  checks: CheckRecord
  promises: PromiseRecord
  orders: Order
}
export type AnyRecord = Records[Shelf]

/** The shelves of the bench, as they are on the screen, and their way into storage. */
export function benchShelves() {
  const machines = shallowRef<Machine[]>([])
  const stocks = shallowRef<Stock[]>([])
  const kerfs = shallowRef<KerfRecord[]>([])
  const tests = shallowRef<TestRecord[]>([])
  const tastes = shallowRef<TasteRecord[]>([])
  const events = shallowRef<MachineEvent[]>([])
  const runs = shallowRef<Run[]>([])
  const checks = shallowRef<CheckRecord[]>([])
  const promises = shallowRef<PromiseRecord[]>([])
  const orders = shallowRef<Order[]>([])
  const shelves = { machines, stocks, kerfs, tests, tastes, events, runs, checks, promises, orders }
  const unreadable = shallowRef<Unreadable[]>([])
  let writes = 0
  let written: Promise<unknown> = Promise.resolve()

  const listOf = (shelf: Shelf): { value: AnyRecord[] } => shelves[shelf] as { value: AnyRecord[] }

  async function read(shelf: Shelf): Promise<() => void> {
    const found = await readShelf<AnyRecord>(shelf)
    return () => {
      listOf(shelf).value = found.records
      unreadable.value = [...unreadable.value.filter((each) => each.shelf !== shelf), ...found.unreadable]
    }
  }

  async function load(): Promise<void> {
    const loaded = await Promise.all(BENCH_STORES.map(read))
    for (const take of loaded) take()
  }

  const find = (shelf: Shelf, id: string): AnyRecord | null =>
    listOf(shelf).value.find((record) => record.id === id) ?? null

  /** What could not be stored: it is tried again with the next that is written. */
  const waiting = new Map<string, { shelf: Shelf; id: string; record: AnyRecord | null }>()
  const isUnsaved = (): boolean => waiting.size > 0

  function write(shelf: Shelf, id: string, record: AnyRecord | null): void {
    const again = [...waiting.values()].filter((each) => each.shelf !== shelf || each.id !== id)
    const all = [...again, { shelf, id, record }]
    for (const each of all) waiting.set(`${each.shelf} ${each.id}`, each)
    writes++
    written = Promise.all(all.map(writeOne))
  }
  async function writeOne(one: { shelf: Shelf; id: string; record: AnyRecord | null }): Promise<void> {
    const key = `${one.shelf} ${one.id}`
    try {
      await writeRecord(one.shelf, one.id, one.record)
      if (waiting.get(key) === one) waiting.delete(key)
    } catch {
      useMessages().say('stop', words.benchCouldNot)
    }
  }

  /** Puts a record on its shelf in place of the one with the same id, or takes that away. */
  function set({ shelf, id }: { shelf: Shelf; id: string }, record: AnyRecord | null): void {
    const list = listOf(shelf)
    list.value = [...list.value.filter((each) => each.id !== id), ...(record ? [record] : [])]
    write(shelf, id, record)
  }

  /** Reads a shelf that another tab wrote onto; what is written here meanwhile is not lost over it. */
  async function reread(shelf: Shelf): Promise<void> {
    for (let seen = -1; seen !== writes;) {
      seen = writes
      await written
      const take = await read(shelf)
      if (seen === writes) take()
    }
  }
  onBenchNews((shelf) => void reread(shelf).catch(() => undefined))

  /** Stores everything on the screen again, after the browser lost it. */
  function writeAll(): void {
    for (const shelf of BENCH_STORES)
      for (const record of listOf(shelf).value) write(shelf, record.id, record)
  }

  /** Deals with a record that cannot be read. @param record what it is mended to; null takes it away */
  async function settle({ shelf, id }: Unreadable, record: unknown): Promise<void> {
    if (shelf === 'jobs') return
    await writeRecord(shelf, id, record)
    await reread(shelf)
  }

  return { shelves, unreadable, load, find, set, reread, writeAll, settle, isUnsaved }
}

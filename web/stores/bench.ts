import { defineStore } from 'pinia'
import { shallowRef } from 'vue'
import { onBenchNews, readShelf, writeRecord } from '@web/data/bench'
import { BENCH_STORES } from '@web/data/db'
import type { Shelf, Unreadable } from '@web/data/unreadable'
import type { Job } from '@core/job'
import { RECORD_SCHEMAS } from '@core/keep'
import { tasteFor, type Taste, type TasteRecord } from '@core/fit'
import { newestKerf, type KerfRecord, type MachineEvent } from '@core/kerf'
import { sentenceFor } from '@core/limits'
import type { Machine } from '@core/machine'
import type { Run } from '@core/plan'
import type { Family, Stock } from '@core/stock'
import type { TestRecord } from '@core/tune'
import { refuse } from '@web/refusals'
import { same } from '@core/limits'
import { useMessages } from './messages'

export interface Records {
  machines: Machine
  stocks: Stock
  kerfs: KerfRecord
  tests: TestRecord
  tastes: TasteRecord
  events: MachineEvent
  runs: Run
}
type AnyRecord = Records[Shelf]

/** What is or was done to one record: put, changed (both are there) or taken away. */
export interface BenchChange {
  shelf: Shelf
  id: string
  before: AnyRecord | null
  after: AnyRecord | null
}

/** Why a change cannot be kept; null when it can. */
export function changeRefusal({ shelf, after }: BenchChange): string | null {
  const read = after && RECORD_SCHEMAS[shelf].safeParse(after)
  return read && !read.success ? `This cannot be kept: ${sentenceFor(read.error)}.` : null
}

/** What all jobs share: machines, stock, kerfs and tests. Jobs keep copies of what they used. */
export const useBench = defineStore('bench', () => {
  const machines = shallowRef<Machine[]>([])
  const stocks = shallowRef<Stock[]>([])
  const kerfs = shallowRef<KerfRecord[]>([])
  const tests = shallowRef<TestRecord[]>([])
  const tastes = shallowRef<TasteRecord[]>([])
  const events = shallowRef<MachineEvent[]>([])
  const runs = shallowRef<Run[]>([])
  const shelves = { machines, stocks, kerfs, tests, tastes, events, runs }
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

  function write(shelf: Shelf, id: string, record: AnyRecord | null): void {
    writes++
    written = writeRecord(shelf, id, record).catch(() => {
      useMessages().say(
        'stop',
        'The bench could not be stored: the browser has no room left or forbids it. What is on the ' +
          'screen is kept; export your job to be safe.',
      )
    })
  }

  /** Puts a record on its shelf in place of the one with the same id, or takes that away. */
  function set({ shelf, id }: BenchChange, record: AnyRecord | null): void {
    const list = listOf(shelf)
    list.value = [...list.value.filter((each) => each.id !== id), ...(record ? [record] : [])]
    write(shelf, id, record)
  }

  /** What putting a record on its shelf would change; nothing is done yet. */
  const putting = <S extends Shelf>(shelf: S, record: Records[S]): BenchChange => ({
    shelf,
    id: record.id,
    before: find(shelf, record.id),
    after: record,
  })
  const removing = (shelf: Shelf, id: string): BenchChange => ({
    shelf,
    id,
    before: find(shelf, id),
    after: null,
  })

  /** Does what was planned. What cannot be kept is refused whole. @returns whether it was done */
  function apply(changes: BenchChange[]): boolean {
    const refusal = changes.map(changeRefusal).find((sentence) => sentence !== null)
    if (refusal) {
      refuse(refusal, (sentence) => useMessages().say('stop', sentence))
      return false
    }
    for (const change of changes) set(change, change.after)
    return true
  }

  const put = <S extends Shelf>(shelf: S, record: Records[S]): boolean => apply([putting(shelf, record)])

  /** Takes a record from its shelf. @returns the change, which can be undone */
  function remove(shelf: Shelf, id: string): BenchChange {
    const change = removing(shelf, id)
    set(change, null)
    return change
  }

  /** Takes changes back, the last one first; a record that was changed otherwise since stays as it is. */
  function undo(changes: BenchChange[]): void {
    for (const change of [...changes].reverse()) {
      if (same(find(change.shelf, change.id), change.after)) set(change, change.before)
    }
  }
  function redo(changes: BenchChange[]): void {
    for (const change of changes) {
      if (same(find(change.shelf, change.id), change.before)) set(change, change.after)
    }
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

  /** Takes over from a job what the bench does not have yet; what it has stays as it is. */
  function learn({ measure: { machine, stock, kerf, more }, tune }: Job): void {
    const isNew = (shelf: Shelf, id: string): boolean => find(shelf, id) === null
    if (machine && isNew('machines', machine.id)) put('machines', machine)
    for (const each of [stock && { stock, kerf }, ...more]) {
      if (each && isNew('stocks', each.stock.id)) put('stocks', each.stock)
      if (each?.kerf && isNew('kerfs', each.kerf.id)) put('kerfs', each.kerf)
    }
    for (const test of tune.tests) if (isNew('tests', test.id)) put('tests', test)
  }

  const kerfFor = (machineId: string | undefined, stockId: string | undefined): KerfRecord | null =>
    newestKerf(kerfs.value, machineId, [stockId])

  /**
   * What a job would cut with now: the bench's newest kerf, unless the job's own copy is newer, as when its
   * record was taken off the bench.
   */
  function latestKerf(
    machine: Machine | null,
    stock: Stock | null,
    own: KerfRecord | null,
  ): KerfRecord | null {
    const newest = kerfFor(machine?.id, stock?.id)
    return own && (newest === null || newest.on < own.on) ? own : newest
  }

  /**
   * The maker's own snug for a family; null while nothing is known of it. @param more records counted as
   * well, in place of theirs
   */
  function tasteOf(family: Family | undefined, ...more: TasteRecord[]): Taste | null {
    const own = tastes.value.filter(({ id }) => !more.some((each) => each.id === id))
    const taste = family ? tasteFor([...own, ...more], family) : null
    return taste && taste.count > 0 ? taste : null
  }

  /** Names of what the bench knows differently from a job's copies. */
  function newerThan({ measure: { machine, stock, kerf, taste, more }, tune }: Job): string[] {
    const differs = (shelf: Shelf, copy: AnyRecord | null): boolean => {
      const record = copy && find(shelf, copy.id)
      return Boolean(record) && !same(record, copy)
    }
    const isOther = (record: object | null, copy: object | null): boolean =>
      record !== null && !same(record, copy)
    const own = tests.value.filter((test) => test.machineId === machine?.id && test.family === stock?.family)
    return [
      ...(differs('machines', machine) ? ['the machine'] : []),
      ...(differs('stocks', stock) ? ['the stock'] : []),
      ...(isOther(latestKerf(machine, stock, kerf), kerf) ? ['the kerf'] : []),
      ...(isOther(tasteOf(stock?.family), taste) ? ['your own snug'] : []),
      ...more.flatMap((each) =>
        differs('stocks', each.stock) || isOther(latestKerf(machine, each.stock, each.kerf), each.kerf)
          ? [each.stock.name]
          : [],
      ),
      ...(own.some((test) => !tune.tests.some(({ id }) => id === test.id)) ? ['tests'] : []),
    ]
  }

  /** A job's measured figures as the bench has them now. */
  const renewed = (measure: Job['measure']): Job['measure'] => {
    const machine = machines.value.find(({ id }) => id === measure.machine?.id) ?? measure.machine
    const stock = stocks.value.find(({ id }) => id === measure.stock?.id) ?? measure.stock
    const more = measure.more.map((each) => {
      const other = stocks.value.find(({ id }) => id === each.stock.id) ?? each.stock
      const kerf = latestKerf(machine, other, each.kerf)
      return { stock: other, kerf, taste: tasteOf(other.family) ?? each.taste }
    })
    return {
      ...measure,
      machine,
      stock,
      kerf: latestKerf(machine, stock, measure.kerf),
      taste: tasteOf(stock?.family) ?? measure.taste,
      more,
    }
  }
  return {
    ...shelves,
    unreadable,
    load,
    reread,
    putting,
    removing,
    apply,
    put,
    remove,
    redo,
    undo,
    writeAll,
    settle,
    learn,
    kerfFor,
    tasteOf,
    newerThan,
    renewed,
  }
})

import { defineStore } from 'pinia'
import { shallowRef } from 'vue'
import { database, type BENCH_STORES } from '@web/data/db'
import { tastesOfLog, type Job } from '@core/job'
import { tasteFor, type Taste, type TasteRecord } from '@core/fit'
import { newestKerf, type KerfRecord, type MachineEvent } from '@core/kerf'
import type { Machine } from '@core/machine'
import type { Family, Stock } from '@core/stock'
import type { TestRecord } from '@core/tune'
import { useMessages } from './messages'

type Shelf = (typeof BENCH_STORES)[number]
interface Records { machines: Machine; stocks: Stock; kerfs: KerfRecord; tests: TestRecord; tastes: TasteRecord; events: MachineEvent }

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

  async function load(): Promise<void> {
    const db = await database()
    await Promise.all((Object.keys(shelves) as Shelf[]).map(async (shelf) => { (shelves[shelf] as { value: unknown }).value = await db.getAll(shelf) }))
  }

  /** Puts a record on its shelf, in place of the one with the same id. */
  function put<S extends Shelf>(shelf: S, record: Records[S]): void {
    const list = shelves[shelf] as unknown as { value: Records[S][] }
    list.value = [...list.value.filter(({ id }) => id !== record.id), record]
    database().then((db) => db.put(shelf, structuredClone(record) as never)).catch(() => {
      useMessages().say('stop', 'The bench could not be stored: the browser has no room left or forbids it. What is on the screen is kept; export your job to be safe.')
    })
  }

  function remove(shelf: Shelf, id: string): void {
    const list = shelves[shelf] as unknown as { value: { id: string }[] }
    list.value = list.value.filter((record) => record.id !== id)
    void database().then((db) => db.delete(shelf, id))
  }

  /** Takes over from a job what the bench does not have yet; what it has stays as it is. */
  function learn({ measure: { machine, stock, kerf }, tune }: Job): void {
    const isNew = (list: { id: string }[], id: string): boolean => !list.some((record) => record.id === id)
    if (machine && isNew(machines.value, machine.id)) put('machines', machine)
    if (stock && isNew(stocks.value, stock.id)) put('stocks', stock)
    if (kerf && isNew(kerfs.value, kerf.id)) put('kerfs', kerf)
    for (const test of tune.tests) if (isNew(tests.value, test.id)) put('tests', test)
  }

  const kerfFor = (machineId: string | undefined, stockId: string | undefined): KerfRecord | null =>
    newestKerf(kerfs.value, machineId, stockId)

  /** The maker's own snug for a family; null while nothing is known of it. */
  function tasteOf(family: Family | undefined): Taste | null {
    const taste = family ? tasteFor(tastes.value, family) : null
    return taste && taste.count > 0 ? taste : null
  }

  /** Takes over what a change of the log says of one's own snug: a verdict given, changed, taken back or undone. Records that the change did not touch are left alone. */
  function heed(before: Job, now: Job): void {
    const [old, own] = [tastesOfLog(before), tastesOfLog(now)]
    for (const record of own) if (!old.some((each) => same(each, record))) put('tastes', record)
    for (const { id } of old) if (!own.some((record) => record.id === id)) remove('tastes', id)
  }

  /** Names of what the bench knows differently from a job's copies. */
  function newerThan({ measure: { machine, stock, kerf, taste }, tune }: Job): string[] {
    const differs = (list: { id: string }[], copy: { id: string } | null): boolean => {
      const record = copy && list.find(({ id }) => id === copy.id)
      return Boolean(record) && !same(record, copy)
    }
    const isOther = (record: object | null, copy: object | null): boolean => record !== null && !same(record, copy)
    const own = tests.value.filter((test) => test.machineId === machine?.id && test.family === stock?.family)
    return [
      ...(differs(machines.value, machine) ? ['the machine'] : []),
      ...(differs(stocks.value, stock) ? ['the stock'] : []),
      ...(machine && stock && isOther(kerfFor(machine.id, stock.id), kerf) ? ['the kerf'] : []),
      ...(isOther(tasteOf(stock?.family), taste) ? ['your own snug'] : []),
      ...(own.some((test) => !tune.tests.some(({ id }) => id === test.id)) ? ['tests'] : []),
    ]
  }
  
  /** A job's measured figures as the bench has them now. */
  const renewed = (measure: Job['measure']): Job['measure'] => {
    const machine = machines.value.find(({ id }) => id === measure.machine?.id) ?? measure.machine
    const stock = stocks.value.find(({ id }) => id === measure.stock?.id) ?? measure.stock
    return { ...measure, machine, stock, kerf: kerfFor(machine?.id, stock?.id) ?? measure.kerf, taste: tasteOf(stock?.family) ?? measure.taste }
  }
  return { machines, stocks, kerfs, tests, tastes, events, load, put, remove, learn, heed, kerfFor, tasteOf, newerThan, renewed }
})

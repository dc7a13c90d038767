import { defineStore } from 'pinia'
import { shallowRef } from 'vue'
import { database, type BENCH_STORES } from '@web/data/db'
import type { Job } from '@core/job'
import type { KerfRecord } from '@core/kerf'
import type { Machine } from '@core/machine'
import type { Stock } from '@core/stock'
import type { TestRecord } from '@core/tune'
import { useMessages } from './messages'

type Shelf = (typeof BENCH_STORES)[number]
interface Records { machines: Machine; stocks: Stock; kerfs: KerfRecord; tests: TestRecord }

const same = (a: unknown, b: unknown): boolean => JSON.stringify(a) === JSON.stringify(b)

/** What all jobs share: machines, stock, kerfs and tests. Jobs keep copies of what they used. */
export const useBench = defineStore('bench', () => {
  const machines = shallowRef<Machine[]>([])
  const stocks = shallowRef<Stock[]>([])
  const kerfs = shallowRef<KerfRecord[]>([])
  const tests = shallowRef<TestRecord[]>([])
  const shelves = { machines, stocks, kerfs, tests }

  async function load(): Promise<void> {
    const db = await database()
    ;[machines.value, stocks.value, kerfs.value, tests.value] = await Promise.all([db.getAll('machines'), db.getAll('stocks'), db.getAll('kerfs'), db.getAll('tests')])
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
    kerfs.value.find((record) => record.machineId === machineId && record.stockId === stockId) ?? null

  /** Names of what the bench knows differently from a job's copies. */
  function newerThan({ measure: { machine, stock, kerf }, tune }: Job): string[] {
    const differs = (list: { id: string }[], copy: { id: string } | null): boolean => {
      const record = copy && list.find(({ id }) => id === copy.id)
      return Boolean(record) && !same(record, copy)
    }
    const own = tests.value.filter((test) => test.machineId === machine?.id && test.family === stock?.family)
    return [
      ...(differs(machines.value, machine) ? ['the machine'] : []),
      ...(differs(stocks.value, stock) ? ['the stock'] : []),
      ...(differs(kerfs.value, kerf) || (machine && stock && !kerf && kerfFor(machine.id, stock.id)) ? ['the kerf'] : []),
      ...(own.some((test) => !tune.tests.some(({ id }) => id === test.id)) ? ['tests'] : []),
    ]
  }
  return { machines, stocks, kerfs, tests, load, put, remove, learn, kerfFor, newerThan }
})

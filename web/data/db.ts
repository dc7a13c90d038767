import { deleteDB, openDB, type DBSchema, type IDBPDatabase } from 'idb'
import type { Job } from '@core/job'
import { kerfFromVersion1, stockFromVersion1 } from '@core/files'
import type { TasteRecord } from '@core/fit'
import type { KerfRecord, MachineEvent } from '@core/kerf'
import type { Machine } from '@core/machine'
import type { Stock } from '@core/stock'
import type { TestRecord } from '@core/tune'

/** A job as it is stored. `revision` goes up with every write, so that two tabs notice each other. */
export interface StoredJob {
  id: string
  revision: number
  job: Job
}

interface Schema extends DBSchema {
  jobs: { key: string; value: StoredJob }
  machines: { key: string; value: Machine }
  stocks: { key: string; value: Stock }
  kerfs: { key: string; value: KerfRecord }
  tests: { key: string; value: TestRecord }
  tastes: { key: string; value: TasteRecord }
  events: { key: string; value: MachineEvent }
  facts: { key: string; value: { id: string; value: string } }
}
export const BENCH_STORES = ['machines', 'stocks', 'kerfs', 'tests', 'tastes', 'events'] as const

const NAME = 'uplands'
let opened: Promise<IDBPDatabase<Schema>> | null = null

export function database(): Promise<IDBPDatabase<Schema>> {
  opened ??= openDB<Schema>(NAME, 2, {
    async upgrade(db, from, _, transaction) {
      for (const store of ['jobs', ...BENCH_STORES, 'facts'] as const)
        if (!db.objectStoreNames.contains(store)) db.createObjectStore(store, { keyPath: 'id' })
      if (from !== 1) return
      const now = new Date().toISOString()
      for (const stock of await transaction.objectStore('stocks').getAll())
        await transaction.objectStore('stocks').put(stockFromVersion1(stock, now) as Stock)
      for (const kerf of await transaction.objectStore('kerfs').getAll())
        await transaction.objectStore('kerfs').put(kerfFromVersion1(kerf, now) as KerfRecord)
    },
    terminated() {
      opened = null
    },
  })
  return opened
}

/** Takes everything away; the next call begins anew. */
export async function forgetEverything(): Promise<void> {
  ;(await database()).close()
  opened = null
  await deleteDB(NAME)
}

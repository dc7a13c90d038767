import { deleteDB, openDB, type DBSchema, type IDBPDatabase } from 'idb'
import type { Job } from '@core/job'
import type { KerfRecord } from '@core/kerf'
import type { Machine } from '@core/machine'
import type { Stock } from '@core/stock'
import type { TestRecord } from '@core/tune'

/** A job as it is stored. `revision` goes up with every write, so that two tabs notice each other. */
export interface StoredJob { id: string; revision: number; job: Job }

interface Schema extends DBSchema {
  jobs: { key: string; value: StoredJob }
  machines: { key: string; value: Machine }
  stocks: { key: string; value: Stock }
  kerfs: { key: string; value: KerfRecord }
  tests: { key: string; value: TestRecord }
  facts: { key: string; value: { id: string; value: string } }
}
export const BENCH_STORES = ['machines', 'stocks', 'kerfs', 'tests'] as const

const NAME = 'uplands'
let opened: Promise<IDBPDatabase<Schema>> | null = null

export function database(): Promise<IDBPDatabase<Schema>> {
  opened ??= openDB<Schema>(NAME, 1, {
    upgrade(db) {
      for (const store of ['jobs', ...BENCH_STORES, 'facts'] as const) db.createObjectStore(store, { keyPath: 'id' })
    },
    terminated() { opened = null },
  })
  return opened
}

/** Takes everything away; the next call begins anew. */
export async function forgetEverything(): Promise<void> {
  ;(await database()).close()
  opened = null
  await deleteDB(NAME)
}

import { deleteDB, openDB, type DBSchema, type IDBPDatabase } from 'idb'
import { JOB_VERSION, type Arrangement, type Job } from '@core/job'
import type { CutRecord, Photo } from '@core/keep'
import type { KeptFolder } from './folder'
import type { CheckRecord, PromiseRecord } from '@core/belief'
import type { TasteRecord } from '@core/fit'
import type { KerfRecord, MachineEvent } from '@core/kerf'
import type { Machine } from '@core/machine'
import type { Order } from '@core/orders'
import type { Run } from '@core/plan'
import type { Stock } from '@core/stock'
import type { TestRecord } from '@core/tune'
import { db as words } from './words'

/** A job as it is stored. `revision` goes up with every write, so that two tabs notice each other. */
export interface StoredJob {
  id: string
  revision: number
  job: Job
}

interface Schema extends DBSchema {
  jobs: { key: string; value: StoredJob }
  cutRecords: { key: string; value: CutRecord }
  photos: { key: string; value: Photo }
  folders: { key: string; value: KeptFolder }
  workedOut: { key: string; value: { id: string; arrangement: Arrangement } }
  machines: { key: string; value: Machine }
  stocks: { key: string; value: Stock }
  kerfs: { key: string; value: KerfRecord }
  tests: { key: string; value: TestRecord }
  tastes: { key: string; value: TasteRecord }
  events: { key: string; value: MachineEvent }
  runs: { key: string; value: Run }
  checks: { key: string; value: CheckRecord }
  promises: { key: string; value: PromiseRecord }
  orders: { key: string; value: Order }
  facts: { key: string; value: { id: string; value: string } }
}
export type Database = IDBPDatabase<Schema>
export const BENCH_STORES = [
  'machines',
  'stocks',
  'kerfs',
  'tests',
  'tastes',
  'events',
  'runs',
  'checks',
  'promises',
  'orders',
] as const

const OWN_STORES = ['jobs', 'workedOut', 'cutRecords', 'photos', 'folders', ...BENCH_STORES, 'facts'] as const

const NAME = 'uplands'
const VERSION = JOB_VERSION

/** How long after an open that failed it is tried once more, milliseconds. */
const AGAIN = 150

/**
 * What happens to storage beside reading and writing: another tab holds up an upgrade; the connection was
 * lost, perhaps with all that was stored; nothing can be stored, and everything is kept in memory; a newer
 * Uplands has the storage.
 */
export type StorageNotice = 'held up' | 'lost' | 'memory only' | 'newer'
const listeners = new Set<(notice: StorageNotice) => void>()
export function onStorage(listen: (notice: StorageNotice) => void): void {
  listeners.add(listen)
}
const tell = (notice: StorageNotice): void => listeners.forEach((listen) => listen(notice))

let opened: Promise<Database> | null = null
let present: Database | null = null
let inMemory = false

function forget(): void {
  opened = null
  present = null
}

type Migrate = typeof import('./record-steps').migrateRecord

async function upgrade(
  db: Database,
  from: number,
  transaction: { objectStore: unknown },
  migrate: Migrate | null,
): Promise<void> {
  for (const store of OWN_STORES) {
    if (!db.objectStoreNames.contains(store)) db.createObjectStore(store, { keyPath: 'id' })
  }
  if (from === 0) return
  if (!migrate) throw new Error(words.storageOlderMoment) // it is opened again
  const on = new Date().toISOString()
  const storeOf = (transaction.objectStore as (name: string) => LooseStore).bind(transaction)
  for (const kind of BENCH_STORES) {
    const store = storeOf(kind)
    for (const record of await store.getAll()) {
      const next = migrate(kind, record, from, on)
      if (next !== record) await store.put(next)
    }
  }
}

interface LooseStore {
  getAll: () => Promise<unknown[]>
  put: (record: unknown) => Promise<unknown>
}

const wait = (milliseconds: number): Promise<null> =>
  new Promise((resolve) => setTimeout(() => resolve(null), milliseconds))

/**
 * What brings the records up to date, where they are not: an upgrade cannot wait for it to be fetched. A
 * browser that does not say which databases it has (after it cleared one it may never answer) gets it in any
 * case.
 */
async function stepsWanted(): Promise<Migrate | null> {
  const asked = indexedDB.databases?.().catch(() => null)
  const all = await Promise.race([asked, wait(AGAIN)])
  const isPresent = all?.every(({ name, version }) => name !== NAME || version === VERSION)
  return isPresent ? null : (await import('./record-steps')).migrateRecord
}

async function openOnce(): Promise<Database> {
  const migrate = await stepsWanted()
  return openDB<Schema>(NAME, VERSION, {
    upgrade: (db, from, _, transaction) =>
      upgrade(db, from, transaction as unknown as { objectStore: unknown }, migrate),
    blocked: () => tell('held up'),
    // Another tab wants to upgrade, or all is being deleted: this connection must not be in the way.
    blocking(_, newer) {
      present?.close()
      forget()
      tell(newer === null ? 'lost' : 'newer')
    },
    terminated() {
      forget()
      tell('lost')
    },
  })
}

/** A database in memory, for a browser that has none or gives none: one can work, and export. */
async function openInMemory(): Promise<Database> {
  await import('fake-indexeddb/auto')
  inMemory = true
  tell('memory only')
  return openOnce()
}

const isNewer = (error: unknown): boolean => error instanceof DOMException && error.name === 'VersionError'

/** Some browsers throw when they are only asked. */
function hasStorage(): boolean {
  try {
    return Boolean(globalThis.indexedDB)
  } catch {
    return false
  }
}

async function open(): Promise<Database> {
  if (!hasStorage()) return openInMemory()
  try {
    return await openOnce()
  } catch (error) {
    if (isNewer(error)) {
      tell('newer')
      throw error
    }
  }
  await wait(AGAIN)
  return openOnce().catch(openInMemory)
}

export function database(): Promise<Database> {
  if (!opened) {
    const opening = open()
    opened = opening
    opening.then(
      (db) => {
        if (opened === opening) present = db
      },
      () => {
        if (opened === opening) forget()
      },
    )
  }
  return opened
}

/** Whether what is stored goes when the page does. */
export const keepsNothing = (): boolean => inMemory

const isClosed = (error: unknown): boolean =>
  error instanceof DOMException && error.name === 'InvalidStateError'

/** Works with the database; a connection that was closed under the page is opened anew. */
export async function withDatabase<T>(work: (db: Database) => Promise<T>): Promise<T> {
  try {
    // At once where it is open: what is asked for before the page goes is still done.
    return await (present ? work(present) : work(await database()))
  } catch (error) {
    if (!isClosed(error)) throw error
    forget()
    return work(await database())
  }
}

/** Takes everything away; the next call begins anew. */
export async function forgetEverything(): Promise<void> {
  ;(await database()).close()
  forget()
  await deleteDB(NAME)
}

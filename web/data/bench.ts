import { withDatabase } from './db'
import { readRecords, type Shelf, type Unreadable } from './unreadable'

/** What one tab writes onto a shelf of the bench is told to the others. */
const channel = 'BroadcastChannel' in globalThis ? new BroadcastChannel('uplands-bench') : null

/** Calls back when another tab wrote onto a shelf. */
export function onBenchNews(listen: (shelf: Shelf) => void): void {
  channel?.addEventListener('message', ({ data }: MessageEvent<Shelf>) => listen(data))
}

/** All that is on a shelf; what cannot be read is named, and hides nothing else. */
export const readShelf = async <T>(shelf: Shelf): Promise<{ records: T[]; unreadable: Unreadable[] }> =>
  readRecords<T>(shelf, await withDatabase((db) => db.getAll(shelf)))

/** Puts a record on its shelf, or takes it away. */
export async function writeRecord(shelf: Shelf, id: string, record: unknown): Promise<void> {
  const copy = record === null ? null : structuredClone(record)
  await withDatabase(async (db) => {
    const transaction = db.transaction(shelf, 'readwrite', { durability: 'relaxed' })
    const done = copy === null ? transaction.store.delete(id) : transaction.store.put(copy as never)
    transaction.commit()
    await Promise.all([done, transaction.done])
  })
  channel?.postMessage(shelf)
}

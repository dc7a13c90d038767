import { MOST_RECORDS, readCutRecord, type CutRecord } from '@core/keep'
import { withDatabase } from './db'

const newestFirst = (a: CutRecord, b: CutRecord): number => b.date.localeCompare(a.date)

/** What was written of a job, the newest first; what cannot be read is left where it is. */
export async function recordsOfJob(job: string): Promise<CutRecord[]> {
  const range = IDBKeyRange.bound(`${job}/`, `${job}/\uffff`)
  const stored = await withDatabase((db) => db.getAll('cutRecords', range))
  return stored.flatMap((each) => readCutRecord(each) ?? []).sort(newestFirst)
}

/** What was written of any job. */
export async function allRecords(): Promise<CutRecord[]> {
  const stored = await withDatabase((db) => db.getAll('cutRecords'))
  return stored.flatMap((each) => readCutRecord(each) ?? []).sort(newestFirst)
}

/** Keeps records, and of each job the newest only. */
export const keepRecords = (records: CutRecord[]): Promise<void> =>
  withDatabase(async (db) => {
    const transaction = db.transaction('cutRecords', 'readwrite')
    const kept = records.map((record) => transaction.store.put(record))
    for (const job of new Set(records.map((record) => record.job))) {
      const range = IDBKeyRange.bound(`${job}/`, `${job}/\uffff`)
      const all = (await transaction.store.getAll(range)).sort(newestFirst)
      kept.push(...all.slice(MOST_RECORDS).map(({ id }) => transaction.store.delete(id) as Promise<never>))
    }
    await Promise.all([...kept, transaction.done])
  })

export const forgetRecord = (id: string): Promise<void> => withDatabase((db) => db.delete('cutRecords', id))

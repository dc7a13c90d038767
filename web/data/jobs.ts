import { readJobValue, type Attachments } from '@core/keep'
import type { Job } from '@core/job'
import { BENCH_STORES, withDatabase, type Database, type StoredJob } from './db'
import { unreadableJob, type Unreadable } from './unreadable'
import { jobs as words } from './words'

/** Whoever wants to know what this tab stored. */
const savedBy = new Set<(job: Job) => void>()
export const onSaved = (listen: (job: Job) => void): void => void savedBy.add(listen)

/** Every write in one tab is told to the others. */
const channel = 'BroadcastChannel' in globalThis ? new BroadcastChannel('uplands-jobs') : null
export interface JobNews {
  id: string
  revision: number | null
}

const tell = (news: JobNews): void => channel?.postMessage(news)

/** Calls back when another tab wrote (or, revision null, deleted) a job. @returns how to stop listening */
export function onJobNews(listen: (news: JobNews) => void): () => void {
  const handler = ({ data }: MessageEvent<JobNews>): void => listen(data)
  channel?.addEventListener('message', handler)
  return () => channel?.removeEventListener('message', handler)
}

/** Storage is as foreign as any file: what it holds goes through the same reader. */
function checked(stored: unknown): StoredJob | Unreadable {
  const { id, revision, job } = (stored ?? {}) as Partial<StoredJob>
  const read = readJobValue(job)
  if (!read.ok) return unreadableJob(stored, read.error)
  if (typeof id !== 'string' || id !== read.job.id || typeof revision !== 'number') {
    return unreadableJob(stored, words.placeStorageNot)
  }
  return { id, revision, job: read.job }
}

export const isUnreadable = (stored: StoredJob | Unreadable): stored is Unreadable => 'why' in stored

export interface JobList {
  jobs: StoredJob[]
  unreadable: Unreadable[]
}

/** Every job in this browser, newest first, and those that cannot be read. */
export async function listJobs(): Promise<JobList> {
  const all = (await withDatabase((db) => db.getAll('jobs'))).map(checked)
  const jobs = all.filter((stored): stored is StoredJob => !isUnreadable(stored))
  return {
    jobs: jobs.sort((a, b) => b.job.changed.localeCompare(a.job.changed)),
    unreadable: all.filter(isUnreadable),
  }
}

/** One job; null only when it is not there. */
export async function loadJob(id: string): Promise<StoredJob | Unreadable | null> {
  const stored = await withDatabase((db) => db.get('jobs', id))
  return stored ? checked(stored) : null
}

/** Asks for a write and commits it in the same breath, so that it is done even if the page goes at once. */
async function put(db: Database, job: Job, revision: number): Promise<StoredJob | undefined> {
  const transaction = db.transaction('jobs', 'readwrite', { durability: 'relaxed' })
  const before = transaction.store.get(job.id)
  const written = transaction.store.put({ id: job.id, revision, job })
  transaction.commit()
  const [found] = await Promise.all([before, written, transaction.done])
  return found
}

/**
 * Writes a job. When another tab wrote it since `base`, ours is kept and theirs is handed back, so that
 * nothing is lost.
 * @param base the revision that ours was made from, 0 for a new job
 */
export async function saveJob(job: Job, base: number): Promise<{ revision: number; theirs: Job | null }> {
  return withDatabase(async (db) => {
    const current = await put(db, job, base + 1)
    if (!current || current.revision === base) {
      tell({ id: job.id, revision: base + 1 })
      savedBy.forEach((listen) => listen(job))
      return { revision: base + 1, theirs: null }
    }
    const revision = Math.max(current.revision, base) + 1
    await put(db, job, revision)
    tell({ id: job.id, revision })
    savedBy.forEach((listen) => listen(job))
    const read = checked(current)
    return { revision, theirs: isUnreadable(read) ? null : read.job }
  })
}

/** Writes those of some jobs whose id is not taken: all of them, or none where the page goes meanwhile. */
export async function addJobs(jobs: Job[]): Promise<void> {
  const added = await withDatabase(async (db) => {
    const transaction = db.transaction('jobs', 'readwrite')
    const taken = new Set(await transaction.store.getAllKeys())
    const missing = jobs.filter(({ id }) => !taken.has(id))
    try {
      for (const job of missing) await transaction.store.put({ id: job.id, revision: 1, job })
    } catch (error) {
      transaction.abort()
      await transaction.done.catch(() => undefined)
      throw error
    }
    await transaction.done
    return missing
  })
  for (const { id } of added) tell({ id, revision: 1 })
}

/**
 * Puts in jobs, what belongs to them and records of the bench, all in one go: all of it, or nothing.
 * @param shelves records by the shelf they belong on
 */
export async function putIn(jobs: Job[], { records, photos }: Attachments, shelves: Shelves): Promise<void> {
  await withDatabase(async (db) => {
    const transaction = db.transaction(['jobs', 'cutRecords', 'photos', ...BENCH_STORES], 'readwrite')
    const put = (
      store: (typeof BENCH_STORES)[number] | 'jobs' | 'cutRecords' | 'photos',
      record: unknown,
    ): Promise<unknown> => transaction.objectStore(store).put(record as never)
    const all = [
      ...jobs.map((job) => put('jobs', { id: job.id, revision: 1, job })),
      ...records.map((record) => put('cutRecords', record)),
      ...photos.map((photo) => put('photos', photo)),
      ...BENCH_STORES.flatMap((shelf) => shelves[shelf].map((record) => put(shelf, record))),
    ]
    // All of them, so that none is left to fail unheard.
    const done = await Promise.allSettled([...all, transaction.done])
    const failed = done.find((each) => each.status === 'rejected')
    if (failed) throw failed.reason
  })
  for (const { id } of jobs) tell({ id, revision: 1 })
}
type Shelves = Record<(typeof BENCH_STORES)[number], unknown[]>

export async function deleteJob(id: string): Promise<void> {
  await withDatabase((db) => Promise.all([db.delete('jobs', id), db.delete('workedOut', id)]))
  tell({ id, revision: null })
}

import { readJob, writeJob } from '@core/files'
import type { Job } from '@core/job'
import { database, type StoredJob } from './db'

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
const checked = ({ job, ...rest }: StoredJob): StoredJob | null => {
  const read = readJob(writeJob(job))
  return read.ok ? { ...rest, job: read.job } : null
}

export async function listJobs(): Promise<StoredJob[]> {
  const all = await (await database()).getAll('jobs')
  return all
    .map(checked)
    .filter((stored) => stored !== null)
    .sort((a, b) => b.job.changed.localeCompare(a.job.changed))
}

export async function loadJob(id: string): Promise<StoredJob | null> {
  const stored = await (await database()).get('jobs', id)
  return stored ? checked(stored) : null
}

/**
 * Writes a job. When another tab wrote it since `base`, ours is kept and theirs is handed back, so that nothing is lost.
 * @param base the revision that ours was made from, 0 for a new job
 */
export async function saveJob(job: Job, base: number): Promise<{ revision: number; theirs: Job | null }> {
  const transaction = (await database()).transaction('jobs', 'readwrite', { durability: 'relaxed' })
  const current = await transaction.store.get(job.id)
  const revision = Math.max(current?.revision ?? 0, base) + 1
  await Promise.all([transaction.store.put({ id: job.id, revision, job }), transaction.done])
  tell({ id: job.id, revision })
  return { revision, theirs: current && current.revision !== base ? current.job : null }
}

export async function deleteJob(id: string): Promise<void> {
  await (await database()).delete('jobs', id)
  tell({ id, revision: null })
}

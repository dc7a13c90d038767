import type { BatchShare } from '@core/derive'
import type { Job, Revision } from '@core/job'
import { isUnreadable, loadJob, saveJob } from '@web/data/jobs'
import { batch as words } from './words'

/** The jobs of a batch as they are stored; those that were deleted since are left out. */
export async function storedJobs(shares: BatchShare[]): Promise<{ revision: number; job: Job }[]> {
  const stored = await Promise.all(shares.map(({ job }) => loadJob(job)))
  return stored.flatMap((each) => (each && !isUnreadable(each) ? [each] : []))
}

/** Whether a cut of the batch is in a job's own log. */
export const hasRevision = ({ log }: Job, { id }: Revision): boolean => log.some((each) => each.id === id)

/** What a job's own log says of a cut of the batch: its share of the minutes, its figures. */
function sharedRevision(revision: Revision, batch: Pick<Job, 'name'>, job: Job, share: number): Revision {
  const minutes = revision.minutes === null ? null : Math.round(revision.minutes * share * 10) / 10
  return {
    ...revision,
    number: (job.log.at(-1)?.number ?? 0) + 1,
    reason: words.cutTogetherOthers(batch.name, revision.reason).trim().slice(0, 400),
    minutes,
    verdict: null,
    // The clock and the sheets are the batch's own.
    planned: null,
    unbooked: null,
    used: [],
  }
}

/**
 * Writes a cut of a batch into the logs of its jobs, each with its share. @returns how to take it back, and
 * how many it was written into
 */
export async function writeIntoJobs(
  revision: Revision,
  batch: Pick<Job, 'name'>,
  shares: BatchShare[],
): Promise<{ count: number; takeBack: () => Promise<void> }> {
  const written: string[] = []
  for (const { revision: base, job } of await storedJobs(shares)) {
    if (hasRevision(job, revision)) continue
    const { share } = shares.find((each) => each.job === job.id)!
    const log = [...job.log, sharedRevision(revision, batch, job, share)]
    await saveJob({ ...job, log }, base)
    written.push(job.id)
  }
  async function takeBack(): Promise<void> {
    for (const id of written) {
      const stored = await loadJob(id)
      if (!stored || isUnreadable(stored)) continue
      const log = stored.job.log.filter((each) => each.id !== revision.id)
      await saveJob({ ...stored.job, log }, stored.revision)
    }
  }
  return { count: written.length, takeBack }
}

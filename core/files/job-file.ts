import { z } from 'zod'
import { JOB_FORMAT, JOB_VERSION, jobSchema, type Job } from '../job'
import { migrate } from './migrate'

/** A job file larger than this is refused before it is parsed, bytes. */
export const JOB_FILE_LIMIT = 2_000_000

export type JobRead = { ok: true; job: Job } | { ok: false; error: string }

const refuse = (error: string): JobRead => ({ ok: false, error })

export const writeJob = (job: Job): string => JSON.stringify(job, null, 2) + '\n'

/** Where in the file a value is, as words: `box → tabs → width`. */
const placeOf = (path: PropertyKey[]): string => path.map(String).join(' → ') || 'the whole file'

/**
 * Reads a job file, or refuses it whole with one sentence.
 * @param text the file's contents
 */
export function readJob(text: string): JobRead {
  if (text.length > JOB_FILE_LIMIT)
    return refuse(
      `The file is larger than ${JOB_FILE_LIMIT / 1e6} MB, which no job is. Choose the file that Uplands exported.`,
    )
  let raw: unknown
  try {
    raw = JSON.parse(text)
  } catch {
    return refuse(
      'The file is not readable JSON: it may have been cut short on its way. Export the job again and choose that file.',
    )
  }
  const head = z
    .looseObject({ format: z.literal(JOB_FORMAT), version: z.number().int().min(1) })
    .safeParse(raw)
  if (!head.success)
    return refuse('The file is not an Uplands job. Choose a file that was exported with “Export job”.')
  if (head.data.version > JOB_VERSION)
    return refuse(
      `The file was written by a newer Uplands (version ${head.data.version} of the format; this one reads up to ${JOB_VERSION}). Update Uplands, or export it from there for an older one.`,
    )
  const job = jobSchema.safeParse(migrate(head.data, head.data.version, JOB_VERSION))
  if (job.success) return { ok: true, job: job.data }
  const [issue] = job.error.issues
  return refuse(
    `The job cannot be used: ${placeOf(issue.path)}: ${issue.message}. Mend that in the file, or export the job again.`,
  )
}

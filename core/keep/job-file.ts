import { z } from 'zod'
import { JOB_FORMAT, JOB_VERSION, jobSchema, migrateJob, type Job } from '../job'
import { repair, sentenceFor, type Repaired } from '../limits'
import { textOf } from './text'
import { jobFile as words } from './words'

/** Larger than the largest job and its records: refused before it is parsed, characters. */
export const JOB_FILE_LIMIT = 80_000_000

export type JobRead = { ok: true; job: Job } | { ok: false; error: string }

const refuse = (error: string): { ok: false; error: string } => ({ ok: false, error })

export const writeJob = (job: Job): string => `${textOf(job)}\n`

const head = z.looseObject({ format: z.literal(JOB_FORMAT), version: z.number().int().min(1) })

/** Reads a job that was parsed already, as from storage, or refuses it whole with one sentence. */
export function readJobValue(raw: unknown): JobRead {
  const known = head.safeParse(raw)
  if (!known.success) {
    return refuse(words.notUplandsJob)
  }
  const { version } = known.data
  if (version > JOB_VERSION) {
    return refuse(words.writtenNewerUplands(version, JOB_VERSION))
  }
  const job = jobSchema.safeParse(migrateJob(known.data, version))
  if (job.success) return { ok: true, job: job.data }
  return refuse(words.jobCannotUsed(sentenceFor(job.error)))
}

/** What a text says as JSON, or why it is not read. */
export function parsed(text: string): { ok: true; raw: unknown } | { ok: false; error: string } {
  if (text.length > JOB_FILE_LIMIT) {
    return refuse(words.fileLargerMb(JOB_FILE_LIMIT / 1e6))
  }
  try {
    return { ok: true, raw: JSON.parse(text) as unknown }
  } catch {
    return refuse(words.fileNotReadable)
  }
}

/** A job that cannot be read, with what is out of its limits clamped; null when something else is wrong. */
export function repairJob(raw: unknown): Repaired<Job> | null {
  const known = head.safeParse(raw)
  if (!known.success || known.data.version > JOB_VERSION) return null
  return repair(jobSchema, migrateJob(known.data, known.data.version))
}

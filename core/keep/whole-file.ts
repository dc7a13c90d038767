import type { Job } from '../job'
import { MOST_RECORDS, readCutRecord, type CutRecord } from './cut-record'
import { parsed, readJobValue, writeJob } from './job-file'
import { readPhoto, type Photo } from './photo'
import { textOf } from './text'

/** What belongs to a job and is kept beside it: what was written of it, and photos of its cuts. */
export interface Beside {
  records: CutRecord[]
  photos: Photo[]
}

/** What of a job file records and photos may take, characters: the first that fit go into it. */
const MOST_RECORD_TEXT = 20_000_000
const MOST_PHOTO_TEXT = 40_000_000

/** Photos that one job has at most. */
const MOST_OF_ALL = 2000

/** A list at the end of a file, as far as there is room; nothing where it is empty. */
function listed(name: string, list: unknown[], most: number): string {
  const texts: string[] = []
  let room = most
  for (const each of list) {
    const text = JSON.stringify(each)
    room -= text.length
    if (room < 0) break
    texts.push(text)
  }
  return texts.length === 0 ? '' : `,\n  "${name}": [\n${texts.join(',\n')}\n  ]`
}

/** A job with what belongs to it, as one file. @param beside the newest first */
export function writeJobFile(job: Job, { records, photos }: Beside): string {
  const more = listed('cutRecords', records, MOST_RECORD_TEXT) + listed('photos', photos, MOST_PHOTO_TEXT)
  return more === '' ? writeJob(job) : `${textOf(job).slice(0, -2)}${more}\n}\n`
}

export type JobFileRead = { ok: true; job: Job; beside: Beside } | { ok: false; error: string }

/** Reads each of a list that came with a job; or says which is spoilt. */
function readEach<T extends { job: string }>(
  raw: unknown,
  { most, read, job }: { most: number; read: (each: unknown) => T | null; job: string },
): T[] | { spoilt: number } | null {
  if (!Array.isArray(raw) || raw.length > most) return null
  const list = raw.map(read)
  const bad = list.findIndex((each) => each === null || each.job !== job)
  return bad >= 0 ? { spoilt: bad + 1 } : (list as T[])
}

/**
 * Reads a job file with what belongs to the job, or refuses it whole with one sentence.
 * @param text the file's contents
 */
export function readJob(text: string): JobFileRead {
  const found = parsed(text)
  if (!found.ok) return found
  const { raw } = found
  const {
    cutRecords = [],
    photos = [],
    ...own
  } = (typeof raw === 'object' && raw !== null ? raw : {}) as Record<string, unknown>
  const read = readJobValue(own)
  if (!read.ok) return read
  const { job } = read
  const all = {
    records: readEach(cutRecords, { most: MOST_RECORDS, read: readCutRecord, job: job.id }),
    photos: readEach(photos, { most: MOST_OF_ALL, read: readPhoto, job: job.id }),
  }
  for (const [what, one, list] of [
    ['What was cut of the job', 'record', all.records],
    ['What was photographed of the job', 'photo', all.photos],
  ] as const) {
    if (list === null) return { ok: false, error: `${what} cannot be read. Export the job again.` }
    if ('spoilt' in list) {
      const error = `${what} cannot be used: ${one} ${list.spoilt} is spoilt. Export the job again.`
      return { ok: false, error }
    }
  }
  return { ok: true, job, beside: all as Beside }
}

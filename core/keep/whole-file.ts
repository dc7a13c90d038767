import type { Job } from '../job'
import { MOST_RECORDS, readCutRecord, type CutRecord } from './cut-record'
import { parsed, readJobValue, writeJob } from './job-file'
import { photosInLog, readPhoto, type Photo } from './photo'
import { listText, textOf } from './text'
import { wholeFile as words } from './words'

/** What belongs to a job and is kept in a place of its own: what was written of it, photos of its cuts. */
export interface Attachments {
  records: CutRecord[]
  photos: Photo[]
}

/** What of a job file records and photos may take, characters: the first that fit go into it. */
const MOST_RECORD_TEXT = 20_000_000
const MOST_PHOTO_TEXT = 40_000_000

/** Photos that one job has at most. */
const MOST_OF_ALL = 2000

/** The texts of a list, as far as there is room. */
function textsWithin(list: unknown[], most: number): string[] {
  let room = most
  const texts = list.map((each) => JSON.stringify(each))
  const end = texts.findIndex((text) => (room -= text.length) < 0)
  return end < 0 ? texts : texts.slice(0, end)
}

/** A job with its attachments, the newest first, as one file. */
export function writeJobFile(job: Job, { records, photos }: Attachments): string {
  const lists: [string, string[]][] = [
    ['cutRecords', textsWithin(records, MOST_RECORD_TEXT)],
    ['photos', textsWithin(photosInLog(job, photos), MOST_PHOTO_TEXT)],
  ]
  const more = lists
    .filter(([, texts]) => texts.length > 0)
    .map(([name, texts]) => `,\n${listText(name, texts)}`)
  return more.length === 0 ? writeJob(job) : `${textOf(job).slice(0, -2)}${more.join('')}\n}\n`
}

export type JobFileRead = { ok: true; job: Job; attachments: Attachments } | { ok: false; error: string }

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
    [words.cutJob, 'record', all.records],
    [words.photographedJob, 'photo', all.photos],
  ] as const) {
    if (list === null) return { ok: false, error: words.cannotReadExport(what) }
    if ('spoilt' in list) {
      const error = words.cannotUsedSpoilt(what, one, list.spoilt)
      return { ok: false, error }
    }
  }
  return { ok: true, job, attachments: all as Attachments }
}

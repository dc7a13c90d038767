import { photoOfJob, type Attachments, type CutRecord, type Everything } from '@core/keep'
import type { Job } from '@core/job'
import { isSameRecord } from '@core/limits'
import { allRecords, keepRecords } from '@web/data/cut-records'
import { BENCH_STORES } from '@web/data/db'
import { allPhotos, keepPhotos } from '@web/data/photos'
import { listJobs, putIn } from '@web/data/jobs'
import { EVERYTHING_LIMIT, isEverything, JOB_FILE_LIMIT, readEverything, readJob } from '@web/data/kept-files'
import type { useBench } from './bench'
import { copyName } from './copy-name'
import { shelfFiles as words } from './words'

type Bench = ReturnType<typeof useBench>

/** A record of what was written, as that of a job of another id. */
const ofJob = (record: CutRecord, job: string): CutRecord =>
  record.job === job
    ? record
    : { ...record, job, id: `${job}/${record.mark}`, laid: { ...record.laid, id: job } }

/** What belongs to a job, as that of another id. */
const attachmentsOf = ({ records, photos }: Attachments, job: string): Attachments => ({
  records: records.map((record) => ofJob(record, job)),
  photos: photos.map((photo) => photoOfJob(photo, job)),
})

/** Everything in this browser, as it can be read. @returns how many jobs are left out, too */
export async function everythingHere(bench: Bench): Promise<{ all: Everything; unreadable: number }> {
  const { jobs, unreadable } = await listJobs()
  const shelves = Object.fromEntries(BENCH_STORES.map((shelf) => [shelf, bench[shelf]]))
  return {
    all: {
      jobs: jobs.map(({ job }) => job),
      records: await allRecords(),
      photos: await allPhotos(),
      bench: shelves as unknown as Everything['bench'],
    },
    unreadable: unreadable.length,
  }
}

/**
 * Takes a file of everything in, all of it or nothing: jobs that are here already and say the same are
 * left, others come in beside them. @returns what is to be said of it
 */
async function takeEverything(bench: Bench, all: Everything): Promise<string> {
  const { jobs, bench: theirs } = all
  const stored = await listJobs()
  const here = new Map(stored.jobs.map(({ job }) => [job.id, job]))
  const taken = new Set([...here.keys(), ...stored.unreadable.map(({ id }) => id)])
  const coming = jobs.filter((job) => !isSameRecord(here.get(job.id), job))
  const ids = new Map(coming.map(({ id }) => [id, taken.has(id) ? crypto.randomUUID() : id]))
  const asHere = (job: Job): Job => {
    const id = ids.get(job.id)!
    return id === job.id ? job : { ...job, id, name: copyName(job.name) }
  }
  const fresh = Object.fromEntries(
    BENCH_STORES.map((shelf) => {
      const known = new Set(bench[shelf].map(({ id }) => id))
      return [shelf, theirs[shelf].filter(({ id }) => !known.has(id))]
    }),
  ) as Everything['bench']
  const attached = [...ids].map(([theirId, id]) => {
    const own = <T extends { job: string }>(list: T[]): T[] => list.filter(({ job }) => job === theirId)
    return attachmentsOf({ records: own(all.records), photos: own(all.photos) }, id)
  })
  const own: Attachments = {
    records: attached.flatMap(({ records }) => records),
    photos: attached.flatMap(({ photos }) => photos),
  }
  await putIn(coming.map(asHere), own, fresh)
  await bench.load()
  return words.jobsCameOthers(coming.length, jobs.length)
}

/** What becomes of a file that somebody chose. */
export type Imported =
  | { refused: string }
  | { said: string }
  | { job: Job; keepAttachments: (id: string) => Promise<void> }

/** Reads a file that somebody chose: a job, which is not stored yet, or everything, which is. */
export async function importFile(bench: Bench, file: File): Promise<Imported> {
  if (file.size > EVERYTHING_LIMIT) return { refused: words.largerMb(EVERYTHING_LIMIT / 1e6) }
  const text = await file.text()
  if (isEverything(text)) {
    const read = readEverything(text)
    return read.ok ? { said: await takeEverything(bench, read.everything) } : { refused: read.error }
  }
  if (file.size > JOB_FILE_LIMIT) {
    const size = `${JOB_FILE_LIMIT / 1e6} MB`
    return { refused: words.largerTooLarge(size) }
  }
  const read = readJob(text)
  if (!read.ok) return { refused: read.error }
  const { job, attachments } = read
  return {
    job,
    async keepAttachments(id) {
      const own = attachmentsOf(attachments, id)
      await keepRecords(own.records)
      await keepPhotos(own.photos)
    },
  }
}

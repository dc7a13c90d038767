import { z } from 'zod'
import { checkRecordSchema, promiseRecordSchema } from '../belief'
import { tasteRecordSchema } from '../fit'
import { JOB_VERSION, jobSchema, migrateJob, migrateRecord, type RecordKind } from '../job'
import { kerfRecordSchema, machineEventSchema } from '../kerf'
import { sentenceFor } from '../limits'
import { machineSchema } from '../machine'
import { orderSchema } from '../orders'
import { runSchema } from '../plan'
import { stockSchema } from '../stock'
import { testRecordSchema } from '../tune'
import { readCutRecord } from './cut-record'
import { photosInLog, readPhoto } from './photo'
import { listText } from './text'
import type { Attachments } from './whole-file'
import { everything as words } from './words'

/** The schema of each shelf of the bench. */
export const RECORD_SCHEMAS = {
  machines: machineSchema,
  stocks: stockSchema,
  kerfs: kerfRecordSchema,
  tests: testRecordSchema,
  tastes: tasteRecordSchema,
  events: machineEventSchema,
  runs: runSchema,
  checks: checkRecordSchema,
  promises: promiseRecordSchema,
  orders: orderSchema,
} as const

const FORMAT = 'uplands-everything'
const VERSION = JOB_VERSION

/** A file of everything larger than this is refused before it is parsed, bytes. */
export const EVERYTHING_LIMIT = 240_000_000

/** What is more than about that goes into a further file, characters. */
const FULL = 100_000_000

const many = <T extends z.ZodType>(schema: T) => z.array(schema).max(20_000)

const everythingSchema = z.strictObject({
  format: z.literal(FORMAT),
  version: z.literal(VERSION),
  written: z.string().max(40),
  jobs: z.array(jobSchema).max(5000),
  bench: z.strictObject({
    machines: many(machineSchema),
    stocks: many(stockSchema),
    kerfs: many(kerfRecordSchema),
    tests: many(testRecordSchema),
    tastes: many(tasteRecordSchema),
    events: many(machineEventSchema),
    runs: many(runSchema),
    checks: many(checkRecordSchema),
    promises: many(promiseRecordSchema),
    orders: many(orderSchema),
  }),
})
/** All jobs, what belongs to them, and the whole bench of a browser. */
export type Everything = Pick<z.infer<typeof everythingSchema>, 'jobs' | 'bench'> & Attachments

export type EverythingRead = { ok: true; everything: Everything } | { ok: false; error: string }

/**
 * Everything as one file; as several where one could not be read back, each of which can be taken in by
 * itself. @param written date and time @param full characters from which on a further file is begun
 */
export function writeEverything(
  { jobs, bench, records, photos }: Everything,
  written: string,
  full = FULL,
): string[] {
  const parts: { jobs: string[]; records: string[]; photos: string[] }[] = []
  let room = 0
  for (const job of jobs) {
    const text = JSON.stringify(job)
    const own = records.filter((record) => record.job === job.id).map((record) => JSON.stringify(record))
    const pictures = photosInLog(job, photos).map((photo) => JSON.stringify(photo))
    const long = [...own, ...pictures].reduce((sum, each) => sum + each.length, text.length)
    if (parts.length === 0 || long > room) {
      parts.push({ jobs: [], records: [], photos: [] })
      room = full
    }
    room -= long
    const part = parts[parts.length - 1]
    part.jobs.push(text)
    part.records.push(...own)
    part.photos.push(...pictures)
  }
  const head = JSON.stringify({ format: FORMAT, version: VERSION, written, bench }).slice(0, -1)
  return (parts.length > 0 ? parts : [{ jobs: [], records: [], photos: [] }]).map((part) => {
    const lists = [
      listText('jobs', part.jobs),
      listText('cutRecords', part.records),
      listText('photos', part.photos),
    ]
    return `${head},\n${lists.join(',\n')}}\n`
  })
}

const head = z.looseObject({
  format: z.literal(FORMAT),
  version: z.number().int().min(2),
  jobs: z.array(z.looseObject({ version: z.number().int().min(1) })),
  bench: z.record(z.string(), z.array(z.unknown())),
  cutRecords: z.array(z.unknown()).max(100_000).optional(),
  photos: z.array(z.unknown()).max(100_000).optional(),
})

/** Whether a text looks like such a file, so that one chooser takes both kinds. */
export const isEverything = (text: string): boolean => text.slice(0, 200).includes(FORMAT)

function migrated(raw: z.infer<typeof head>): unknown {
  const bench = Object.fromEntries(
    Object.entries(raw.bench).map(([shelf, records]) => [
      shelf,
      records.map((record) => migrateRecord(shelf as RecordKind, record, raw.version, '')),
    ]),
  )
  const jobs = raw.jobs.map((job) => migrateJob(job, job.version))
  // Nothing was clocked before version 8 or checked before 13; no promise kept before 14, no order before 20.
  const runs = raw.version < 8 ? { runs: [] } : {}
  const checks = raw.version < 13 ? { checks: [] } : {}
  const promises = raw.version < 14 ? { promises: [] } : {}
  const orders = raw.version < 20 ? { orders: [] } : {}
  return { ...raw, version: VERSION, bench: { ...runs, ...checks, ...promises, ...orders, ...bench }, jobs }
}

/** Reads a file of everything, or refuses it whole with one sentence. */
export function readEverything(text: string): EverythingRead {
  const refuse = (error: string): EverythingRead => ({ ok: false, error })
  if (text.length > EVERYTHING_LIMIT) {
    return refuse(words.fileLargerMb(EVERYTHING_LIMIT / 1e6))
  }
  let raw: unknown
  try {
    raw = JSON.parse(text)
  } catch {
    return refuse(words.fileNotReadable)
  }
  const known = head.safeParse(raw)
  if (!known.success) {
    return refuse(words.notFileEverything)
  }
  if (known.data.version > VERSION) {
    return refuse(words.writtenNewerUplands(known.data.version))
  }
  const { cutRecords = [], photos: pictures = [], ...own } = known.data
  const [records, photos] = [cutRecords.map(readCutRecord), pictures.map(readPhoto)]
  for (const [what, list] of [
    ['cut', records],
    ['photo', photos],
  ] as const) {
    const bad = list.findIndex((each) => each === null)
    if (bad < 0) continue
    return refuse(words.fileCannotUsed(what, bad + 1))
  }
  const read = everythingSchema.safeParse(migrated(own))
  if (!read.success) {
    return refuse(words.fileCannotUsedNothing(sentenceFor(read.error)))
  }
  const { jobs, bench } = read.data
  const attachments = { records, photos } as Attachments
  return { ok: true, everything: { jobs, bench, ...attachments } }
}

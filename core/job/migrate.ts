import { isObject, type Loose } from './loose'
import { JOB_VERSION } from './schema'
import { from1, kerfFrom1, stockFrom1 } from './versions/from-1'
import { from10 } from './versions/from-10'
import { from2, machineFrom2, stockFrom2, tasteFrom2, testFrom2 } from './versions/from-2'
import { from3, machineFrom3 } from './versions/from-3'
import { from4 } from './versions/from-4'
import { from5, stockFrom5 } from './versions/from-5'
import { from6, machineFrom6, stockFrom6 } from './versions/from-6'
import { from7, stockFrom7 } from './versions/from-7'
import { from8, testFrom8 } from './versions/from-8'
import { from9 } from './versions/from-9'

/** Shelves of the bench whose records changed from version to version. */
export type RecordKind = 'machines' | 'stocks' | 'kerfs' | 'tests' | 'tastes' | 'events' | 'runs'

/** A record of the bench, brought up to the present version. @param from the version it was written by */
export function migrateRecord(kind: RecordKind, record: unknown, from: number, on: string): unknown {
  if (!isObject(record)) return record
  let now = record
  if (from < 2 && kind === 'stocks') now = stockFrom1(now, on)
  if (from < 2 && kind === 'kerfs') now = kerfFrom1(now, on)
  if (from < 3 && kind === 'tests') now = testFrom2(now)
  if (from < 3 && kind === 'stocks') now = stockFrom2(now)
  if (from < 3 && kind === 'machines') now = machineFrom2(now)
  if (from < 3 && kind === 'tastes') now = tasteFrom2(now)
  if (from < 4 && kind === 'machines') now = machineFrom3(now)
  if (from < 6 && kind === 'stocks') now = stockFrom5(now)
  if (from < 7 && kind === 'machines') now = machineFrom6(now) as Loose
  if (from < 7 && kind === 'stocks') now = stockFrom6(now) as Loose
  if (from < 8 && kind === 'stocks') now = stockFrom7(now) as Loose
  if (from < 9 && kind === 'tests') now = testFrom8(now)
  return now
}

/** One step per version; what is no job comes out as it went in, and the schema refuses it. */
const STEPS: Record<number, (job: Loose) => Loose> = {
  1: from1,
  2: from2,
  3: from3,
  4: from4,
  5: from5,
  6: from6,
  7: from7,
  8: from8,
  9: from9,
  10: from10,
}

/** Brings an older job up to the present version. @param from the version it was written by */
export function migrateJob(raw: Loose, from: number): Loose {
  let job = raw
  for (let version = from; version < JOB_VERSION; version++) job = STEPS[version]?.(job) ?? job
  return job
}

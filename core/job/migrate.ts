import { isObject, type RawRecord } from './raw-record'
import { from1, kerfFrom1, stockFrom1 } from './versions/from-1'
import { from10 } from './versions/from-10'
import { from11 } from './versions/from-11'
import { from12, runFrom12, tasteFrom12 } from './versions/from-12'
import { checkFrom13, from13 } from './versions/from-13'
import { from14, promiseFrom14, slotFrom14 } from './versions/from-14'
import { from15 } from './versions/from-15'
import { from16 } from './versions/from-16'
import { from17 } from './versions/from-17'
import { from18 } from './versions/from-18'
import { from19 } from './versions/from-19'
import { from2, machineFrom2, stockFrom2, tasteFrom2, testFrom2 } from './versions/from-2'
import { from20 } from './versions/from-20'
import { from21 } from './versions/from-21'
import { from3, machineFrom3 } from './versions/from-3'
import { from4 } from './versions/from-4'
import { from5, stockFrom5 } from './versions/from-5'
import { from6, machineFrom6, stockFrom6 } from './versions/from-6'
import { from7, stockFrom7 } from './versions/from-7'
import { from8, testFrom8 } from './versions/from-8'
import { from9 } from './versions/from-9'
import { JOB_VERSION } from './version'

/** Shelves of the bench whose records changed from version to version. */
export type RecordKind =
  | 'machines'
  | 'stocks'
  | 'kerfs'
  | 'tests'
  | 'tastes'
  | 'events'
  | 'runs'
  | 'checks'
  | 'promises'
  | 'orders'

/** What became of each kind of record, and after which version, in order. @param on the date that it gets */
const RECORD_STEPS: { after: number; kind: RecordKind; step: (record: RawRecord, on: string) => unknown }[] =
  [
    { after: 1, kind: 'stocks', step: stockFrom1 },
    { after: 1, kind: 'kerfs', step: kerfFrom1 },
    { after: 2, kind: 'tests', step: testFrom2 },
    { after: 2, kind: 'stocks', step: stockFrom2 },
    { after: 2, kind: 'machines', step: machineFrom2 },
    { after: 2, kind: 'tastes', step: tasteFrom2 },
    { after: 3, kind: 'machines', step: machineFrom3 },
    { after: 5, kind: 'stocks', step: stockFrom5 },
    { after: 6, kind: 'machines', step: machineFrom6 },
    { after: 6, kind: 'stocks', step: stockFrom6 },
    { after: 7, kind: 'stocks', step: stockFrom7 },
    { after: 8, kind: 'tests', step: testFrom8 },
    { after: 12, kind: 'tastes', step: tasteFrom12 },
    { after: 12, kind: 'runs', step: runFrom12 },
    { after: 13, kind: 'checks', step: checkFrom13 },
    { after: 14, kind: 'checks', step: slotFrom14 },
    { after: 14, kind: 'tastes', step: slotFrom14 },
    { after: 14, kind: 'promises', step: promiseFrom14 },
  ]

/** A record of the bench, brought up to the present version. @param from the version it was written by */
export function migrateRecord(kind: RecordKind, record: unknown, from: number, on: string): unknown {
  const steps = RECORD_STEPS.filter((each) => each.kind === kind && from <= each.after)
  return steps.reduce((now, { step }) => (isObject(now) ? step(now, on) : now), record)
}

/** One step per version; what is no job comes out as it went in, and the schema refuses it. */
const STEPS: Record<number, (job: RawRecord) => RawRecord> = {
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
  11: from11,
  12: from12,
  13: from13,
  14: from14,
  15: from15,
  16: from16,
  17: from17,
  18: from18,
  19: from19,
  20: from20,
  21: from21,
}

/** Brings an older job up to the present version. @param from the version it was written by */
export function migrateJob(raw: RawRecord, from: number): RawRecord {
  let job = raw
  for (let version = from; version < JOB_VERSION; version++) job = STEPS[version]?.(job) ?? job
  return job
}

import { z } from 'zod'
import { jobSchema, markSchema } from '../job'
import { OPERATIONS } from '../machine'
import { readJobValue } from './job-file'

const length = z.number().min(-20_000).max(20_000)
const point = z.strictObject({ x: length, y: length })
const text = z.string().max(120)

const pathSchema = z.strictObject({
  operation: z.enum(OPERATIONS),
  part: text,
  closed: z.boolean(),
  own: text.optional(),
  beside: text.optional(),
  /** x and y by turns, mm on the load. */
  at: z.array(length).max(400_000),
})

const loadSchema = z.strictObject({
  material: text,
  sheet: z.number().int().min(0).max(999),
  offcut: text.nullable(),
  outline: z.array(point).max(5000).nullable(),
  load: z.number().int().min(0).max(999),
  of: z.number().int().min(1).max(999),
  x: length,
  y: length,
  width: length,
  height: length,
  face: z.enum(['only', 'first', 'then']),
  aim: z.array(point).max(8),
  paths: z.array(pathSchema).max(400_000),
})

const amount = z.number().min(0).max(1e9)

/**
 * What was written to files once: the job as it was then, laid out, and every line of the plan. Log, extra
 * passes and the order of sheets go by it, never by a job that has changed since.
 */
const cutRecordSchema = z.strictObject({
  id: z.string().min(1).max(80),
  job: z.string().min(1).max(60),
  mark: markSchema,
  date: z.string().max(40),
  /** Of its plan, so that a job that changed since is known. */
  signature: z.string().max(40),
  laid: jobSchema,
  parts: z.array(z.strictObject({ id: text, label: z.string().max(200) })).max(4000),
  loads: z.array(loadSchema).max(800),
  total: z.strictObject({
    seconds: amount,
    cutting: amount,
    corners: amount,
    travel: amount,
    cutLength: amount,
    starts: amount,
    // Not counted before version 13.
    programs: amount.default(1),
  }),
})
export type CutRecord = z.infer<typeof cutRecordSchema>

/** Records that one job keeps; older ones go. */
export const MOST_RECORDS = 40

/** A record from a file or from storage; null where it cannot be read. */
export function readCutRecord(raw: unknown): CutRecord | null {
  if (typeof raw !== 'object' || raw === null || !('laid' in raw)) return null
  const laid = readJobValue(raw.laid)
  if (!laid.ok) return null
  return cutRecordSchema.safeParse({ ...raw, laid: laid.job }).data ?? null
}

import { ZodObject, type ZodType } from 'zod'
import { jobSchema, totalsRefusal, type Job } from '@core/job'
import { sentenceFor } from '@core/limits'
import { keepable as words } from './words'

/** Complaints about what changed between two values, with where they are; only what changed is looked at. */
function complaints(schema: ZodType, before: unknown, after: unknown, path: PropertyKey[]): string | null {
  if (before === after) return null
  const bothObjects =
    typeof before === 'object' && typeof after === 'object' && before !== null && after !== null
  if (!(schema instanceof ZodObject) || !bothObjects) {
    const read = schema.safeParse(after)
    if (read.success) return null
    const [issue] = read.error.issues
    return sentenceFor({ issues: [{ ...issue, path: [...path, ...issue.path] }] })
  }
  const shape = schema.shape as Record<string, ZodType>
  const unknown = Object.keys(after).find((key) => !(key in shape))
  if (unknown) return words.notKnownHere([...path, unknown].join(' → '))
  for (const [key, inner] of Object.entries(shape)) {
    const [was, is] = [(before as Record<string, unknown>)[key], (after as Record<string, unknown>)[key]]
    const found = complaints(inner, was, is, [...path, key])
    if (found) return found
  }
  return null
}

/**
 * Why a changed job could not be read back; null when it can.
 * @param before a job that can be kept
 */
export function jobRefusal(before: Job, after: Job): string | null {
  const found = complaints(jobSchema, before, after, [])
  const isOther = before.box !== after.box || before.also !== after.also
  const refusal = found ?? (isOther ? totalsRefusal(after) : null)
  return refusal && words.cannotKept(refusal)
}

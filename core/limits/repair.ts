import type { z } from 'zod'
import { placeOf } from './sentence'
import { repair as words } from './words'

/** A record brought within its limits, and what was changed for that. */
export interface Repaired<T> {
  value: T
  mended: string[]
}

type Holder = Record<PropertyKey, unknown>

/** More wrong values than this are not mended: the record is something else. */
const MOST_ISSUES = 200

function holderOf(root: unknown, path: PropertyKey[]): Holder | null {
  let holder = root
  for (const step of path.slice(0, -1)) {
    if (typeof holder !== 'object' || holder === null) return null
    holder = (holder as Holder)[step]
  }
  return typeof holder === 'object' && holder !== null ? (holder as Holder) : null
}

/** Brings a number, a text or a list within its limit. */
function clamped(issue: z.core.$ZodIssueTooBig | z.core.$ZodIssueTooSmall, value: unknown): unknown {
  const limit = Number(issue.code === 'too_big' ? issue.maximum : issue.minimum)
  if (typeof value === 'number') return issue.inclusive === false ? undefined : limit
  if (issue.code !== 'too_big') return undefined
  if (typeof value === 'string') return value.slice(0, limit)
  return Array.isArray(value) ? value.slice(-limit) : undefined // the newest stand last
}

/** Mends one complaint in place. @returns what was done, or null when nothing can be */
function mend(root: unknown, issue: z.core.$ZodIssue): string | null {
  if (issue.code === 'unrecognized_keys') {
    const holder = holderOf(root, [...issue.path, ''])
    for (const key of issue.keys) Reflect.deleteProperty(holder ?? {}, key)
    return holder && words.leftOut(placeOf(issue.path), issue.keys.join(', '))
  }
  if (issue.code !== 'too_big' && issue.code !== 'too_small') return null
  const holder = holderOf(root, issue.path)
  const key = issue.path[issue.path.length - 1]
  const value = holder && clamped(issue, holder[key])
  if (!holder || value === undefined || value === null) return null
  const before = holder[key]
  holder[key] = value
  return typeof value === 'number'
    ? `${placeOf(issue.path)}: ${String(before)} → ${value}`
    : words.cutLimit(placeOf(issue.path))
}

/**
 * Clamps what is out of its limits, so that a record that cannot be read can be used again.
 * @returns null when something is wrong that no limit explains
 */
export function repair<T>(schema: z.ZodType<T>, raw: unknown): Repaired<T> | null {
  const copy: unknown = JSON.parse(JSON.stringify(raw ?? null))
  const mended: string[] = []
  for (let round = 0; round < 20; round++) {
    const read = schema.safeParse(copy)
    if (read.success) return { value: read.data, mended }
    if (read.error.issues.length > MOST_ISSUES) return null
    for (const issue of read.error.issues) {
      const done = mend(copy, issue)
      if (done === null) return null
      mended.push(done)
    }
  }
  return null
}

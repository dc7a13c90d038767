import type { z } from 'zod'

/** Where in a record a value is, as words: `box → tabs → width`. */
export const placeOf = (path: PropertyKey[]): string =>
  path.map((step) => (typeof step === 'number' ? `number ${step + 1}` : String(step))).join(' → ') ||
  'the whole of it'

/** What is wrong with one value, as the end of a sentence. */
function complaint(issue: z.core.$ZodIssue): string {
  const { code } = issue
  if (code === 'too_big' || code === 'too_small') {
    const most = code === 'too_big' ? `at most ${String(issue.maximum)}` : `at least ${String(issue.minimum)}`
    if (issue.origin === 'string') return `may have ${most} letters`
    return issue.origin === 'array' ? `holds ${most} entries` : `is ${most}`
  }
  if (code === 'unrecognized_keys') return `has what is not known here: ${issue.keys.join(', ')}`
  if (code === 'invalid_type') return `is no ${issue.expected}`
  return `is none of what it may be`
}

/** One sentence for what a schema refuses: where, and what is wrong. */
export const sentenceFor = ({ issues: [issue] }: { issues: z.core.$ZodIssue[] }): string =>
  issue.code === 'custom' ? issue.message : `${placeOf(issue.path)} ${complaint(issue)}`

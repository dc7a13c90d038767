import type { z } from 'zod'
import { sentence as words } from './words'

/** A name of ours as one would say it: `sheetWidth` is `sheet width`. */
const said = (key: PropertyKey): string =>
  String(key)
    .replace(/([a-z])([A-Z])/g, '$1 $2')
    .toLowerCase()

/** Where in a record a value is, the nearest first: `width of tabs of box`, `reading 3 of stock`. */
export function placeOf(path: PropertyKey[]): string {
  const steps: string[] = []
  for (let i = 0; i < path.length; i++) {
    const next = path[i + 1]
    if (typeof path[i] === 'number') steps.push(`entry ${Number(path[i]) + 1}`)
    else if (typeof next === 'number') {
      steps.push(`${said(path[i]).replace(/s$/, '')} ${next + 1}`)
      i++
    } else steps.push(said(path[i]))
  }
  return steps.reverse().join(' of ') || words.theWholeOf
}

/** What may have been expected, in words. */
const EXPECTED: Record<string, string> = {
  int: 'a whole number',
  string: 'text',
  array: 'a list',
  object: 'a record',
  boolean: 'yes or no',
}

/** What is wrong with one value, as the end of a sentence. */
function complaint(issue: z.core.$ZodIssue): string {
  const { code } = issue
  if (code === 'too_big' || code === 'too_small') {
    const most = code === 'too_big' ? `at most ${String(issue.maximum)}` : `at least ${String(issue.minimum)}`
    if (issue.origin === 'string') return `may have ${most} letters`
    return issue.origin === 'array' ? `holds ${most} entries` : `is ${most}`
  }
  if (code === 'unrecognized_keys') return words.somethingUnknown(issue.keys.join(', '))
  if (code === 'invalid_type') return `is not ${EXPECTED[issue.expected] ?? `a ${issue.expected}`}`
  return words.notChoices
}

/** One sentence for what a schema refuses: where, and what is wrong. */
export const sentenceFor = ({ issues: [issue] }: { issues: z.core.$ZodIssue[] }): string =>
  issue.code === 'custom' ? issue.message : `${placeOf(issue.path)} ${complaint(issue)}`

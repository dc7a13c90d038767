import { randomUUID } from 'node:crypto'
import { readVariants, variantSteps } from '../../core/derive'
import { writeJob } from '../../core/keep'
import { IN_METRIC } from '../../core/length'
import { readArguments } from './arguments'
import { readJobFile, readText } from './read-job-file'
import { refuse } from './refuse'
import { writeText } from './write-answer'

/** Makes a job with a box for every row of a table; rows that make none are named. */
export function runTable(args: string[], usage: string): void {
  const parsed = readArguments(args, usage, { out: { type: 'string' } })
  const [file, table] = parsed.positionals
  const { out } = parsed.values
  if (!file || !table || !out) return refuse(usage)
  const pattern = readJobFile(file)
  const read = readVariants(readText(table), pattern, 'mm')
  if (!read.ok) return refuse(read.error)
  const name = `${pattern.name}, from a table`.slice(0, 80)
  const about = { id: `made-${randomUUID()}`, name, changed: new Date().toISOString() }
  const steps = variantSteps(pattern, read.variants, about, IN_METRIC)
  let step = steps.next()
  while (!step.done) step = steps.next()
  const { job, refused } = step.value
  for (const { row, why } of [...read.refused, ...refused].sort((a, b) => a.row - b.row))
    console.error(`Row ${row} makes no box: ${why}`)
  if (!job) return refuse('No row of the table makes a box.')
  writeText(out, writeJob(job))
}

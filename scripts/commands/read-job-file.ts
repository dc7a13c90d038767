import { existsSync, readFileSync, statSync } from 'node:fs'
import { resolve } from 'node:path'
import type { Job } from '../../core/job'
import { isEverything, JOB_FILE_LIMIT, readEverything, readJob, type Everything } from '../../core/keep'
import { refuse } from './refuse'

/** A file's text, or a sentence why it has none. */
export function readText(file: string): string {
  const path = resolve(file)
  if (!existsSync(path) || !statSync(path).isFile())
    refuse(`There is no file ${file}. Give the path of one that is there.`)
  if (statSync(path).size > JOB_FILE_LIMIT)
    refuse(
      `${file} is larger than ${JOB_FILE_LIMIT / 1e6} MB, too large for a job. Choose a file that ` +
        'Uplands exported.',
    )
  return readFileSync(path, 'utf8')
}

/** The job in a file, or a sentence why it is none. */
export function readJobFile(file: string): Job {
  const read = readJob(readText(file))
  return read.ok ? read.job : refuse(read.error)
}

/** A job of a file, and the bench where the file holds everything. */
export function readJobAndBench(
  file: string,
  name: string | undefined,
): { job: Job; bench: Everything['bench'] | null } {
  const text = readText(file)
  if (!isEverything(text)) {
    const read = readJob(text)
    return read.ok ? { job: read.job, bench: null } : refuse(read.error)
  }
  const read = readEverything(text)
  if (!read.ok) return refuse(read.error)
  const { jobs, bench } = read.everything
  const job = name === undefined && jobs.length === 1 ? jobs[0] : jobs.find((each) => each.name === name)
  if (!job) {
    const names = jobs.map((each) => `“${each.name}”`).join(', ')
    return refuse(`The file holds ${jobs.length} jobs: say which by --job NAME. It has ${names || 'none'}.`)
  }
  return { job, bench }
}
